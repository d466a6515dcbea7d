import { z } from 'zod'
import { itemsInOrder } from '../../candidates/inOrder'
import type { FillStepType } from '../fillStepType'
import { plain } from '../fillStepType'
import { commonParts, handOrdersSchema } from '../stepParts'

/** What an article names. */
export const namedStepSchema = z.strictObject({ from: z.literal('named'), order: handOrdersSchema, ...commonParts })

export const namedStep: FillStepType<z.infer<typeof namedStepSchema>> = {
  schema: namedStepSchema,
  orders: handOrdersSchema.options,
  needsSubjects: () => false,
  idle: (_, { named }) => (named === null ? 'noArticle' : null),
  candidates: ({ order }, number, context) => itemsInOrder(context.named!, order, number, context),
  sentence: () => [plain('what the article names')],
  reason: 'named',
  shownWords: () => 'named in the article',
  sourceWords: () => 'what the article names',
  isByHand: true,
  madeFor: 'article',
}
