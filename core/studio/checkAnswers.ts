import { z } from 'zod'
import { checkSchema, findingSchema } from '../checks/check'

/*
 * What the studio asks and is told of the checks.
 */

/** Every check with how much it found; null while it is not known yet. */
export const checksAnswerSchema = z.object({
  checks: z.array(
    z.object({
      check: checkSchema,
      count: z.int().nullable(),
      /** Why all that it finds is put aside; null: it isn't. */
      aside: z.string().nullable(),
    }),
  ),
  /** How many findings were put aside one by one. */
  putAside: z.int(),
  /** Work done, of how much. */
  done: z.int(),
  total: z.int(),
  /** Every change is counted in. */
  settled: z.boolean(),
})
export type ChecksAnswer = z.infer<typeof checksAnswerSchema>

/** One end of a finding, as people know it. */
const thingSchema = z.object({ key: z.string(), name: z.string(), image: z.string().nullable() })

/** A finding in words, with what it is about. */
export const findingRowSchema = z.object({
  finding: findingSchema,
  /** The product, or the section. */
  source: thingSchema,
  /** The target, or the other section. */
  target: thingSchema.nullable(),
  words: z.string(),
  /** How much of its pages, or of the catalogue, it is about: 0 to 1; null where that says nothing. */
  share: z.number().nullable(),
  /** Why it was put aside; null: it was not. */
  reason: z.string().nullable(),
})
export type FindingRow = z.infer<typeof findingRowSchema>

export const findingsAnswerSchema = z.object({ total: z.int(), rows: z.array(findingRowSchema) })
export type FindingsAnswer = z.infer<typeof findingsAnswerSchema>

const page = { offset: z.coerce.number().int().min(0).default(0), limit: z.coerce.number().int().min(1).max(2000).default(100) }
export const findingsQuerySchema = z.object({ check: checkSchema, ...page })
export const putAsideQuerySchema = z.object(page)
