import { z } from 'zod'
import { productRowSchema } from '../workbench/workbench'
import { skuSchema } from '../catalogue/sku'
import { pageQuerySchema } from '../delivery/contract/pages'
import { ruleSchema } from '../rules/rule'
import { pageKindSchema } from '../pagePlans/pagePlan'
import { keySchema } from '../text/key'

/*
 * What the studio asks and is told of sections.
 */

/** Where a section is tried: the page, what it is about, and who looks at it. */
export const tryQuerySchema = pageQuerySchema.pick({ cart: true, parts: true, seen: true, visitor: true, at: true }).extend({
  section: keySchema,
  page: pageKindSchema,
  /** SKU or key of what the page is about; not for a cart page. */
  subject: z.string().default(''),
  /** The section as shoppers get it, instead of the draft. */
  live: z
    .enum(['0', '1'])
    .default('0')
    .transform(value => value === '1'),
})

const meterReadingSchema = z.object({
  /** How many pages show how many products; null before they were counted. */
  fill: z.object({ places: z.int(), pages: z.array(z.int()), steps: z.array(z.int()), unpicked: z.int() }).nullable(),
  /** Pages counted so far. */
  done: z.int(),
  total: z.int(),
  exists: z.boolean(),
})
export type MeterReading = z.infer<typeof meterReadingSchema>

/** How well a section is filled, as a draft and as shoppers have it. */
export const fillAnswerSchema = z.object({
  draft: meterReadingSchema,
  live: meterReadingSchema,
  /** Every change is counted in. */ settled: z.boolean(),
})
export type FillAnswer = z.infer<typeof fillAnswerSchema>

export const fillQuerySchema = z.object({ section: keySchema, page: pageKindSchema.default('product') })
/** The pages that show from so many to so many of a section. */
export const fillListQuerySchema = fillQuerySchema.extend({
  version: z.enum(['live', 'draft']).default('draft'),
  from: z.coerce.number().int().min(0).max(48),
  to: z.coerce.number().int().min(0).max(48),
  offset: z.coerce.number().int().min(0).default(0),
  limit: z.coerce.number().int().min(1).max(200).default(100),
})

/** Pages by what they are about. */
export const pageListSchema = z.object({
  total: z.int(),
  pages: z.array(
    z.object({
      name: z.string(),
      /** SKU of its product; null: it is about an article, a category or nothing. */
      sku: z.string().nullable(),
      image: z.string().nullable(),
      /** What the bench has of it, as a lane's source; null: nothing. */
      source: z.string().nullable(),
    }),
  ),
})
export type PageList = z.infer<typeof pageListSchema>

export const ruleQuestionSchema = z.strictObject({ rule: ruleSchema, source: skuSchema })

/** How many products each condition of a rule holds for, and what it picks for the source. */
export const ruleAnswerSchema = z.object({
  counts: z.record(z.string(), z.int()),
  applies: z.boolean(),
  matches: z.array(productRowSchema),
})
export type RuleAnswer = z.infer<typeof ruleAnswerSchema>
