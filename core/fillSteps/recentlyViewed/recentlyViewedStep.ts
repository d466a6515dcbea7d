import { z } from 'zod'
import { itemsInOrder } from '../../candidates/inOrder'
import type { FillStepType } from '../fillStepType'
import { plain } from '../fillStepType'
import { commonParts, handOrdersSchema } from '../stepParts'

/** What the shopper looked at before, most recent first. */
export const recentlyViewedStepSchema = z.strictObject({ from: z.literal('recentlyViewed'), order: handOrdersSchema, ...commonParts })

export const recentlyViewedStep: FillStepType<z.infer<typeof recentlyViewedStepSchema>> = {
  schema: recentlyViewedStepSchema,
  orders: handOrdersSchema.options,
  needsSubjects: () => false,
  idle: () => null,
  candidates: ({ order }, number, context) => itemsInOrder(context.shopper.seen, order, number, context),
  sentence: () => [plain('what the shopper viewed before')],
  orderWords: order => (order === 'hand' ? 'latest first' : null),
  reason: 'recentlyViewed',
  shownWords: () => 'viewed before',
  sourceWords: () => 'what was viewed before',
  isOfShopper: true,
}
