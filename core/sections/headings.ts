import type { Catalogue } from '../catalogue/catalogue'
import type { Text } from '../text/text'
import type { PageKind } from '../pageTypes/registry'
import { filledIn, tokensOf } from '../text/tokens'
import type { Section } from './section'

/** Words of a heading that are filled from what the page is about: `{name}`. */
export const headingTokens = ['name', 'brand', 'category'] as const
export type HeadingToken = (typeof headingTokens)[number]

/** What headings are filled from: of the product that the page is about (the first of several), or of the category. */
export type HeadingValues = Partial<Record<HeadingToken, Text>>

/**
 * What a page fills headings with.
 * @param subjects SKUs of the products, or the key of the category, that the page is about
 */
export function headingValues(page: PageKind, subjects: readonly string[], catalogue: Catalogue): HeadingValues {
  const [first] = subjects
  if (first === undefined) return {}
  if (page === 'category') {
    const name = catalogue.category(first)?.name
    return name ? { name, category: name } : {}
  }
  const product = catalogue.product(first)
  if (!product) return {}
  const category = catalogue.category(product.categories[0] ?? '')?.name
  // A brand is the same in every language.
  return { name: product.name, ...(product.brand !== null && { brand: { '': product.brand } }), ...(category && { category }) }
}

/**
 * What a section says above its products.
 * @param count how many products it shows
 * @param words a text in the language asked for
 */
export function headingOf(
  { heading, otherHeadings }: Pick<Section, 'heading' | 'otherHeadings'>,
  count: number,
  values: () => HeadingValues,
  words: (text: Text) => string,
): string {
  const wanted = (count === 1 && words(otherHeadings.one)) || words(heading)
  if (!/[{}]/.test(wanted)) return wanted
  const known = values()
  const valueOf = (name: string) => words(known[name as HeadingToken] ?? {})
  if (tokensOf(wanted).every(valueOf)) return filledIn(wanted, valueOf)
  return filledIn(words(otherHeadings.without) || wanted, valueOf)
}
