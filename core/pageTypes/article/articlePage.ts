import type { PageType } from '../pageType'

/** About the products that an article names. */
export interface ArticlePage {
  kind: 'article'
  key: string
}

export const articlePage: PageType<ArticlePage> = {
  words: 'article',
  zones: { besideText: 'beside the text', belowText: 'below the text' },
  drawing: {
    columns: '7fr 4fr',
    areas: ['text besideText', 'belowText belowText'],
    blocks: [{ area: 'text', words: 'text and pictures', height: 260 }],
  },
  asksFor: 'article',
  counted: ['article', 'articles'],
  defaultPlan: { name: { en: 'Article' }, blocks: { belowText: ['article-products', 'article-accessories'] } },
  address: { summary: 'The sections of an article', name: 'key' },
  pageOf: key => ({ kind: 'article', key }),
  pageAbout: key => ({ kind: 'article', key }),
  subjects({ key }, catalogue) {
    const named = catalogue.article(key)?.products.filter(sku => catalogue.product(sku))
    return named ? { subjects: named, products: named, category: null, named } : null
  },
}
