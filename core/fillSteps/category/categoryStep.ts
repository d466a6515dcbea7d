import { z } from 'zod'
import { inLists } from '../../candidates/inOrder'
import { freeStepOrdersSchema } from '../../candidates/stepOrder'
import type { FillStepType } from '../fillStepType'
import { plain } from '../fillStepType'
import { commonParts } from '../stepParts'

/** The products of one category, with or without those of the categories below it. */
export const categoryStepSchema = z.strictObject({
  from: z.literal('category'),
  category: z.string().min(1),
  below: z.boolean(),
  order: freeStepOrdersSchema,
  ...commonParts,
})

export const categoryStep: FillStepType<z.infer<typeof categoryStepSchema>> = {
  schema: categoryStepSchema,
  orders: freeStepOrdersSchema.options,
  needsSubjects: () => false,
  idle: ({ category }, { shop }) => (shop.catalogue.category(category) ? null : 'noSuchCategory'),
  candidates({ category, below, order }, number, context) {
    const keys = below ? context.shop.catalogue.categoriesFrom(category) : [category]
    return inLists(
      Array.from(keys, key => ['category', key]),
      order,
      number,
      null,
      context,
    )
  },
  sentence: ({ category, below }, names) => [
    plain('products in '),
    { words: names.category(category), field: 'category' },
    plain(below ? ' and below it' : ' alone, without what is below it'),
  ],
  reason: 'category',
  shownWords: () => 'from the category',
  sourceWords: () => 'products of a category',
  problems: ({ category }, known) =>
    known.isKnown({ of: 'category', name: category }) ? [] : [{ words: `The category “${category}” is gone.` }],
}
