import type { CartChoice } from './useCart'

/** What was just put into the cart; null when the shopper has moved on. */
export function useAdding() {
  const { add: put } = useCart()
  const added = useState<string | null>('just-added', () => null)
  return {
    added,
    /** Of a bundle, with what was chosen for its parts. */
    add(sku: string, choices: readonly CartChoice[] = []): void {
      put(sku, choices)
      added.value = sku
    },
    /** The last of them is what was just added. */
    addAll(skus: readonly string[]): void {
      for (const sku of skus) put(sku)
      added.value = skus.at(-1) ?? null
    },
  }
}
