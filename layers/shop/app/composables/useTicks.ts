import type { ProductAnswer } from '../../../../core/delivery/contract/catalogue'

interface Tickable {
  sku: string
  variant: string | null
  price: number
  hasOptions: boolean
}

/** What is ticked of a list of products; of one with variants the first that can be had, until another is chosen. */
export function useTicks<T extends Tickable>(items: () => readonly T[]) {
  const deliver = useDeliver()
  const keyOf = (item: T) => item.variant ?? item.sku
  /** The SKU that goes into the cart, by the item's own. */
  const ticked = ref<Record<string, string>>({})
  const products = shallowRef<Record<string, ProductAnswer>>({})
  const variantsOf = (item: T) => products.value[item.sku]?.variants.filter(each => each.forSale && each.inStock) ?? []
  async function tick(item: T, isTicked: boolean): Promise<void> {
    const { [keyOf(item)]: _, ...others } = ticked.value
    ticked.value = others
    if (!isTicked) return
    if (item.hasOptions && !products.value[item.sku]) {
      products.value = {
        ...products.value,
        [item.sku]: await deliver<ProductAnswer>(`/catalogue/products/${encodeURIComponent(item.sku)}`),
      }
    }
    const sku = item.hasOptions ? variantsOf(item)[0]?.sku : keyOf(item)
    if (sku) ticked.value = { ...ticked.value, [keyOf(item)]: sku }
  }
  const priceOf = (item: T) => variantsOf(item).find(each => each.sku === ticked.value[keyOf(item)])?.price ?? item.price
  const along = computed(() =>
    items().flatMap(item => (ticked.value[keyOf(item)] ? { sku: ticked.value[keyOf(item)]!, price: priceOf(item) } : [])),
  )
  return { keyOf, ticked, variantsOf, tick, priceOf, along }
}
