import { zoneBlocks } from './zoneBlocks'
import { stepTypeOf } from '../fillSteps/fillStep'
import type { ExplainedCandidate, HeldBackReason, HiddenReason, IdleReason, PageAnswer, DeliveredStep, TileReason } from './contract/pages'

/*
 * The reasons that a page's answer gives as codes, in plain words for the studio.
 */

/** Names of kinds of links by their keys. */
type KindName = (key: string) => string

/** Why a product is shown. */
export const shownWords = (step: DeliveredStep, shown: ExplainedCandidate, kindName: KindName): string =>
  stepTypeOf(step).shownWords(shown, () => kindName(step.kind!).toLowerCase())

/** Where a step looks for products. */
export function stepWords(step: DeliveredStep, kindName: KindName): string {
  const words = stepTypeOf(step).sourceWords(() => kindName(step.kind!).toLowerCase())
  return step.kind !== undefined && step.subjects === 'cart' ? `${words} to what is in the cart` : words
}

/** Why a candidate of a section is not shown. */
export function heldBackWords(reason: HeldBackReason, sku: string, page: PageAnswer, section: string): string {
  switch (reason) {
    case 'self':
      return 'what the page is about'
    case 'notForSale':
      return 'not for sale now'
    case 'outOfStock':
      return 'out of stock since it has 0 left'
    case 'inCart':
      return 'in the cart'
    case 'shownEarlier': {
      const above = zoneBlocks(page)
        .map(each => (each.section ?? each.offer)!)
        .find(each => each.key !== section && each.items.some(item => item.sku === sku))
      return above ? `already shown in “${above.heading}” above` : 'already shown above'
    }
    case 'duplicate':
      return 'already shown in this section'
    case 'priceBand':
      return 'outside the price band'
    case 'excluded':
      return 'left out'
    case 'lowMargin':
      return 'margin too low'
    case 'outsideDates':
      return 'outside its dates'
    case 'noRoom':
      return 'no place left'
  }
}

/** Why a category of a section of tiles is not shown. */
export function tileWords(reason: TileReason): string {
  switch (reason) {
    case 'emptyCategory':
      return 'nothing in it is for sale'
    case 'duplicate':
      return 'already shown in this section'
    case 'noRoom':
      return 'no place left'
  }
}

/** Why a section is not on the page. */
export function hiddenWords(reason: HiddenReason): string {
  switch (reason) {
    case 'off':
      return 'switched off'
    case 'outsideDates':
      return 'outside its dates'
    case 'switchedOffHere':
      return 'switched off for this product'
    case 'cartEmpty':
      return 'the cart is empty'
    case 'nothingFound':
      return 'nothing to show'
    case 'belowMinimum':
      return 'too few products to show'
  }
}

/** Why a step looked for nothing. */
export function idleWords(reason: IdleReason): string {
  switch (reason) {
    case 'off':
      return 'switched off'
    case 'cartEmpty':
      return 'the cart is empty'
    case 'noSubject':
      return 'the page is about no product'
    case 'retiredKind':
      return 'this kind of link is retired'
    case 'noCategory':
      return 'the page is about no category'
    case 'noArticle':
      return 'the page is no article'
    case 'noTiles':
      return 'it finds products, and tiles show categories'
    case 'noSuchCategory':
      return 'the category is gone'
    case 'noData':
      return 'there is nothing to go by yet'
  }
}
