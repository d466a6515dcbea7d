import { counted } from '../text/sentence'
import type { Check } from './check'

/** What a check is called, what it means for the shopper, and what can be done. */
interface CheckWords {
  title: string
  /** For the shopper, and what to do. */
  meaning: string
  /** What mending does, on one finding and on several: {n} is “all 12”, or “the first 2,000”. */
  mend?: { one: string; several: string }
}

const unlink = { one: 'Unlink', several: 'Unlink {n}' }

export const checkWords: Record<Check, CheckWords> = {
  sectionBlank: {
    title: 'Sections that stay blank',
    meaning:
      'On these pages the section is missing altogether. Link products by hand, or add a fill step that finds some for every product.',
  },
  sectionThin: {
    title: 'Sections with places left',
    meaning: 'On these pages fewer products are shown than there is room for. Another fill step at the end can fill the rest.',
  },
  laneOutOfStock: {
    title: 'Lanes with nothing in stock',
    meaning: 'Everything that was picked is out of stock, so shoppers see none of it. Link something that is there, or let a rule fill in.',
  },
  ruleNever: { title: 'Rules that never match', meaning: 'The step finds nothing on any page. Loosen a condition, or take the step out.' },
  targetOutOfStock: {
    title: 'Links to products out of stock',
    meaning: 'These are held back until there is stock again, and return by themselves. Unlink what won’t come back.',
    mend: unlink,
  },
  targetNotForSale: {
    title: 'Links to products not for sale',
    meaning: 'A draft, a product without a price or one that is not released yet is held back until it is for sale.',
    mend: unlink,
  },
  targetRetired: {
    title: 'Links to retired products',
    meaning: 'A retired product is never shown again. The link only takes a place in the lane.',
    mend: unlink,
  },
  linkOver: {
    title: 'Links past their date',
    meaning: 'Their last day is over, so they are not shown any more. Unlink them, or give them new dates on the bench.',
    mend: unlink,
  },
  sameShown: {
    title: 'Sections that show the same',
    meaning:
      'Left to themselves, two sections of one page would show the same products on most pages. The second gets only what the first ' +
      'leaves over. Let each find something of its own.',
  },
  ruleNearlyAll: {
    title: 'Rules that match nearly everything',
    meaning: 'The step hardly chooses: almost every product of the shop passes, so what shoppers see is the order alone. Add a condition.',
  },
  severalLanes: {
    title: 'Products in several lanes',
    meaning:
      'A product is linked as more than one kind. Shoppers see it in the first section of the page, and its other places go to waste.',
    mend: { one: 'Unlink here', several: 'Unlink {n}' },
  },
  overCeiling: {
    title: 'Lanes over their ceiling',
    meaning: 'More is linked than the kind’s ceiling. Too many picks crowd the page, or are never seen.',
    mend: { one: 'Unlink what is over', several: 'Shorten {n}' },
  },
  cheaperThanSource: {
    title: 'Upsells cheaper than their source',
    meaning: 'For this kind of link a dearer or better product is expected. A cheaper one sells less than the shopper came for.',
    mend: unlink,
  },
  dearerThanSource: {
    title: 'Accessories dearer than what they go with',
    meaning: 'For this kind of link a cheaper product is expected. One that costs more than the thing itself puts shoppers off.',
    mend: unlink,
  },
  notLinkedTo: {
    title: 'Products that nothing links to',
    meaning: 'No lane of any other product leads shoppers here. Link it where it helps, or let a rule find it.',
  },
  bundleEmpty: {
    title: 'Bundles with nothing to sell',
    meaning:
      'The bundle has no parts yet, a group of it sells nothing, or fewer can be picked than have to be. Add parts, or retire the bundle.',
  },
  bundleInside: { title: 'Bundles in a bundle', meaning: 'A bundle can’t be sold as a part of another. Put its own parts in.' },
  bundlePartGone: {
    title: 'Bundles with retired parts',
    meaning: 'A retired product is never sold again: the bundle, or this choice of it, can’t be bought. Put another product in its place.',
  },
  bundlePartNotForSale: {
    title: 'Bundles with parts not for sale',
    meaning:
      'A draft, a product without a price or one that is not released yet keeps the bundle, or this choice of it, from being bought.',
  },
  bundleUnmapped: {
    title: 'Bundles with combinations without a product',
    meaning: 'What has no product can’t be chosen. Choose one for each combination, or mark it as not sold.',
  },
  bundleOutOfStock: {
    title: 'Bundles out of stock',
    meaning: 'Of a part there is less than one bundle takes, so the bundle can’t be bought until there is stock again.',
  },
  bundleDearer: {
    title: 'Bundles dearer than their parts',
    meaning: 'Shoppers who put the parts into the cart one by one pay less. Lower the price of the bundle.',
  },
  bundleNoSaving: {
    title: 'Bundles that save nothing',
    meaning: 'The bundle costs as much as its parts, in at least one choice. If that is meant, put it aside; otherwise lower the price.',
  },
  bundleLowMargin: {
    title: 'Bundles with a low margin',
    meaning: 'In at least one choice the margin is under the bundle’s floor, or the bundle is given away.',
  },
  bundleTwin: {
    title: 'Bundles with the same contents',
    meaning: 'Two bundles on sale have the same in them. Shoppers wonder which is the better one. Retire one of them.',
  },
  returnMissing: {
    title: 'Links back that are missing',
    meaning: 'For a mutual kind, a link from one product calls for one back. Shoppers of the other product don’t find this one.',
    mend: { one: 'Link back', several: 'Link {n} back' },
  },
}

/** What mending so many findings of a check did, in words for the history. */
export function mendedWords(check: Check, count: number): string {
  switch (check) {
    case 'returnMissing':
      return `Linked back from ${counted(count, 'product')}`
    case 'overCeiling':
      return `Shortened ${counted(count, 'lane')} to the ceiling`
    case 'targetOutOfStock':
      return `Removed ${counted(count, 'link')} to products out of stock`
    case 'targetNotForSale':
      return `Removed ${counted(count, 'link')} to products not for sale`
    case 'targetRetired':
      return `Removed ${counted(count, 'link')} to retired products`
    case 'linkOver':
      return `Removed ${counted(count, 'link')} past ${count === 1 ? 'its date' : 'their dates'}`
    case 'severalLanes':
      return `Removed ${counted(count, 'link')} to products that stand in another lane too`
    case 'cheaperThanSource':
      return `Removed ${counted(count, 'link')} to products cheaper than their source`
    case 'dearerThanSource':
      return `Removed ${counted(count, 'link')} to products dearer than their source`
    default:
      return ''
  }
}
