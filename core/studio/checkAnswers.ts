import { z } from 'zod'
import { check, finding } from '../checks/check'

/*
 * What the studio asks and is told of the checks.
 */

/** Every check with how much it found; null while it is not known yet. */
export const checksAnswer = z.object({
  checks: z.array(z.object({
    check,
    count: z.int().nullable(),
    /** Why all that it finds is put aside; null: it isn't. */
    aside: z.string().nullable(),
  })),
  /** How many findings were put aside one by one. */
  putAside: z.int(),
  /** Work done, of how much. */
  done: z.int(),
  total: z.int(),
  /** Every change is counted in. */
  settled: z.boolean(),
})
export type ChecksAnswer = z.infer<typeof checksAnswer>

/** One end of a finding, as people know it. */
const thing = z.object({ key: z.string(), name: z.string(), image: z.string().nullable() })

/** A finding in words, with what it is about. */
export const findingRow = z.object({
  finding,
  /** The product, or the section. */
  source: thing,
  /** The target, or the other section. */
  target: thing.nullable(),
  words: z.string(),
  /** How much of its pages, or of the catalogue, it is about: 0 to 1; null where that says nothing. */
  share: z.number().nullable(),
  /** Why it was put aside; null: it was not. */
  reason: z.string().nullable(),
})
export type FindingRow = z.infer<typeof findingRow>

export const findingsAnswer = z.object({ total: z.int(), rows: z.array(findingRow) })
export type FindingsAnswer = z.infer<typeof findingsAnswer>

const page = { offset: z.coerce.number().int().min(0).default(0), limit: z.coerce.number().int().min(1).max(2000).default(100) }
export const findingsQuery = z.object({ check, ...page })
export const putAsideQuery = z.object(page)
