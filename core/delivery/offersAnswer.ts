import type { CatalogueItem } from '../catalogue/catalogue'
import type { OfferList } from '../offers/offerLists'
import { textIn } from '../text/text'
import type { AnswerContext } from './answerContext'
import type { PageAnswer } from './contract/pages'
import { deliveredProduct, itemName } from './deliveredItem'

/** The offers of a page as a shop gets them. @param explain with those that are not made, and what is missing from the others */
export function offersAnswer(
  lists: readonly OfferList[],
  { settings, language, items }: AnswerContext,
  explain: boolean,
): Pick<PageAnswer, 'offers' | 'hiddenOffers'> {
  const words = (text: OfferList['offer']['heading']) => textIn(text, language, settings.language)
  const head = ({ offer, product }: OfferList) => ({ key: offer.key, heading: words(offer.heading), subject: product.sku })
  const left = (list: OfferList) => list.left.map(({ item, reason }) => ({ ...named(item), reason }))
  const named = (item: CatalogueItem) => ({ sku: (item.variant ?? item.product).sku, name: itemName(item, words) })
  const shown = lists.filter(list => !list.hidden)
  return {
    ...(shown.length && {
      offers: shown.map(list => ({
        ...head(list),
        reduction: reductionOf(list.offer),
        items: list.items.map(item => deliveredProduct(item, settings, language, items)),
        ...(explain && { left: left(list) }),
      })),
    }),
    ...(explain && { hiddenOffers: lists.flatMap(list => (list.hidden ? { ...head(list), reason: list.hidden, left: left(list) } : [])) }),
  }
}

function reductionOf({ reduction }: OfferList['offer']): { percent: number | null; amount: number | null } | null {
  return (
    reduction && {
      percent: reduction.by === 'percent' ? reduction.percent : null,
      amount: reduction.by === 'amount' ? reduction.amount : null,
    }
  )
}
