import type { CartChoice } from '../utils/cartText'

/** SKUs of what was just put into the cart, none when the shopper has moved on; and whether there was no room for more. */
export function useAdding() {
  const { add: put } = useCart()
  const added = useState<string[]>('just-added', () => [])
  const isFull = useState('cart-is-full', () => false)
  return {
    added,
    isFull,
    /** Of a bundle, with what was chosen for its parts. */
    add(sku: string, choices: readonly CartChoice[] = []): void {
      isFull.value = !put(sku, choices)
      if (!isFull.value) added.value = [sku]
    },
    /** The last of them stands first in the cart. */
    addAll(skus: readonly string[]): void {
      const there = skus.filter(sku => put(sku))
      isFull.value = there.length < skus.length
      added.value = there.toReversed()
    },
  }
}
