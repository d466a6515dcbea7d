import type { PageKind } from '../../../core/pageTypes/registry'

/** Who looks at a page that is previewed, and when. */
export interface Circumstances {
  cart: readonly string[]
  seen: readonly string[]
  visitor: string
  day: string
  language: string
}

/** Where the stand-in shop has its pages. */
const paths: Record<PageKind, (about: string) => string> = {
  product: about => `/products/${about}`,
  added: about => `/products/${about}`,
  cart: () => '/cart',
  category: about => `/categories/${about}`,
  article: about => `/articles/${about}`,
  home: () => '',
  search: () => '/search',
  ordered: () => '/ordered',
}

/** The same address, opened by a token. */
export const withToken = (address: string, token: string) => address.replace('preview=1', `preview=${token}`)

/**
 * The address of a page of the stand-in shop as the studio looks at it.
 * @param about SKU or key of what the page is about; of a cart, what is in it at least
 * @param version as shoppers have it, or as it will be after publishing
 * @param section key of the section to begin at
 */
export function previewAddress(
  page: PageKind,
  about: string,
  { cart, seen, visitor, day, language }: Circumstances,
  version: 'live' | 'draft',
  section?: string,
): string {
  const path = paths[page](encodeURIComponent(about))
  const inCart = page === 'cart' && about ? [...cart.filter(sku => sku !== about), about] : cart
  const query = new URLSearchParams({
    preview: '1',
    ...(version === 'draft' && { draft: '1' }),
    ...(inCart.length && { cart: inCart.join() }),
    ...(seen.length && { seen: seen.join() }),
    ...(page === 'added' && { added: about }),
    ...(page === 'search' && { q: about }),
    ...(page === 'ordered' && { lines: about }),
    ...(visitor && { visitor }),
    ...(day && { at: `${day}T12:00:00Z` }),
    ...(language && { lang: language }),
  })
  return `/shop${path}?${query}${section ? `#section-${section}` : ''}`
}
