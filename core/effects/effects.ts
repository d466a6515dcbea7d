import { z } from 'zod'
import { pageKindSchema } from '../pagePlans/pagePlan'

/** Pages whose plan has a section, by how much it shows there: as many as it has places, fewer, or nothing. */
export const pagesByFillSchema = z.object({ full: z.int(), thin: z.int(), blank: z.int() })
export type PagesByFill = z.infer<typeof pagesByFillSchema>

/** So many pages; and what some of them are about, by SKU or key. */
const somePagesSchema = z.object({ count: z.int(), some: z.array(z.string()) })
export type SomePages = z.infer<typeof somePagesSchema>

/** What becomes of a section on the pages of a kind. */
export const sectionEffectSchema = z.object({
  section: z.string(),
  page: pageKindSchema,
  before: pagesByFillSchema,
  after: pagesByFillSchema,
  /** Pages on which it shows nothing any more; fewer, but something; more than before; as many, but others or in another order. */
  gone: somePagesSchema,
  fewer: somePagesSchema,
  more: somePagesSchema,
  others: somePagesSchema,
  /** What stands above it and shows what it has lost, by its block, on how many of the pages that lost. The one with most comes first. */
  lostTo: z.array(z.object({ block: z.string(), pages: z.int() })),
})
export type SectionEffect = z.infer<typeof sectionEffectSchema>

/** Pages that get another plan. */
export const planMoveSchema = z.object({ page: pageKindSchema, from: z.string(), to: z.string(), pages: somePagesSchema })
export type PlanMove = z.infer<typeof planMoveSchema>

/** What becomes of a together offer on the pages of a kind: on how many it is made, and on how many with other products than before. */
export const offerEffectSchema = z.object({
  offer: z.string(),
  page: pageKindSchema,
  before: z.int(),
  after: z.int(),
  /** Pages that it goes from; comes to; has other products on. */
  gone: somePagesSchema,
  come: somePagesSchema,
  others: somePagesSchema,
})
export type OfferEffect = z.infer<typeof offerEffectSchema>

const bundleSoldSchema = z.object({
  price: z.int(),
  was: z.int().nullable(),
  isFrom: z.boolean(),
})
/** What shoppers get a bundle for; null: it is not for sale. See bundlesSold.ts. */
export const bundleEffectSchema = z.object({
  bundle: z.string(),
  before: bundleSoldSchema.nullable(),
  after: bundleSoldSchema.nullable(),
})
export type BundleEffect = z.infer<typeof bundleEffectSchema>

/** What publishing does to what is shown where, of everything that it changes. */
export const effectsSchema = z.object({
  /** Pages that were compared: those of the kinds that it can change. On pages of carts, searches and orders stands one product. */
  pages: z.int(),
  /** Pages on which a section or offer shows less, or is gone; and of the others, pages on which one shows more. */
  less: z.int(),
  more: z.int(),
  /** Those that lose most come first. */
  sections: z.array(sectionEffectSchema),
  /** Blocks of sections and offers that go out, and that no plan has then: nobody sees them. */
  nowhere: z.array(z.string()),
  /** Offers that go out, stand on a plan, and are made on no page: no product meets their trigger, or what they offer is shown above. */
  unmade: z.array(z.string()),
  moves: z.array(planMoveSchema),
  offers: z.array(offerEffectSchema),
  /** Of the bundles that go out, or change. */
  bundles: z.array(bundleEffectSchema),
})
export type Effects = z.infer<typeof effectsSchema>

/** The effects as far as they are known. */
export const effectsAnswerSchema = z.object({
  /** As they were worked out last; null: not yet. */
  effects: effectsSchema.nullable(),
  /** Pages compared, of how many. */
  done: z.int(),
  total: z.int(),
  /** Names of some of what the pages are about, by SKU or key, in the shop's language. */
  names: z.record(z.string(), z.string()),
  /** All that changed is in it: it need not be asked again. */
  settled: z.boolean(),
})
export type EffectsAnswer = z.infer<typeof effectsAnswerSchema>
/** The same without names. */
export type EffectsReading = Omit<EffectsAnswer, 'names'>

/** SKUs or keys of the pages that are named to people. */
export const examplesOf = ({ sections, moves, offers, bundles }: Effects): Set<string> =>
  new Set([
    ...bundles.map(each => each.bundle),
    ...[
      ...sections.flatMap(({ gone, fewer, more, others }) => [gone, fewer, more, others]),
      ...moves.map(each => each.pages),
      ...offers.flatMap(({ gone, come, others }) => [gone, come, others]),
    ].flatMap(({ some }) => some),
  ])
