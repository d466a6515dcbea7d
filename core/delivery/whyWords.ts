import type { ExplainedCandidate, HeldBackReason, HiddenReason, IdleReason, PageAnswer, StepStory, TileReason } from './contract'

/*
 * The reasons that a page's answer gives as codes, in plain words for the studio.
 */

/** Names of kinds of links by their keys. */
type KindName = (key: string) => string

/** Why a product is shown. */
export function shownWords(step: StepStory, { place, strength }: ExplainedCandidate, kindName: KindName): string {
  switch (step.from) {
    case 'links': return `linked by hand as ${kindName(step.kind!).toLowerCase()}, place ${place}`
    case 'traits': return strength === 1 ? 'shares a trait' : `shares ${strength} traits`
    case 'rule': return 'picked by the rule'
    case 'boughtTogether': return 'bought together'
    case 'chosen': return `chosen for this section, place ${place}`
    case 'category': return 'from the category'
    case 'bestSellers': return place === 1 ? 'the best seller' : `best seller number ${place}`
    case 'newest': return place === 1 ? 'the newest' : `number ${place} of the newest`
    case 'recentlyViewed': return 'viewed before'
    case 'named': return 'named in the article'
    case 'relatedCategories': return 'from a related category'
    case 'bundles': return 'a bundle with it'
  }
}

/** Where a step looks for products. */
export function stepWords(step: StepStory, kindName: KindName): string {
  const whose = step.subjects === 'cart' ? ' to what is in the cart' : ''
  switch (step.from) {
    case 'links': return `linked by hand as ${kindName(step.kind!).toLowerCase()}${whose}`
    case 'traits': return 'products that share traits'
    case 'rule': return 'products that a rule picks'
    case 'boughtTogether': return 'products bought together'
    case 'chosen': return 'products chosen for this section'
    case 'category': return 'products of a category'
    case 'bestSellers': return 'best sellers'
    case 'newest': return 'the newest products'
    case 'recentlyViewed': return 'what was viewed before'
    case 'named': return 'what the article names'
    case 'relatedCategories': return 'related categories'
    case 'bundles': return 'bundles with the product'
  }
}

/** Why a candidate of a section is not shown. */
export function heldBackWords(reason: HeldBackReason, sku: string, page: PageAnswer, section: string): string {
  switch (reason) {
    case 'self': return 'what the page is about'
    case 'notForSale': return 'not for sale now'
    case 'outOfStock': return 'out of stock since it has 0 left'
    case 'inCart': return 'in the cart'
    case 'shownEarlier': {
      const above = page.sections.find(each => each.key !== section && each.items.some(item => item.sku === sku))
      return above ? `already shown in “${above.heading}” above` : 'already shown above'
    }
    case 'duplicate': return 'already shown in this section'
    case 'priceBand': return 'outside the price band'
    case 'excluded': return 'left out'
    case 'lowMargin': return 'margin too low'
    case 'outsideDates': return 'outside its dates'
    case 'noRoom': return 'no place left'
  }
}

/** Why a category of a section of tiles is not shown. */
export function tileWords(reason: TileReason): string {
  switch (reason) {
    case 'emptyCategory': return 'nothing in it is for sale'
    case 'duplicate': return 'already shown in this section'
    case 'noRoom': return 'no place left'
  }
}

/** Why a section is not on the page. */
export function hiddenWords(reason: HiddenReason): string {
  switch (reason) {
    case 'off': return 'switched off'
    case 'outsideDates': return 'outside its dates'
    case 'switchedOffHere': return 'switched off for this product'
    case 'cartEmpty': return 'the cart is empty'
    case 'nothingFound': return 'nothing to show'
    case 'belowMinimum': return 'too few products to show'
  }
}

/** Why a step looked for nothing. */
export function idleWords(reason: IdleReason): string {
  switch (reason) {
    case 'off': return 'switched off'
    case 'cartEmpty': return 'the cart is empty'
    case 'noSubject': return 'the page is about no product'
    case 'retiredKind': return 'this kind of link is retired'
    case 'noCategory': return 'the page is about no category'
    case 'noArticle': return 'the page is no article'
    case 'noTiles': return 'it finds products, and tiles show categories'
    case 'noSuchCategory': return 'the category is gone'
    case 'noData': return 'there is nothing to go by yet'
  }
}
