import type { AnswerContext } from '../../core/delivery/answerContext'
import type { LiveShop } from '../live/liveShop'

/** How catalogue facts are told to who asks now, in this language. */
export function answerContextOf(shop: LiveShop, lang: string | undefined): AnswerContext {
  return { settings: shop.settings, language: shop.languageFor(lang), at: shop.now(), items: shop.catalogue }
}
