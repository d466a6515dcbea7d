import { z } from 'zod'
import { skuSchema } from '../catalogue/sku'
import { pageKinds } from '../pageTypes/registry'
import { rangeSchema } from '../rules/range'
import { keySchema } from '../text/key'
import { textSchema } from '../text/text'
import { blockSchema, isOfOffers } from './block'

export const pageKindSchema = z.enum(pageKinds)

/** The pages that get a plan: of products that are named, have one of the traits, or cost so much; and of categories. */
export const planScopeSchema = z.strictObject({
  products: z.array(skuSchema).max(2000),
  tags: z.array(z.string().min(1)).max(500),
  brands: z.array(z.string().min(1)).max(500),
  /** Keys; with the categories below them. */
  categories: z.array(z.string().min(1)).max(500),
  /** Minor units. */
  price: rangeSchema.nullable(),
})
export type PlanScope = z.infer<typeof planScopeSchema>

export const emptyScope: PlanScope = { products: [], tags: [], brands: [], categories: [], price: null }

/** What a merchandiser says of a page plan. */
export const planSettingsSchema = z.strictObject({
  name: textSchema,
  /** null: the default plan, for all pages of its kind that no other plan is for. */
  scope: planScopeSchema.nullable(),
  /** Whether a product may show again that an earlier section of the page shows. */
  repeats: z.boolean(),
})
export type PlanSettings = z.infer<typeof planSettingsSchema>

/** What stands on one kind of page, zone by zone, and which pages get it. */
export const pagePlanSchema = planSettingsSchema.extend({
  key: keySchema,
  page: pageKindSchema,
  /** Of plans that are equally right for a page, the one with the lowest number wins. */
  rank: z.int().min(0).max(100_000),
  /** Zones in page order; blocks in the order they stand there. */
  zones: z.array(z.strictObject({ key: z.string().min(1), blocks: z.array(blockSchema) })),
  /** Blocks of the plan that are switched off in it. */
  off: z.array(blockSchema),
})
export type PagePlan = z.infer<typeof pagePlanSchema>

export const hasBlock = (plan: PagePlan, block: string) => plan.zones.some(zone => zone.blocks.includes(block))
/** All that stands on it, in page order. */
export const blocksOf = (plan: PagePlan): string[] => plan.zones.flatMap(zone => zone.blocks)
/** Keys of its sections in page order. */
export const sectionsOf = (plan: PagePlan): string[] => blocksOf(plan).filter(block => !isOfOffers(block))
