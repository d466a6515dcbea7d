import { useLocalStorage } from '@vueuse/core'
import type { ProductRow } from '../../../core/workbench/workbench'
import { productListSchema } from '../../../core/workbench/workbench'
import type { Fill } from '../../../core/checks/fill'
import { callApi } from '../../data/callApi'
import { namedProducts } from '../../data/namedProducts'

/** What sections and rules are tried on: a product, and who looks at its page. */
export const useTried = defineStore('tried', () => {
  const sku = useLocalStorage<string | null>('manada-tried', null)
  const product = shallowRef<ProductRow | null>(null)
  const cart = ref<string[]>([])
  const seen = ref<string[]>([])
  const visitor = ref('')
  /** A day, ISO 8601; empty: now. */
  const day = ref('')
  /** BCP 47; empty: the shop's own. */
  const language = ref('')

  /** How a section is filled on the pages that it is tried on; null while that is not known. */
  const fill = shallowRef<{ section: string; fill: Fill } | null>(null)

  async function choose(next: string): Promise<void> {
    const [row] = await namedProducts([next])
    if (!row) return
    product.value = row
    sku.value = row.product
  }
  /** The product that was tried last; without one, the best seller. */
  async function load(): Promise<void> {
    if (product.value) return
    if (sku.value) await choose(sku.value)
    if (!product.value)
      product.value = (await callApi(productListSchema, '/api/products', { query: { sort: 'best-selling', limit: 1 } })).rows[0] ?? null
  }
  return { product, cart, seen, visitor, day, language, fill, choose, load }
})
