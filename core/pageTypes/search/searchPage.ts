import { z } from 'zod'
import { skuListSchema } from '../../catalogue/skuLists'
import type { PageType } from '../pageType'
import { aboutProducts } from '../pageType'

/** About the products that were found, in their order; with nothing found it is about none. */
export interface SearchPage {
  kind: 'search'
  words: string
  found: readonly string[]
}

const querySchema = z.object({
  q: z.string().trim().max(200).default('').meta({ description: 'The words that were looked for.' }),
  found: skuListSchema
    .default([])
    .meta({ description: 'SKUs of the products found, separated by commas, the best first. Unknown ones are ignored.' }),
})

export const searchPage: PageType<SearchPage> = {
  words: 'search page',
  zones: { aboveFound: 'above what was found', belowFound: 'below what was found' },
  drawing: {
    columns: '1fr',
    areas: ['words', 'aboveFound', 'found', 'belowFound'],
    blocks: [
      { area: 'words', words: 'the words looked for', height: 48 },
      { area: 'found', words: 'products found, or that there are none', height: 190 },
    ],
  },
  asksFor: 'product',
  counted: ['search that finds one product', 'searches that find one product'],
  ofSeveral: { one: 'A search that finds', any: 'searches that find any of' },
  defaultPlan: { name: { en: 'Search page' }, blocks: { belowFound: ['search-related', 'search-best-sellers'] } },
  address: { summary: 'The sections of a page of search results, also of one with nothing found', name: null, query: querySchema },
  pageOf(_, asked) {
    const { q, found } = asked as z.infer<typeof querySchema>
    return { kind: 'search', words: q, found }
  },
  pageAbout: about => ({ kind: 'search', words: '', found: about ? [about] : [] }),
  subjects: ({ found }, catalogue) => aboutProducts(found, catalogue),
}
