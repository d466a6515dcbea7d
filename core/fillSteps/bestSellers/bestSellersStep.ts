import { z } from 'zod'
import type { FillStepType } from '../fillStepType'
import { plain } from '../fillStepType'
import { candidatesOf, idleOf, ofWords, productsOfSchema } from '../productsOf'
import { commonParts } from '../stepParts'

/** Best sellers of the whole shop, or of the subject's categories or brand. */
export const bestSellersStepSchema = z.strictObject({ from: z.literal('bestSellers'), of: productsOfSchema, ...commonParts })

export const bestSellersStep: FillStepType<z.infer<typeof bestSellersStepSchema>> = {
  schema: bestSellersStepSchema,
  orders: [],
  needsSubjects: ({ of }) => of !== 'all',
  idle: idleOf,
  candidates: (step, number, context) => candidatesOf(step, 'best-selling', number, context),
  sentence: ({ of }) => [plain('best sellers of '), { words: ofWords[of], field: 'of' }],
  reason: 'bestSeller',
  shownWords: ({ place }) => (place === 1 ? 'the best seller' : `best seller number ${place}`),
  sourceWords: () => 'best sellers',
  ownOrder: 'best-selling',
}
