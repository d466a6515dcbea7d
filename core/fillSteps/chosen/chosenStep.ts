import { z } from 'zod'
import { itemsInOrder } from '../../candidates/inOrder'
import { skuSchema } from '../../catalogue/sku'
import { counted } from '../../text/sentence'
import type { FillStepType } from '../fillStepType'
import { commonParts, handOrdersSchema } from '../stepParts'

/** At most this many products are chosen for a step. */
const maxChosen = 200

/** The same products for everyone. */
export const chosenStepSchema = z.strictObject({
  from: z.literal('chosen'),
  targets: z.array(skuSchema).max(maxChosen),
  order: handOrdersSchema,
  ...commonParts,
})

export const chosenStep: FillStepType<z.infer<typeof chosenStepSchema>> = {
  schema: chosenStepSchema,
  orders: handOrdersSchema.options,
  needsSubjects: () => false,
  idle: () => null,
  candidates: ({ targets, order }, number, context) => itemsInOrder(targets, order, number, context),
  sentence: ({ targets }) => [
    { words: targets.length ? counted(targets.length, 'chosen product') : 'no chosen products yet', field: 'targets' },
  ],
  reason: 'chosen',
  shownWords: ({ place }) => `chosen for this section, place ${place}`,
  sourceWords: () => 'products chosen for this section',
  problems({ targets }, known) {
    if (!targets.length) return [{ words: 'No products are chosen yet.' }]
    const gone = targets.filter(each => known.isProductRetired(each) === null)
    const retired = targets.filter(each => known.isProductRetired(each))
    return [
      ...(gone.length ? [{ words: `${gone.join(', ')}: no longer in the shop.` }] : []),
      ...(retired.length ? [{ words: `${retired.map(known.product).join(', ')}: retired, so never shown.` }] : []),
    ]
  },
  isByHand: true,
}
