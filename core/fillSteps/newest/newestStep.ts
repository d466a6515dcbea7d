import { z } from 'zod'
import type { FillStepType } from '../fillStepType'
import { plain } from '../fillStepType'
import { candidatesOf, idleOf, ofWords, productsOfSchema } from '../productsOf'
import { commonParts } from '../stepParts'

/** The newest products of the whole shop, or of the subject's categories or brand. */
export const newestStepSchema = z.strictObject({ from: z.literal('newest'), of: productsOfSchema, ...commonParts })

export const newestStep: FillStepType<z.infer<typeof newestStepSchema>> = {
  schema: newestStepSchema,
  orders: [],
  needsSubjects: ({ of }) => of !== 'all',
  idle: idleOf,
  candidates: (step, number, context) => candidatesOf(step, 'newest', number, context),
  sentence: ({ of }) => [plain('the newest of '), { words: ofWords[of], field: 'of' }],
  reason: 'newest',
  shownWords: ({ place }) => (place === 1 ? 'the newest' : `number ${place} of the newest`),
  sourceWords: () => 'the newest products',
  ownOrder: 'newest',
}
