import type { PageType } from '../pageType'
import { aboutProduct } from '../pageType'

/** Shown when a product was just added to the cart. `sku` may be a variant's. */
export interface AddedPage {
  kind: 'added'
  sku: string
}

export const addedPage: PageType<AddedPage> = {
  words: 'added to the cart',
  zones: { belowAdded: 'below what was added' },
  drawing: {
    columns: '1fr',
    areas: ['added', 'belowAdded', 'ways'],
    blocks: [
      { area: 'added', words: 'what was just added', height: 76 },
      { area: 'ways', words: 'go on shopping, or to the cart', height: 40, action: true },
    ],
  },
  asksFor: 'product',
  counted: ['“added to cart” panel', '“added to cart” panels'],
  defaultPlan: { name: { en: 'Added to the cart' }, blocks: { belowAdded: ['just-added'] } },
  address: { summary: 'The sections shown when a product was just added to the cart', name: 'sku' },
  pageOf: sku => ({ kind: 'added', sku }),
  pageAbout: sku => ({ kind: 'added', sku }),
  subjects: ({ sku }, catalogue) => aboutProduct(sku, catalogue),
  isOfOneProduct: true,
  isOfParts: true,
  hasOffers: true,
}
