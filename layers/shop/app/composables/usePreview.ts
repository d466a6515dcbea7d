import type { CartLine } from '../utils/cartText'

/**
 * Whether the page stands in the studio's shop view, and what is asked of the delivery there: `?preview=1&cart=SKU`,
 * with `draft=1` and a preview token in the place of the 1; `only` and `release` say which drafts, or what shoppers had, and `plan`, `foot`
 * and `offer` what is pretended of the page.
 * Then it takes its sections anew when the studio says that something changed.
 */
export function usePreview() {
  return useState<{ active: boolean; cart: CartLine[]; asked: Record<string, string>; added: string | null }>('preview', () => {
    const { preview, cart, added, ...query } = useRoute().query
    const skus = typeof cart === 'string' ? cart.split(',').filter(Boolean) : []
    return {
      active: Boolean(preview),
      cart: skus.map(sku => ({ sku, quantity: 1 })),
      asked: preview ? askedOf({ ...query, ...(query.draft && { preview }) }) : {},
      added: preview && typeof added === 'string' ? added : null,
    }
  }).value
}

/** What the delivery contract takes beside the cart. */
const asks = ['draft', 'only', 'release', 'preview', 'plan', 'foot', 'offer', 'visitor', 'seen', 'at', 'lang']
const askedOf = (query: Record<string, unknown>) =>
  Object.fromEntries(asks.flatMap(name => (typeof query[name] === 'string' && query[name] ? [[name, query[name]]] : [])))
