import type { PageKind } from '../../../core/pageTypes/registry'

/** What is looked at: the shop as shoppers have it, with all drafts, with those alone that are named, or as of a release. */
export type ShownVersion = 'live' | 'draft' | { only: string } | { release: number }

/** Whether a draft is in it, by its name in addresses. */
export const hasDraft = (version: ShownVersion, name: string) =>
  version === 'draft' || (typeof version === 'object' && 'only' in version && version.only.split(',').includes(name))

/** How the delivery is asked for it. */
export function versionQuery(version: ShownVersion): Record<string, string> {
  if (version === 'draft') return { draft: '1' }
  if (version === 'live' || ('only' in version && !version.only)) return {}
  return { draft: '1', ...('only' in version ? { only: version.only } : { release: String(version.release) }) }
}

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

/** What is pretended of a page: that it gets a plan, that a section stands at its foot, or that a together offer is for its product. */
export interface Pretence {
  plan?: string
  foot?: string
  offer?: string
}

/** The same address, opened by a token. */
export const withToken = (address: string, token: string) => address.replace('preview=1', `preview=${token}`)

/**
 * The address of a page of the stand-in shop as the studio looks at it.
 * @param about SKU or key of what the page is about; of a cart, what is in it at least
 * @param section key of the section to begin at
 * @param as what is pretended of it, where drafts are shown
 */
export function previewAddress(
  page: PageKind,
  about: string,
  { cart, seen, visitor, day, language }: Circumstances,
  version: ShownVersion,
  section?: string,
  as: Pretence = {},
): string {
  const path = paths[page](encodeURIComponent(about))
  const inCart = page === 'cart' && about ? [...cart.filter(sku => sku !== about), about] : cart
  const asked = versionQuery(version)
  const query = new URLSearchParams({
    preview: '1',
    ...asked,
    ...(asked.draft && as.plan && { plan: as.plan }),
    ...(asked.draft && as.foot && { foot: `${page}:${as.foot}` }),
    ...(asked.draft && as.offer && { offer: as.offer }),
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
