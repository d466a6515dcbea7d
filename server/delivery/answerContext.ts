import type { AnswerContext } from '../../core/delivery/answerContext'
import { shownItems } from '../../core/delivery/shownItems'
import type { WantedLine } from '../../core/pricing/cart'
import type { OfferShop } from '../../core/offers/offered'
import { PricesBeside } from '../../core/pricing/pricesBeside'
import type { LiveShop } from '../live/liveShop'

interface Asked {
  lang?: string
  at?: string
}

/** How catalogue facts are told in a language, as of a moment. @param withDrafts of what is drafted shoppers are told nothing */
export function answerContextOf(shop: LiveShop, { lang, at }: Asked, withDrafts = false): AnswerContext {
  const items = withDrafts ? shop.catalogue : shownItems(shop.catalogue)
  return { settings: shop.settings, language: shop.languageFor(lang), at: shop.momentAt(at), items }
}

/** The same, with what things cost beside what is in a cart. @param shown whose offers count */
export function pricedContextOf(
  shop: LiveShop,
  { cart, ...asked }: Asked & { cart: readonly WantedLine[] },
  shown: OfferShop = shop,
  withDrafts = false,
): AnswerContext {
  const context = answerContextOf(shop, asked, withDrafts)
  return { ...context, ...(cart.length && { prices: new PricesBeside(cart, shown, context.at) }) }
}
