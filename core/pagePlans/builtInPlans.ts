import type { PagePlan } from './pagePlan'

/** The plan of each kind of page that gets no other. */
export const builtInPlans: PagePlan[] = [
  {
    key: 'product-default', name: { en: 'Product page' }, page: 'product', repeats: false, off: [],
    zones: [
      { key: 'besideDetails', sections: ['upsells'] },
      { key: 'belowDetails', sections: ['accessories'] },
      { key: 'foot', sections: ['related'] },
    ],
  },
  {
    key: 'cart-default', name: { en: 'Cart page' }, page: 'cart', repeats: false, off: [],
    zones: [{ key: 'belowLines', sections: ['cart-cross-sells', 'cart-accessories'] }],
  },
  {
    key: 'added-default', name: { en: 'Added to the cart' }, page: 'added', repeats: false, off: [],
    zones: [{ key: 'belowAdded', sections: ['just-added'] }],
  },
  {
    key: 'category-default', name: { en: 'Category page' }, page: 'category', repeats: false, off: [],
    zones: [{ key: 'belowProducts', sections: ['cart-accessories'] }],
  },
  {
    key: 'article-default', name: { en: 'Article' }, page: 'article', repeats: false, off: [],
    zones: [{ key: 'belowText', sections: ['article-accessories'] }],
  },
]
