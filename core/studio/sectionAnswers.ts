import { z } from 'zod'
import { productRow } from '../bench/bench'
import { sku } from '../catalogue/sku'
import { pageQuery } from '../delivery/contract'
import { look } from '../looks/look'
import { rule } from '../rules/rule'
import { pageKind, pagePlan } from '../pagePlans/pagePlan'
import { section } from '../sections/section'
import { keySchema } from '../text/key'

/*
 * What the studio asks and is told of sections.
 */

const sectionProblem = z.object({ step: z.int().nullable(), path: z.string().optional(), of: z.literal('look').optional(), words: z.string() })

/** All sections, plans and looks, live and as drafts. */
export const sectionsAnswer = z.object({
  sections: z.array(z.object({
    key: z.string(), live: section.nullable(), draft: section.nullable(),
    /** What is wrong with the draft. */
    problems: z.array(sectionProblem),
  })),
  plans: z.array(z.object({ key: z.string(), live: pagePlan.nullable(), draft: pagePlan.nullable() })),
  looks: z.array(z.object({ key: z.string(), live: look.nullable(), draft: look.nullable() })),
  /** What rules can speak of. */
  attributes: z.array(z.string()),
})
export type SectionsAnswer = z.infer<typeof sectionsAnswer>
export type StoredSection = SectionsAnswer['sections'][0]
export type StoredPlan = SectionsAnswer['plans'][0]
export type StoredLook = SectionsAnswer['looks'][0]

/** Where a section is tried: the page, what it is about, and who looks at it. */
export const tryQuery = pageQuery.pick({ cart: true, seen: true, visitor: true, at: true }).extend({
  section: keySchema,
  page: pageKind,
  /** SKU or key of what the page is about; not for a cart page. */
  subject: z.string().default(''),
  /** The section as shoppers get it, instead of the draft. */
  live: z.enum(['0', '1']).default('0').transform(value => value === '1'),
})

const meterReading = z.object({
  /** How many pages show how many products; null before they were counted. */
  fill: z.object({ places: z.int(), pages: z.array(z.int()), steps: z.array(z.int()) }).nullable(),
  /** Pages counted so far. */
  done: z.int(),
  total: z.int(),
  exists: z.boolean(),
})
export type MeterReading = z.infer<typeof meterReading>

/** How well a section is filled, as a draft and as shoppers have it. */
export const fillAnswer = z.object({ draft: meterReading, live: meterReading, /** Every change is counted in. */ settled: z.boolean() })
export type FillAnswer = z.infer<typeof fillAnswer>

export const fillQuery = z.object({ section: keySchema, page: pageKind.default('product') })
/** The pages that show from so many to so many of a section. */
export const fillListQuery = fillQuery.extend({
  version: z.enum(['live', 'draft']).default('draft'), from: z.coerce.number().int().min(0).max(48), to: z.coerce.number().int().min(0).max(48),
  offset: z.coerce.number().int().min(0).default(0), limit: z.coerce.number().int().min(1).max(200).default(100),
})

/** Pages by what they are about. */
export const pageList = z.object({
  total: z.int(),
  pages: z.array(z.object({
    name: z.string(),
    /** SKU of its product; null: it is about an article, a category or nothing. */
    sku: z.string().nullable(),
    image: z.string().nullable(),
    /** What the bench has of it, as a lane's source; null: nothing. */
    source: z.string().nullable(),
  })),
})
export type PageList = z.infer<typeof pageList>

export const ruleQuestion = z.strictObject({ rule, source: sku })

/** How many products each condition of a rule holds for, and what it picks for the source. */
export const ruleAnswer = z.object({ counts: z.record(z.string(), z.int()), applies: z.boolean(), matches: z.array(productRow) })
export type RuleAnswer = z.infer<typeof ruleAnswer>
