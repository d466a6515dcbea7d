import { z } from 'zod'
import { sku } from '../catalogue/sku'
import { pageKinds } from '../pageTypes/registry'
import { range } from '../rules/range'
import { keySchema } from '../text/key'
import { text } from '../text/text'

export const pageKind = z.enum(pageKinds)

/** The pages that get a plan: of products that are named, have one of the traits, or cost so much; and of categories. */
export const planScope = z.strictObject({
  products: z.array(sku).max(2000),
  tags: z.array(z.string().min(1)).max(500),
  brands: z.array(z.string().min(1)).max(500),
  /** Keys; with the categories below them. */
  categories: z.array(z.string().min(1)).max(500),
  /** Minor units. */
  price: range.nullable(),
})
export type PlanScope = z.infer<typeof planScope>

export const emptyScope: PlanScope = { products: [], tags: [], brands: [], categories: [], price: null }

/** What a merchandiser says of a page plan. */
export const planSettings = z.strictObject({
  name: text,
  /** null: the default plan, for all pages of its kind that no other plan is for. */
  scope: planScope.nullable(),
  /** Whether a product may show again that an earlier section of the page shows. */
  repeats: z.boolean(),
})
export type PlanSettings = z.infer<typeof planSettings>

/** The sections of one kind of page, zone by zone, and which pages get them. */
export const pagePlan = planSettings.extend({
  key: keySchema,
  page: pageKind,
  /** Of plans that are equally right for a page, the one with the lowest number wins. */
  rank: z.int().min(0).max(100_000),
  /** Zones in page order; sections in the order they stand there. */
  zones: z.array(z.strictObject({ key: z.string().min(1), sections: z.array(keySchema) })),
  /** Sections of the plan that are switched off in it. */
  off: z.array(keySchema),
})
export type PagePlan = z.infer<typeof pagePlan>

export const hasSection = (plan: PagePlan, section: string) => plan.zones.some(zone => zone.sections.includes(section))
/** Keys of its sections in page order. */
export const sectionsOf = (plan: PagePlan): string[] => plan.zones.flatMap(zone => zone.sections)
