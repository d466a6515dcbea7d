import type { PageType } from '../pageType'

/** About a category. */
export interface CategoryPage {
  kind: 'category'
  key: string
}

export const categoryPage: PageType<CategoryPage> = {
  words: 'category page',
  zones: { aboveProducts: 'above the products', belowProducts: 'below the products' },
  drawing: {
    columns: '1fr',
    areas: ['name', 'aboveProducts', 'products', 'belowProducts'],
    blocks: [
      { area: 'name', words: 'name, categories below', height: 56 },
      { area: 'products', words: 'products of the category', height: 190 },
    ],
  },
  asksFor: 'category',
  counted: ['category page', 'category pages'],
  defaultPlan: { name: { en: 'Category page' }, blocks: { belowProducts: ['related-categories', 'cart-accessories'] } },
  address: { summary: 'The sections of a category page', name: 'key' },
  pageOf: key => ({ kind: 'category', key }),
  pageAbout: key => ({ kind: 'category', key }),
  subjects: ({ key }, catalogue) => (catalogue.category(key) ? { subjects: [key], products: [], category: key, named: null } : null),
}
