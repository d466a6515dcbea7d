import type { ProductAnswer } from '../../../../core/delivery/contract/catalogue'

interface Tickable {
  sku: string
  variant: string | null
  price: number
  was: number | null
  hasOptions: boolean
}

/**
 * What is ticked of a list of products; of one with variants the first that can be had, until another is chosen.
 * @param all whether everything is ticked from the beginning
 */
export function useTicks<T extends Tickable>(items: () => readonly T[], all: () => boolean = () => false) {
  const factsOf = useProductFacts()
  const keyOf = (item: T) => item.variant ?? item.sku
  const withoutOptions = () => items().filter(item => !item.hasOptions)
  /** The SKU that goes into the cart, by the item's own. */
  const ticked = ref<Record<string, string>>(all() ? Object.fromEntries(withoutOptions().map(item => [keyOf(item), keyOf(item)])) : {})
  const products = shallowRef<Record<string, ProductAnswer>>({})
  const variantsOf = (item: T) => products.value[item.sku]?.variants.filter(each => each.forSale && each.inStock) ?? []
  async function tick(item: T, isTicked: boolean): Promise<void> {
    const { [keyOf(item)]: _, ...others } = ticked.value
    ticked.value = others
    if (!isTicked) return
    if (item.hasOptions && !products.value[item.sku]) {
      const found = await factsOf(item.sku).catch(() => null)
      // Its variants are not known just now: it stays without its tick.
      if (!found) return
      products.value = { ...products.value, [item.sku]: found }
    }
    const sku = item.hasOptions ? variantsOf(item)[0]?.sku : keyOf(item)
    if (sku) ticked.value = { ...ticked.value, [keyOf(item)]: sku }
  }
  /** Its box says in the end what is true. */
  async function tickBy(box: HTMLInputElement, item: T): Promise<void> {
    await tick(item, box.checked)
    box.checked = keyOf(item) in ticked.value
  }
  async function tickAll(): Promise<void> {
    if (!all()) return
    for (const item of items()) if (!(keyOf(item) in ticked.value)) await tick(item, true)
  }
  watch([items, all], tickAll)
  onMounted(tickAll)
  /** The variant that is chosen of what is ticked. */
  const variantOf = (item: T) => variantsOf(item).find(each => each.sku === ticked.value[keyOf(item)])
  const priceOf = (item: T) => variantOf(item)?.price ?? item.price
  const wasOf = (item: T) => (variantOf(item) ?? item).was
  const along = computed(() =>
    items().flatMap(item => (ticked.value[keyOf(item)] ? { sku: ticked.value[keyOf(item)]!, price: priceOf(item) } : [])),
  )
  return { keyOf, ticked, variantsOf, variantOf, tickBy, priceOf, wasOf, along }
}
