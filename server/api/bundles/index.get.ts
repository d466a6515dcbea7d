import type { z } from 'zod'
import type { BundleRow, bundleListSchema } from '../../../core/studio/bundleAnswers'
import { bundleProblems } from '../../../core/bundles/bundleProblems'
import { contentWords } from '../../../core/bundles/bundleWords'
import { isPriceFrom } from '../../../core/delivery/deliveredItem'
import { textIn } from '../../../core/text/text'
import { useShop } from '../../running/useShop'

/** All bundles, by name. */
export default api('viewer', async (): Promise<z.infer<typeof bundleListSchema>> => {
  const { shop } = await useShop()
  const {
    catalogue,
    settings: { language },
  } = shop
  const now = shop.now()
  const bundles = Array.from(catalogue.bundles, (sku): BundleRow => {
    const { name, image, status, price, stock, bundle } = catalogue.product(sku)!
    return {
      sku,
      name: textIn(name, language, language) || sku,
      image,
      status,
      type: bundle!.type,
      contents: contentWords(bundle!),
      price,
      isFrom: isPriceFrom(bundle!, catalogue),
      stock,
      problems: bundleProblems({ sku, bundle: bundle! }, catalogue, now).length,
    }
  })
  const { compare } = new Intl.Collator(language, { numeric: true })
  return { bundles: bundles.sort((a, b) => compare(a.name, b.name) || (a.sku < b.sku ? -1 : 1)) }
})
