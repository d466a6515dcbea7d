import { z } from 'zod'
import { sku } from '../catalogue/sku'
import { kindKey } from '../links/kind'
import { rule } from '../rules/rule'
import type { Order } from '../candidates/order'
import { freeOrders, order } from '../candidates/order'

/** At most this many products are chosen for a step. */
const mostChosen = 200

const common = {
  /** Whose: what the page is about, or what is in the cart. */
  subjects: z.enum(['page', 'cart']),
  /** How many places it fills at most; null: as many as there are. */
  cap: z.int().min(1).max(48).nullable(),
  /** Passed over. */
  off: z.boolean(),
}
const handOrders = order.exclude(['strength'])
const scoredOrders = order.exclude(['hand'])

/** Which categories are related to one. */
export const nearness = z.enum(['chosen', 'beside', 'below'])
export type Nearness = z.infer<typeof nearness>

/** One source of candidates of a section. */
export const fillStep = z.discriminatedUnion('from', [
  /** Products linked by hand as one kind. */
  z.strictObject({ from: z.literal('links'), kind: kindKey, order: handOrders, ...common }),
  /** Products with at least so many of the subject's traits. */
  z.strictObject({
    from: z.literal('traits'),
    /** Which traits count, and one attribute if wanted. */
    traits: z.array(z.enum(['category', 'brand', 'tag'])), attribute: z.string().min(1).max(64).nullable(),
    least: z.int().min(1).max(50), order: scoredOrders, ...common,
  }),
  /** Targets that a matching rule picks for the subject. */
  z.strictObject({ from: z.literal('rule'), rule, order: freeOrders, ...common }),
  /** Bought together with the subject in past orders. */
  z.strictObject({ from: z.literal('boughtTogether'), order: scoredOrders, ...common }),
  /** The same products for everyone. */
  z.strictObject({ from: z.literal('chosen'), targets: z.array(sku).max(mostChosen), order: handOrders, ...common }),
  /** The products of one category, with or without those of the categories below it. */
  z.strictObject({ from: z.literal('category'), category: z.string().min(1), below: z.boolean(), order: freeOrders, ...common }),
  /** Best sellers of the whole shop, or of the subject's categories or brand. */
  z.strictObject({ from: z.literal('bestSellers'), of: z.enum(['all', 'category', 'brand']), ...common }),
  /** The newest products of the whole shop, or of the subject's categories or brand. */
  z.strictObject({ from: z.literal('newest'), of: z.enum(['all', 'category', 'brand']), ...common }),
  /** What the shopper looked at before, most recent first. */
  z.strictObject({ from: z.literal('recentlyViewed'), order: handOrders, ...common }),
  /** What an article names. */
  z.strictObject({ from: z.literal('named'), order: handOrders, ...common }),
  /**
   * On the page of a category: those beside it, those directly below it, or those chosen for it on the bench. Tiles show the categories;
   * any other layout their products, the first of each before any second.
   */
  z.strictObject({ from: z.literal('relatedCategories'), of: nearness, order: freeOrders, ...common }),
  /** Bundles that contain the subject. */
  z.strictObject({ from: z.literal('bundles'), order: freeOrders, ...common }),
])
export type FillStep = z.infer<typeof fillStep>
export type StepSource = FillStep['from']

/** Whether what a step yields depends on its subjects. */
export function needsSubjects(step: FillStep): boolean {
  switch (step.from) {
    case 'chosen': case 'category': case 'recentlyViewed': case 'named': case 'relatedCategories': return false
    case 'bestSellers': case 'newest': return step.of !== 'all'
    default: return true
  }
}

/** The orders that the candidates of a step can be put into. */
export function stepOrders(step: FillStep): readonly Order[] {
  switch (step.from) {
    case 'links': case 'chosen': case 'recentlyViewed': case 'named': return handOrders.options
    case 'traits': case 'boughtTogether': return scoredOrders.options
    case 'rule': case 'category': case 'relatedCategories': case 'bundles': return freeOrders.options
    default: return []
  }
}

/** A step of products linked by hand, in hand order. */
export const linkStep = (kind: string, subjects: FillStep['subjects'] = 'page'): FillStep =>
  ({ from: 'links', kind, order: 'hand', subjects, cap: null, off: false })
