/** What was just put into the cart; null when the shopper has moved on. */
export function useAdding() {
  const { add: put } = useCart()
  const added = useState<string | null>('just-added', () => null)
  return {
    added,
    add(sku: string): void {
      put(sku)
      added.value = sku
    },
  }
}
