import type { PagePlan } from './pagePlan'

const plain = { scope: null, rank: 0, repeats: false, off: [] }

/** The plan of each kind of page that gets no other. */
export const builtInPlans: PagePlan[] = [
  {
    key: 'product-default', name: { en: 'Product page' }, page: 'product', ...plain,
    zones: [
      { key: 'besideDetails', sections: ['upsells'] },
      { key: 'belowDetails', sections: ['accessories'] },
      { key: 'foot', sections: ['related'] },
    ],
  },
  {
    key: 'cart-default', name: { en: 'Cart page' }, page: 'cart', ...plain,
    zones: [{ key: 'belowLines', sections: ['cart-cross-sells', 'cart-accessories'] }],
  },
  {
    key: 'added-default', name: { en: 'Added to the cart' }, page: 'added', ...plain,
    zones: [{ key: 'belowAdded', sections: ['just-added'] }],
  },
  {
    key: 'category-default', name: { en: 'Category page' }, page: 'category', ...plain,
    zones: [{ key: 'belowProducts', sections: ['related-categories', 'cart-accessories'] }],
  },
  {
    key: 'article-default', name: { en: 'Article' }, page: 'article', ...plain,
    zones: [{ key: 'belowText', sections: ['article-products', 'article-accessories'] }],
  },
]
