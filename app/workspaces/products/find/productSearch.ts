import type { ProductRow } from '../../../../core/workbench/workbench'
import type { ListQuery } from '../../../parts/productSearch/listQuery'
import { useWorkbench } from '../bench/workbench'

/** What is looked for and picked among the targets; it outlives the pane that shows it. */
export const useProductSearch = defineStore('finding', () => {
  const bench = useWorkbench()
  const query = ref<ListQuery>({})
  /** Rows by SKU. */
  const picked = ref(new Map<string, ProductRow>())
  // Picks are meant for the products on the bench.
  watch(
    () => bench.products.map(product => product.sku).join(),
    () => picked.value.clear(),
  )
  return { query, picked }
})
