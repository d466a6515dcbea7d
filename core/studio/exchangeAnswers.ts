import { z } from 'zod'

/*
 * What the studio is told of files in and out.
 */

/** The kinds and formats of files that Manada reads and writes. */
export const exchangeAnswerSchema = z.object({
  kinds: z.array(
    z.object({
      kind: z.string(),
      name: z.string(),
      holds: z.string(),
      columns: z.array(z.string()),
      /** The column that tells a file of this kind from those of the kinds behind it. */
      toldBy: z.string(),
    }),
  ),
  formats: z.array(z.object({ format: z.string(), name: z.string(), mediaType: z.string(), extension: z.string() })),
})
export type ExchangeAnswer = z.infer<typeof exchangeAnswerSchema>

/** How far an import is. */
export const importProgressSchema = z.object({
  stage: z.enum(['receiving', 'reading', 'writing']),
  rows: z.int(),
  bytes: z.int(),
  size: z.int(),
  /** Rows of the file; 0: not known yet. */
  of: z.int(),
})
export type ImportProgress = z.infer<typeof importProgressSchema>
