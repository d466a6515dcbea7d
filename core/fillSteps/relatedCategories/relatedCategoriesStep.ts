import { z } from 'zod'
import type { Candidate } from '../../candidates/candidate'
import { inLists, listsBelow } from '../../candidates/inOrder'
import { freeStepOrdersSchema } from '../../candidates/stepOrder'
import type { StepContext, StepShop } from '../../candidates/stepContext'
import { roundRobin } from '../../sorted'
import type { FillStepType } from '../fillStepType'
import { plain } from '../fillStepType'
import { commonParts } from '../stepParts'

/** Which categories are related to one. */
export const nearnessSchema = z.enum(['chosen', 'beside', 'below'])
export type Nearness = z.infer<typeof nearnessSchema>
export const nearWords: Record<Nearness, string> = {
  chosen: 'chosen for this one',
  beside: 'beside this one',
  below: 'right below this one',
}

/**
 * On the page of a category: those beside it, those directly below it, or those chosen for it on the bench. Tiles show the categories;
 * any other layout their products, the first of each before any second.
 */
export const relatedCategoriesStepSchema = z.strictObject({
  from: z.literal('relatedCategories'),
  of: nearnessSchema,
  order: freeStepOrdersSchema,
  ...commonParts,
})
type RelatedCategoriesStep = z.infer<typeof relatedCategoriesStepSchema>

export const relatedCategoriesStep: FillStepType<RelatedCategoriesStep> = {
  schema: relatedCategoriesStepSchema,
  orders: freeStepOrdersSchema.options,
  needsSubjects: () => false,
  idle: (_, { category }) => (category === null ? 'noCategory' : null),
  candidates: ofRelatedCategories,
  sentence: ({ of }) => [plain('of the categories '), { words: nearWords[of], field: 'of' }],
  reason: 'relatedCategory',
  shownWords: () => 'from a related category',
  sourceWords: () => 'related categories',
  madeFor: 'category',
  categories: ({ of }, { category, shop }) => relatedKeys(of, category!, shop),
}

const relatedKeys = (of: Nearness, key: string, shop: StepShop): readonly string[] =>
  of === 'chosen' ? shop.relatedCategories(key).filter(each => shop.catalogue.category(each)) : shop.catalogue.categoriesNear(key, of)

const nothing: ReadonlySet<string> = new Set()

/** What related categories offer, by turns; what stands in a category with the page's own is none of it. */
function ofRelatedCategories({ of, order }: RelatedCategoriesStep, number: number, context: StepContext): Iterable<Candidate> {
  const { catalogue } = context.shop
  const own = of === 'below' ? nothing : catalogue.categoriesFrom(context.category!)
  const offers = relatedKeys(of, context.category!, context.shop).map(key =>
    inLists(listsBelow(key, context), order, number, null, context),
  )
  return withoutOwn(roundRobin(offers), own)
}

function* withoutOwn(candidates: Iterable<Candidate>, own: ReadonlySet<string>): Generator<Candidate> {
  for (const candidate of candidates) if (!candidate.product.categories.some(key => own.has(key))) yield candidate
}
