import { z } from 'zod'
import { lineListSchema } from '../../catalogue/skuLists'
import type { PageType } from '../pageType'
import { aboutProducts } from '../pageType'

/**
 * The page that thanks for an order, about what was ordered: it counts as in the cart, so that nothing is recommended that was just bought.
 */
export interface OrderedPage {
  kind: 'ordered'
  lines: readonly string[]
}

const querySchema = z.object({
  lines: lineListSchema.default([]).meta({
    description: 'The lines just ordered as SKU or SKU:quantity, separated by commas. Unknown SKUs are ignored.',
    example: 'VEIL-S:2,SMK-10',
  }),
})

export const orderedPage: PageType<OrderedPage> = {
  words: 'page after an order',
  zones: { belowOrder: 'below the order' },
  drawing: {
    columns: '1fr',
    areas: ['order', 'belowOrder'],
    blocks: [{ area: 'order', words: 'thanks, and what was ordered', height: 170 }],
  },
  asksFor: 'product',
  counted: ['order of one product', 'orders of one product'],
  ofSeveral: { one: 'An order of', any: 'orders of any of' },
  defaultPlan: { name: { en: 'After an order' }, blocks: { belowOrder: ['ordered-accessories'] } },
  address: { summary: 'The sections of the page that thanks for an order', name: null, query: querySchema },
  pageOf: (_, asked) => ({ kind: 'ordered', lines: (asked as z.infer<typeof querySchema>).lines.map(line => line.sku) }),
  pageAbout: about => ({ kind: 'ordered', lines: about ? [about] : [] }),
  subjects: ({ lines }, catalogue) => aboutProducts(lines, catalogue),
  countsAsInCart: ({ lines }) => lines,
  isOfParts: true,
}
