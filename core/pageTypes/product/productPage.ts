import type { PageType } from '../pageType'
import { aboutProduct } from '../pageType'
import { otherOffers } from '../../pagePlans/block'

/** About a product. `sku` may be a variant's: the page is then its product's. */
export interface ProductPage {
  kind: 'product'
  sku: string
}

export const productPage: PageType<ProductPage> = {
  words: 'product page',
  zones: {
    aboveBuy: 'above the buy button',
    belowBuy: 'below the buy button',
    besideDetails: 'beside the details',
    belowDetails: 'below the details',
    foot: 'foot of the page',
  },
  drawing: {
    columns: '5fr 6fr',
    areas: [
      'pictures name',
      'pictures aboveBuy',
      'pictures buy',
      'pictures belowBuy',
      'pictures details',
      'pictures besideDetails',
      'belowDetails belowDetails',
      'foot foot',
    ],
    blocks: [
      { area: 'pictures', words: 'pictures' },
      { area: 'name', words: 'name, price, options', height: 62 },
      { area: 'buy', words: 'buy button', height: 32, action: true },
      { area: 'details', words: 'details', height: 62 },
    ],
  },
  asksFor: 'product',
  counted: ['product page', 'product pages'],
  defaultPlan: {
    name: { en: 'Product page' },
    blocks: {
      belowBuy: [otherOffers, 'bundles-with-it'],
      besideDetails: ['upsells'],
      belowDetails: ['accessories'],
      foot: ['related'],
    },
  },
  address: { summary: 'The sections of a product page', name: 'sku' },
  pageOf: sku => ({ kind: 'product', sku }),
  pageAbout: sku => ({ kind: 'product', sku }),
  subjects: ({ sku }, catalogue) => aboutProduct(sku, catalogue),
  isOfOneProduct: true,
  hasOffers: true,
}
