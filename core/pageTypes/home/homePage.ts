import type { PageType } from '../pageType'

/** The shop's first page, which is about nothing in particular. */
export interface HomePage {
  kind: 'home'
}

export const homePage: PageType<HomePage> = {
  words: 'home page',
  zones: { belowIntro: 'below the introduction', homeFoot: 'foot of the home page' },
  drawing: {
    columns: '1fr',
    areas: ['intro', 'belowIntro', 'categories', 'homeFoot'],
    blocks: [
      { area: 'intro', words: 'introduction', height: 90 },
      { area: 'categories', words: 'categories, articles', height: 120 },
    ],
  },
  asksFor: null,
  counted: ['home page', 'home pages'],
  defaultPlan: { name: { en: 'Home page' }, blocks: { belowIntro: ['home-best-sellers'], homeFoot: ['home-recently-viewed'] } },
  address: { summary: 'The sections of the home page', name: null },
  pageOf: () => ({ kind: 'home' }),
  pageAbout: () => ({ kind: 'home' }),
  subjects: () => ({ subjects: [], products: [], category: null, named: null }),
}
