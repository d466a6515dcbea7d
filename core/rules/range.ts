import { z } from 'zod'

/**
 * From a number, to a number, or between two, both included. A range that begins after its end is taken, so that
 * a half-finished rule can be kept; nothing is in it, and the checks say so.
 */
export const rangeSchema = z
  .strictObject({ from: z.number().optional(), to: z.number().optional() })
  .refine(({ from, to }) => from !== undefined || to !== undefined, 'Say from what, or to what.')
export type Range = z.infer<typeof rangeSchema>

export const isWithin = (value: number, { from, to }: Range) => (from === undefined || value >= from) && (to === undefined || value <= to)

/**
 * Whether a price lies within a range of percents of another one, reckoned in whole numbers.
 * @param price minor units
 * @param of minor units: what the percents are of
 */
export function isWithinPercent(price: number, of: number, { from, to }: Range): boolean {
  return (from === undefined || price * 100 >= from * of) && (to === undefined || price * 100 <= to * of)
}
