import type { PageKind } from '../../../core/pageTypes/registry'
import { pageTypes } from '../../../core/pageTypes/registry'

/** How pages that are about several products say which. */
const parameters: Partial<Record<PageKind, string>> = { cart: 'cart', search: 'found', ordered: 'lines' }

/** The delivery's address of a page about one thing, and its own parameters. */
export function pageCall(kind: PageKind, about: string): { path: string; query: Record<string, string> } {
  const base = `/api/shop/v1/pages/${kind}`
  if (pageTypes[kind].address.name !== null) return { path: `${base}/${encodeURIComponent(about)}`, query: {} }
  const parameter = parameters[kind]
  return { path: base, query: parameter && about ? { [parameter]: about } : {} }
}
