import { otherOffers } from '../../pagePlans/block'
import type { PageType } from '../pageType'

/** About what is in the cart, the most recently added first. */
export interface CartPage {
  kind: 'cart'
}

export const cartPage: PageType<CartPage> = {
  words: 'cart',
  zones: { belowTotal: 'below the total', belowLines: 'below the lines' },
  drawing: {
    columns: '7fr 4fr',
    areas: ['lines total', 'lines belowTotal', 'belowLines belowLines'],
    blocks: [
      { area: 'lines', words: 'what is in the cart', height: 190 },
      { area: 'total', words: 'total, checkout', height: 76, action: true },
    ],
  },
  asksFor: 'product',
  counted: ['cart with one product', 'carts with one product'],
  ofSeveral: { one: 'A cart with', any: 'carts with any of' },
  defaultPlan: { name: { en: 'Cart page' }, blocks: { belowTotal: [otherOffers], belowLines: ['cart-cross-sells', 'cart-accessories'] } },
  address: { summary: 'The sections of the cart page', name: null },
  pageOf: () => ({ kind: 'cart' }),
  pageAbout: () => ({ kind: 'cart' }),
  subjects: (_, __, cart) => ({ subjects: cart, products: cart, category: null, named: null }),
  isOfParts: true,
  isOfCart: true,
  hasOffers: true,
}
