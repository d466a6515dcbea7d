import { z } from 'zod'
import { keySchema } from '../text/key'
import { pageKind } from '../pagePlans/pagePlan'
import { planReason } from '../pagePlans/planBook'

/*
 * What the studio asks and is told of page plans. All of it is of their drafts.
 */

/** What a page is about: a product, a category or an article. */
export const pageSubject = z.object({ about: z.string(), name: z.string(), image: z.string().nullable() })
export type PageSubject = z.infer<typeof pageSubject>

/** The plans that are for a page, the one it gets first, each with its strongest reason. */
const planMatches = z.array(z.object({ plan: z.string(), reason: planReason }))

/** How many pages get each plan, by its key. */
export const planCountsAnswer = z.object({ counts: z.record(z.string(), z.int()) })

export const planPagesQuery = z.object({
  plan: keySchema,
  /** Those that get it, or those that it shares with other plans. */
  which: z.enum(['gets', 'shared']),
  offset: z.coerce.number().int().min(0).default(0), limit: z.coerce.number().int().min(0).max(200).default(100),
})
export const planPagesAnswer = z.object({ gets: z.int(), shared: z.int(), rows: z.array(pageSubject.extend({ plans: planMatches })) })
export type PlanPagesAnswer = z.infer<typeof planPagesAnswer>

export const planForQuery = z.object({ page: pageKind, about: z.string().min(1).max(64) })
export const planForAnswer = z.object({ subject: pageSubject, plans: planMatches })
export type PlanForAnswer = z.infer<typeof planForAnswer>

export const planReviewQuery = z.object({ plan: keySchema })
/** How a plan turns out on the pages that get it; see planReview. */
export const planReviewAnswer = z.object({
  pages: z.int(), looked: z.int(), blank: z.int(), blankExamples: z.array(pageSubject),
  shown: z.record(z.string(), z.number()),
  same: z.array(z.object({ first: z.string(), second: z.string(), pages: z.int(), looked: z.int() })),
})
export type PlanReviewAnswer = z.infer<typeof planReviewAnswer>
