import type { PageKind } from '../../core/pagePlans/pagePlan'

/** Who looks at a page that is previewed, and when. */
export interface Circumstances { cart: readonly string[], seen: readonly string[], visitor: string, day: string, language: string }

/**
 * The address of a page of the stand-in shop as the studio looks at it.
 * @param about SKU or key of what the page is about; of a cart, what is in it at least
 * @param version as shoppers have it, or as it will be after publishing
 * @param section key of the section to begin at
 */
export function previewAddress(page: PageKind, about: string, { cart, seen, visitor, day, language }: Circumstances, version: 'live' | 'draft', section?: string): string {
  const path = { product: `products/${encodeURIComponent(about)}`, added: `products/${encodeURIComponent(about)}`, cart: 'cart', category: `categories/${encodeURIComponent(about)}`, article: `articles/${encodeURIComponent(about)}` }[page]
  const inCart = page === 'cart' && about ? [...cart.filter(sku => sku !== about), about] : cart
  const query = new URLSearchParams({
    preview: '1', ...version === 'draft' && { draft: '1' }, ...inCart.length && { cart: inCart.join() }, ...seen.length && { seen: seen.join() }, ...page === 'added' && { added: about },
    ...visitor && { visitor }, ...day && { at: `${day}T12:00:00Z` }, ...language && { lang: language },
  })
  return `/shop/${path}?${query}${section ? `#section-${section}` : ''}`
}
