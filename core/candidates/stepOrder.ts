import { z } from 'zod'

/**
 * How the candidates of a fill step are put in order, before the places cut it off. Every order ends with SKU ascending.
 * Products without what an order looks at (no price, no date of release, no cost) come last.
 */
export const stepOrderSchema = z.enum([
  /** As they were put by hand, or as they were viewed. */
  'hand',
  /** By how much they have in common with the subject. */
  'strength',
  'cheapest',
  'dearest',
  /** By name in the shop's own language. */
  'name',
  'newest',
  'oldest',
  /** By units sold. */
  'best-selling',
  /** By margin in percent of the price, the highest first. */
  'margin',
  /** Mixed, the same for one visitor all through a UTC day. */
  'shuffle',
  /** Mixed anew with every view. */
  'shuffle-every-view',
])
export type StepOrder = z.infer<typeof stepOrderSchema>

/** The orders that any list of products can be put into. */
export const freeStepOrdersSchema = stepOrderSchema.exclude(['hand', 'strength'])
export type FreeStepOrder = z.infer<typeof freeStepOrdersSchema>
