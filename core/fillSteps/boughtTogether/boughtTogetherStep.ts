import { z } from 'zod'
import type { FillStepType } from '../fillStepType'
import { plain } from '../fillStepType'
import { commonParts, scoredOrdersSchema } from '../stepParts'

/** Bought together with the subject in past orders. */
export const boughtTogetherStepSchema = z.strictObject({ from: z.literal('boughtTogether'), order: scoredOrdersSchema, ...commonParts })

export const boughtTogetherStep: FillStepType<z.infer<typeof boughtTogetherStepSchema>> = {
  schema: boughtTogetherStepSchema,
  orders: scoredOrdersSchema.options,
  needsSubjects: () => true,
  // Past orders are not counted yet.
  idle: () => 'noData',
  candidates: () => [],
  sentence: () => [plain('products bought together with it')],
  reason: 'boughtTogether',
  shownWords: () => 'bought together',
  sourceWords: () => 'products bought together',
}
