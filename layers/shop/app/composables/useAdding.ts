import type { CartChoice } from '../utils/cartText'

/** What goes into the cart, and what it comes from; left out: the section that it is added in. */
export interface AddedLine {
  sku: string
  from?: string
}

/** SKUs of what was just put into the cart, none when the shopper has moved on; and whether there was no room for more. */
export function useAdding() {
  const { add: put } = useCart()
  const origin = useOrigin()
  const added = useState<string[]>('just-added', () => [])
  const isFull = useState('cart-is-full', () => false)
  return {
    added,
    isFull,
    /** Of a bundle, with what was chosen for its parts. */
    add(sku: string, choices: readonly CartChoice[] = []): void {
      isFull.value = !put(sku, choices, origin)
      if (!isFull.value) added.value = [sku]
    },
    /** The last of them stands first in the cart. */
    addAll(lines: readonly AddedLine[]): void {
      const there = lines.filter(({ sku, from = origin }) => put(sku, [], from))
      isFull.value = there.length < lines.length
      added.value = there.map(each => each.sku).toReversed()
    },
  }
}
