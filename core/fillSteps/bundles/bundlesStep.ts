import { z } from 'zod'
import { inOrder, offered } from '../../candidates/inOrder'
import { freeStepOrdersSchema } from '../../candidates/stepOrder'
import type { FillStepType } from '../fillStepType'
import { plain } from '../fillStepType'
import { commonParts } from '../stepParts'
import { bySubject, idleWithoutSubjects } from '../subjects'

/** Bundles that contain the subject. */
export const bundlesStepSchema = z.strictObject({ from: z.literal('bundles'), order: freeStepOrdersSchema, ...commonParts })

export const bundlesStep: FillStepType<z.infer<typeof bundlesStepSchema>> = {
  schema: bundlesStepSchema,
  orders: freeStepOrdersSchema.options,
  needsSubjects: () => true,
  idle: (step, context) => (context.shop.catalogue.bundles.size ? idleWithoutSubjects(step, context) : 'noData'),
  candidates: (step, number, context) =>
    bySubject(step, context, source => {
      const { catalogue, index } = context.shop
      const positions = catalogue.bundlesWith(source.product).map(bundle => index.postings.positionOf(bundle)!)
      return offered(inOrder(positions, step.order, context), number, source, context)
    }),
  sentence: () => [plain('bundles that contain it')],
  reason: 'bundle',
  shownWords: () => 'a bundle with it',
  sourceWords: () => 'bundles with the product',
}
