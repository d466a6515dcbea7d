import type { CartLine } from '../utils/cartText'

/**
 * Whether the page stands in the studio's shop view, and what is asked of the delivery there: `?preview=1&cart=SKU&draft=1`.
 * Then it takes its sections anew when the studio says that something changed.
 */
export function usePreview() {
  return useState<{ active: boolean; cart: CartLine[]; asked: Record<string, string>; added: string | null }>('preview', () => {
    const { preview, cart, added, ...query } = useRoute().query
    const skus = typeof cart === 'string' ? cart.split(',').filter(Boolean) : []
    return {
      active: preview === '1',
      cart: skus.map(sku => ({ sku, quantity: 1 })),
      asked: preview === '1' ? askedOf(query) : {},
      added: preview === '1' && typeof added === 'string' ? added : null,
    }
  }).value
}

/** What the delivery contract takes beside the cart. */
const asks = ['draft', 'visitor', 'seen', 'at', 'lang']
const askedOf = (query: Record<string, unknown>) =>
  Object.fromEntries(asks.flatMap(name => (typeof query[name] === 'string' && query[name] ? [[name, query[name]]] : [])))
