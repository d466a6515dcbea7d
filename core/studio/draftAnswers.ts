import { z } from 'zod'
import type { DraftedSort, DraftedThings } from '../releases/draftedSorts'
import { draftedSorts, forEachSort } from '../releases/draftedSorts'
import type { Translation } from '../text/translations'
import { translationSchema } from '../text/translations'
import type { Versions } from '../sections/versions'

/*
 * What the studio is told of what is drafted and published.
 */

/** What is wrong with a draft. */
const draftProblemSchema = z.object({
  /** The fill step that it is about; null: the thing as a whole. */
  step: z.int().nullable(),
  path: z.string().optional(),
  of: z.literal('look').optional(),
  /** It can be published when somebody agrees to this. */
  toAgree: z.literal(true).optional(),
  words: z.string(),
})

/** Who drafted what shoppers don't have. */
const drafterSchema = z.object({
  /** Their name; null: nobody known. */
  name: z.string().nullable(),
  /** It is whoever asks; what was live and was taken from shoppers nobody has drafted. */
  isMe: z.boolean(),
})

const plannedSchema = z.object({
  /** ISO 8601 */
  at: z.string(),
  /** What goes out is what is drafted now. */
  isAsDrafted: z.boolean(),
})

/** Something that has drafts, by its key, with what is wrong with its draft. */
export type StoredDraft<Thing> = Versions<Thing> & {
  key: string
  problems: z.infer<typeof draftProblemSchema>[]
  /** null: shoppers have it as it is. */
  by: z.infer<typeof drafterSchema> | null
  /** What is known of its translations. */
  translations: readonly Translation[]
  /** When it goes out by itself, as it was drafted when that was planned; null: that is not planned. */
  planned: z.infer<typeof plannedSchema> | null
}

const storedSchema = <Thing>(schema: z.ZodType<Thing>): z.ZodType<StoredDraft<Thing>> =>
  z.object({
    key: z.string(),
    live: schema.nullable(),
    draft: schema.nullable(),
    problems: z.array(draftProblemSchema),
    by: drafterSchema.nullable(),
    translations: z.array(translationSchema),
    planned: plannedSchema.nullable(),
  })

/** All things of each sort, live and as drafts. */
export const draftsAnswerSchema = z.object({
  ...(forEachSort(sort => z.array(storedSchema(draftedSorts[sort].schema as z.ZodType))) as unknown as {
    [Sort in DraftedSort]: z.ZodType<StoredDraft<DraftedThings[Sort]>[]>
  }),
  /** What rules can speak of. */
  attributes: z.array(z.string()),
})
export type DraftsAnswer = z.infer<typeof draftsAnswerSchema>
export type StoredSection = DraftsAnswer['sections'][0]
export type StoredPlan = DraftsAnswer['plans'][0]
export type StoredLook = DraftsAnswer['looks'][0]
export type StoredOffer = DraftsAnswer['offers'][0]

export const exampleQuerySchema = z.object({ tried: z.string().max(100).default('') })
/** A product to show an offer with; null: it is for none. */
export const offerExampleSchema = z.object({ sku: z.string().nullable() })
export type OfferExample = z.infer<typeof offerExampleSchema>
