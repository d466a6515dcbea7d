import type { CartLine } from './useCart'

/**
 * Whether the page stands in the studio's shop view, and with which cart: `?preview=1&cart=SKU`.
 * Then it takes its sections anew when the studio says that something changed.
 */
export function usePreview() {
  return useState<{ active: boolean, cart: CartLine[] }>('preview', () => {
    const { preview, cart } = useRoute().query
    const skus = typeof cart === 'string' ? cart.split(',').filter(Boolean) : []
    return { active: preview === '1', cart: skus.map(sku => ({ sku, quantity: 1 })) }
  }).value
}
