import type { z } from 'zod'
import type { BundleRow, bundleListSchema } from '../../../core/studio/bundleAnswers'
import { bundleProblems } from '../../../core/bundles/bundleProblems'
import { contentWords } from '../../../core/bundles/bundleWords'
import { isPriceFrom } from '../../../core/delivery/deliveredItem'
import { textIn } from '../../../core/text/text'
import type { KeyedBundle } from '../../../core/bundles/bundleSettings'
import type { Versions } from '../../../core/sections/versions'
import { isUnpublished } from '../../../core/sections/versions'
import { useShop } from '../../running/useShop'

/** All bundles as they are drafted, by name. */
export default api('viewer', async (): Promise<z.infer<typeof bundleListSchema>> => {
  const { shop } = await useShop()
  const {
    catalogue,
    settings: { language },
  } = shop
  const now = shop.now()
  const rowOf = (sku: string, versions: Versions<KeyedBundle>): BundleRow | [] => {
    const product = catalogue.product(sku)
    // It has just been added.
    if (!product) return []
    const { name, image, price, stock, bundle } = product
    return {
      sku,
      name: textIn(name, language, language) || sku,
      image,
      state: stateOf(versions),
      type: bundle!.type,
      contents: contentWords(bundle!),
      price,
      isFrom: isPriceFrom(bundle!, catalogue),
      stock,
      problems: bundleProblems({ sku, bundle: bundle! }, catalogue, now).length,
    }
  }
  const bundles = shop.asDrafted(() => [...shop.versions.bundles].flatMap(([sku, versions]) => rowOf(sku, versions)))
  const { compare } = new Intl.Collator(language, { numeric: true })
  return { bundles: bundles.sort((a, b) => compare(a.name, b.name) || (a.sku < b.sku ? -1 : 1)) }
})

function stateOf(versions: Versions<KeyedBundle>): BundleRow['state'] {
  if (!versions.live) return 'draft'
  if (isUnpublished(versions)) return 'changed'
  return versions.live.status === 'retired' ? 'retired' : 'live'
}
