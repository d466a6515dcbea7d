import type { AnswerContext } from '../../core/delivery/answerContext'
import { shownItems } from '../../core/delivery/shownItems'
import type { LiveShop } from '../live/liveShop'

/** How catalogue facts are told to who asks now, in this language. @param withDrafts of what is drafted shoppers are told nothing */
export function answerContextOf(shop: LiveShop, lang: string | undefined, withDrafts = false): AnswerContext {
  const items = withDrafts ? shop.catalogue : shownItems(shop.catalogue)
  return { settings: shop.settings, language: shop.languageFor(lang), at: shop.now(), items }
}
