import { z } from 'zod'
import { stepOrderSchema } from '../candidates/stepOrder'

/** What all fill steps have in common. */
export const commonParts = {
  /** Whose: what the page is about, or what is in the cart. */
  subjects: z.enum(['page', 'cart']),
  /** How many places it fills at most; null: as many as there are. */
  cap: z.int().min(1).max(48).nullable(),
  /** Passed over. */
  off: z.boolean(),
}
export interface CommonParts {
  from: string
  subjects: 'page' | 'cart'
  cap: number | null
  off: boolean
}

export const handOrdersSchema = stepOrderSchema.exclude(['strength'])
export const scoredOrdersSchema = stepOrderSchema.exclude(['hand'])
