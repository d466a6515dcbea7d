import type { KnownThings } from '../../core/sections/sectionProblems'
import { attributeList } from '../../core/productSearch/postings'
import { formatMoney } from '../../core/money/money'
import { textIn } from '../../core/text/text'
import type { LiveShop } from '../live/liveShop'

/** What the shop has that sections may speak of, by the names that the studio shows. */
export function knownThings(shop: LiveShop): KnownThings {
  const { language, currency } = shop.settings
  const words = (text: Record<string, string> | undefined, key: string) => (text && textIn(text, language, language)) || key
  const { postings } = shop.finder
  return {
    kind: key => words(shop.kinds.get(key)?.name, key),
    category: key => words(shop.catalogue.category(key)?.name, key),
    product: sku => words(shop.catalogue.item(sku)?.product.name, sku),
    money: amount => formatMoney(amount, currency, language),
    number: value => value.toLocaleString(language),
    isKnown({ of, name, value }) {
      if (of === 'category') return shop.catalogue.category(name) !== undefined
      if (of === 'attribute' && value === undefined) return postings.attributeValues.has(name)
      return postings.of(of, of === 'attribute' ? attributeList(name, value!) : name).length > 0
    },
    hasAttribute: name => postings.attributeValues.has(name),
    isRetired: kind => shop.kinds.get(kind)?.retired ?? null,
    looks: shop.drafted.looks,
    timeZone: shop.settings.timeZone,
    isProductRetired: sku => (shop.catalogue.item(sku) ? shop.catalogue.item(sku)!.product.status === 'retired' : null),
  }
}
