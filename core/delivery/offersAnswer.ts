import { mapValues } from 'es-toolkit'
import type { CatalogueItem } from '../catalogue/catalogue'
import type { LookBook } from '../looks/lookBook'
import type { Offer } from '../offers/offer'
import type { OfferOnPage } from '../selection/resolvedPage'
import type { Text } from '../text/text'
import type { PricesBeside } from '../pricing/pricesBeside'
import { textIn } from '../text/text'
import type { AnswerContext } from './answerContext'
import type { PageAnswer } from './contract/pages'
import { deliveredProduct, itemName } from './deliveredItem'

/**
 * The offers of a page as a shop gets them.
 * @param prices beside what is in the cart
 * @param explain with those that are not made, and what is missing from the others
 */
export function offersAnswer(
  lists: readonly OfferOnPage[],
  looks: LookBook,
  { settings, language, items }: AnswerContext,
  prices: PricesBeside,
  explain: boolean,
): Pick<PageAnswer, 'offers' | 'hiddenOffers'> {
  const words = (text: Text) => textIn(text, language, settings.language)
  const head = ({ offer, product }: OfferOnPage) => ({ key: offer.key, heading: words(offer.heading), subject: product.sku })
  const left = (list: OfferOnPage) => list.left.map(({ item, reason }) => ({ ...named(item), reason }))
  const named = (item: CatalogueItem) => ({ sku: (item.variant ?? item.product).sku, name: itemName(item, words) })
  const shown = lists.filter(list => !list.hidden)
  return {
    ...(shown.length && {
      offers: shown.map(list => ({
        ...head(list),
        zone: list.zone!,
        sectionsAbove: list.sectionsAbove,
        layout: list.offer.layout,
        parts: list.offer.parts,
        style: looks.styleOf(list.offer.look),
        texts: mapValues(list.offer.texts, words),
        reduction: reductionOf(list.offer),
        items: list.items.map(item => ({
          ...deliveredProduct(item, settings, language, items),
          together: prices.of(item, list.product)?.price ?? null,
        })),
        ...(explain && { left: left(list) }),
      })),
    }),
    ...(explain && {
      hiddenOffers: lists.flatMap(list => (list.hidden ? { ...head(list), zone: list.zone, reason: list.hidden, left: left(list) } : [])),
    }),
  }
}

function reductionOf({ reduction }: Offer): { percent: number | null; amount: number | null } | null {
  return (
    reduction && {
      percent: reduction.by === 'percent' ? reduction.percent : null,
      amount: reduction.by === 'amount' ? reduction.amount : null,
    }
  )
}
