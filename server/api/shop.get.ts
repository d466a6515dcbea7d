import type { StudioShop } from '../../core/workbench/workbench'
import type { Category } from '../../core/catalogue/catalogue'
import { whatStandsOn } from '../../core/records/settings/settingRecord'
import { settingsKey, translationsOf } from '../../core/records/translations/translationRecord'
import { textIn } from '../../core/text/text'
import { useShop } from '../running/useShop'

export default api('viewer', async (): Promise<StudioShop> => {
  const { shop } = await useShop()
  const { language } = shop.settings
  const branch = (parent: string | null, depth: number): StudioShop['categories'] =>
    shop.categories
      .filter((each: Category) => each.parent === parent)
      .flatMap(each => [{ key: each.key, name: textIn(each.name, language, language), depth }, ...branch(each.key, depth + 1)])
  return {
    settings: shop.settings,
    kinds: [...shop.kinds.values()],
    categories: branch(null, 0),
    brandMarks: Object.fromEntries(shop.brandMarks),
    products: shop.catalogue.products.length,
    translations: [...translationsOf(shop.states, 'settings', settingsKey)],
    fixed: { currency: whatStandsOn('currency', shop), language: whatStandsOn('language', shop) },
  }
})
