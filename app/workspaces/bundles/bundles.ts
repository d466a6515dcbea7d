import type { Bundle } from '../../../core/catalogue/bundle'
import { namedIn } from '../../../core/catalogue/bundle'
import { Catalogue } from '../../../core/catalogue/catalogue'
import type { Product } from '../../../core/catalogue/product'
import type { BundleRow, StoredBundle } from '../../../core/studio/bundleAnswers'
import { bundleItemsSchema, bundleListSchema, storedBundleSchema } from '../../../core/studio/bundleAnswers'
import type { BundleSettings, KeyedBundle } from '../../../core/bundles/bundleSettings'
import { callApi } from '../../data/callApi'
import { useMessages } from '../../data/messages'
import { changedParts, useResource } from '../../data/resource'

/** The open bundle, with what is edited of it. */
export interface OpenBundle extends StoredBundle {
  /** As it is drafted; of what is to be taken away, as it is live. */
  settings: KeyedBundle
}
const opened = (stored: StoredBundle): OpenBundle => ({ ...stored, settings: (stored.draft ?? stored.live)! })

/** All bundles, and the one that is open. */
export const useBundles = defineStore('bundles', () => {
  const messages = useMessages()
  const rows = shallowRef<BundleRow[] | null>(null)
  const fetch = async (sku: string) => opened(await callApi(storedBundleSchema, `/api/bundles/${encodeURIComponent(sku)}`))
  const stored = useResource(fetch)
  const open = stored.value
  /** What was asked for is no bundle. */
  const missing = computed(() => stored.problem.value?.code === 'unknown-bundle')
  /** The open bundle with everything it names: what a price or stock is worked out from. */
  const catalogue = computed(() => new Catalogue([...(open.value?.items ?? []), ...(open.value ? [asProduct(open.value)] : [])], [], []))

  async function loadRows(): Promise<void> {
    rows.value = (await callApi(bundleListSchema, '/api/bundles')).bundles
  }

  /** The first free one for another bundle. */
  function nextSku(): string {
    const taken = new Set(rows.value?.map(each => each.sku))
    let number = 1
    while (taken.has(`SET-${String(number).padStart(2, '0')}`)) number++
    return `SET-${String(number).padStart(2, '0')}`
  }

  /** Opens a bundle, or takes the open one anew. */
  async function load(sku: string | null): Promise<void> {
    if (sku === null) return stored.close()
    await stored.open(sku).catch(error => {
      if (!missing.value) messages.refuse(error)
    })
  }

  /** Sets parts of the open bundle. What is being typed is sent when the typing pauses. */
  function change(settings: Partial<BundleSettings>, typed = false): void {
    const bundle = open.value
    if (!bundle || !changedParts(bundle.settings, settings)) return
    void stored.edit(
      opened({ ...bundle, draft: { ...bundle.settings, ...settings } }),
      (before, next) => {
        const parts = changedParts(before.settings, next.settings)
        return parts && { type: 'changeBundle', sku: before.sku, ...parts }
      },
      { typed },
    )
  }
  const changeBundle = (bundle: Bundle, typed = false) => change({ bundle }, typed)

  /** Makes sure that products are known, before they become parts. */
  async function know(skus: readonly string[]): Promise<void> {
    const unknown = skus.filter(sku => !catalogue.value.item(sku))
    if (!unknown.length || !open.value) return
    const { items } = await callApi(bundleItemsSchema, '/api/bundles/items', { query: { sku: unknown } })
    const known = new Set(open.value.items.map(each => each.sku))
    open.value = { ...open.value, items: [...open.value.items, ...items.filter(each => !known.has(each.sku))] }
  }

  /** The items of the open bundle's parts, for what is worked out of them. */
  const parts = computed(() => (open.value ? namedIn(open.value.settings.bundle) : []))

  return {
    rows,
    open,
    missing,
    catalogue,
    parts,
    loadRows,
    nextSku,
    load,
    sendAndTell: stored.sendAndTell,
    change,
    changeBundle,
    flush: () => stored.flush(),
    know,
  }
})

/** Prices are worked out as if it were on sale: a draft is looked at before it is. */
const asProduct = ({ sku, settings: { key: _, ...settings } }: OpenBundle): Product => ({
  sku,
  ...settings,
  status: 'active',
  gtin: null,
  brand: null,
  price: null,
  was: null,
  cost: null,
  stock: 0,
  released: null,
  attributes: {},
  variants: [],
})
