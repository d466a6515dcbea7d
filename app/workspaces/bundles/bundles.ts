import { useDebounceFn } from '@vueuse/core'
import { isEqual } from 'es-toolkit'
import type { Bundle } from '../../../core/catalogue/bundle'
import { namedIn } from '../../../core/catalogue/bundle'
import type { BundleRow, StoredBundle } from '../../../core/studio/bundleAnswers'
import { bundleItemsSchema, bundleListSchema, storedBundleSchema } from '../../../core/studio/bundleAnswers'
import type { BundleSettings } from '../../../core/bundles/bundleSettings'
import { Catalogue } from '../../../core/catalogue/catalogue'
import type { Product } from '../../../core/catalogue/product'
import { callApi } from '../../data/callApi'
import { useMessages } from '../../data/messages'
import { useSending } from '../../data/sending'

/** All bundles, and the one that is open. Edits show at once and are sent one after another; what is typed, after a moment. */
export const useBundles = defineStore('bundles', () => {
  const messages = useMessages()

  const rows = shallowRef<BundleRow[] | null>(null)
  const open = shallowRef<StoredBundle | null>(null)
  /** SKU of the bundle that was asked for and isn't there. */
  const missing = ref<string | null>(null)
  /** The open bundle with everything it names: what a price or stock is worked out from. */
  const catalogue = computed(() => new Catalogue([...(open.value?.items ?? []), ...(open.value ? [asProduct(open.value)] : [])], [], []))

  async function loadRows(): Promise<void> {
    rows.value = (await callApi(bundleListSchema, '/api/bundles')).bundles
  }

  /** SKU of the bundle that is to be open. */
  let wanted: string | null = null
  /** Opens a bundle, or takes the open one anew. */
  async function load(sku: string | null): Promise<void> {
    wanted = sku
    if (sku !== open.value?.sku) await flush()
    try {
      const fetched = sku === null ? null : await newest(() => callApi(storedBundleSchema, `/api/bundles/${encodeURIComponent(sku)}`))
      // Another one may be wanted by now; and what is typed meanwhile is newer than what is stored.
      if (sku !== wanted || (sku !== null && (!fetched || (sku === open.value?.sku && unsent)))) return
      open.value = fetched
      missing.value = null
    } catch (error) {
      open.value = null
      missing.value = sku
      if ((error as { code?: string }).code !== 'unknown-bundle') messages.refuse(error)
    }
  }

  const { newest, send, sendAndTell } = useSending(async () => {
    if (wanted !== null) await load(wanted)
  })

  /** What was changed and not sent yet, with how it was before. */
  let unsent: { sku: string; settings: Partial<BundleSettings>; seen: Partial<BundleSettings> } | null = null
  async function flush(): Promise<void> {
    if (!unsent) return
    const { sku, settings, seen } = unsent
    unsent = null
    const changed = (Object.keys(settings) as (keyof BundleSettings)[]).filter(part => !isEqual(settings[part], seen[part]))
    if (changed.length) await send({ type: 'changeBundle', sku, settings: part(settings, changed), seen: part(seen, changed) })
    // It was typed back to what it was; what came in the meantime was not taken.
    else await load(sku)
  }
  const flushSoon = useDebounceFn(flush, 600)

  /** Sets parts of the open bundle. What is being typed is sent when the typing pauses. */
  function change(settings: Partial<BundleSettings>, typed = false): void {
    const bundle = open.value
    if (!bundle || Object.entries(settings).every(([part, value]) => isEqual(value, bundle.settings[part as keyof BundleSettings]))) return
    unsent ??= { sku: bundle.sku, settings: {}, seen: {} }
    unsent.settings = { ...unsent.settings, ...settings }
    unsent.seen = { ...part(bundle.settings, Object.keys(settings) as (keyof BundleSettings)[]), ...unsent.seen }
    open.value = { ...bundle, settings: { ...bundle.settings, ...settings } }
    void (typed ? flushSoon() : flush())
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

  return { rows, open, missing, catalogue, parts, loadRows, load, sendAndTell, change, changeBundle, flush, know }
})

const part = (settings: Partial<BundleSettings>, keys: readonly (keyof BundleSettings)[]): Partial<BundleSettings> =>
  Object.fromEntries(keys.map(key => [key, settings[key]]))

/** Prices are worked out as if it were on sale: a draft is looked at before it is. */
const asProduct = ({ sku, settings }: StoredBundle): Product => ({
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
