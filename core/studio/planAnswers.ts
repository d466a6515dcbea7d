import { z } from 'zod'
import { keySchema } from '../text/key'
import { pageKindSchema } from '../pagePlans/pagePlan'
import { planReasonSchema } from '../pagePlans/planBook'

/*
 * What the studio asks and is told of page plans. All of it is of their drafts.
 */

/** What a page is about: a product, a category or an article. */
export const pageSubjectSchema = z.object({ about: z.string(), name: z.string(), image: z.string().nullable() })
export type PageSubject = z.infer<typeof pageSubjectSchema>

/** The plans that are for a page, the one it gets first, each with its strongest reason. */
const planMatchesSchema = z.array(z.object({ plan: z.string(), reason: planReasonSchema }))

/** How many pages get each plan, by its key. */
export const planCountsAnswerSchema = z.object({ counts: z.record(z.string(), z.int()) })

export const planPagesQuerySchema = z.object({
  plan: keySchema,
  /** Those that get it, or those that it shares with other plans. */
  which: z.enum(['gets', 'shared']),
  offset: z.coerce.number().int().min(0).default(0),
  limit: z.coerce.number().int().min(0).max(200).default(100),
})
export const planPagesAnswerSchema = z.object({
  gets: z.int(),
  shared: z.int(),
  rows: z.array(pageSubjectSchema.extend({ plans: planMatchesSchema })),
})
export type PlanPagesAnswer = z.infer<typeof planPagesAnswerSchema>

export const planForQuerySchema = z.object({ page: pageKindSchema, about: z.string().min(1).max(64) })
export const planForAnswerSchema = z.object({ subject: pageSubjectSchema, plans: planMatchesSchema })
export type PlanForAnswer = z.infer<typeof planForAnswerSchema>

export const planReviewQuerySchema = z.object({ plan: keySchema })
/** How a plan turns out on the pages that get it; see planReview. */
export const planReviewAnswerSchema = z.object({
  pages: z.int(),
  sampled: z.int(),
  blank: z.int(),
  blankExamples: z.array(pageSubjectSchema),
  shown: z.record(z.string(), z.number()),
  same: z.array(z.object({ first: z.string(), second: z.string(), pages: z.int(), sampled: z.int() })),
})
export type PlanReviewAnswer = z.infer<typeof planReviewAnswerSchema>
