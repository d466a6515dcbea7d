import { isEqual } from 'es-toolkit'
import type { Category } from '../../catalogue/catalogue'
import { asItIs } from '../../journal/keyed'
import type { ChangeOf, StoredRecord } from '../../journal/record'

/** Categories, held as a part of the catalogue; null: there is none. */
export const categoryRecord: StoredRecord<'category', Category | null> = {
  of: 'category',
  called: 'the same category',
  upgrade: asItIs,
  isSame: isEqual,
  begin: () => null,
  read: ({ key: kind }, { catalogue }) => catalogue.category(kind) ?? null,
  live: ({ key: kind, after }, effects) => effects.category(kind, after),
  counting: { isCopied: false, apply: () => false },
  usedBy({ key: kind, after }, shop, together) {
    if (after) return null
    const isChanged = (key: string) => together.has('category', '', key)
    const relating = shop.categories.find(
      each => each.key !== kind && !isChanged(each.key) && shop.relatedCategories(each.key).includes(kind),
    )
    if (relating || shop.relatedCategories(kind).length)
      return {
        about: kind,
        words: `its category “${kind}” has related categories by now${relating ? `, or is one of “${relating.key}”` : ''}.`,
      }
    const below = shop.categories.find(each => each.parent === kind && !isChanged(each.key))
    if (below) return { about: kind, words: `its category “${kind}” has the category “${below.key}” below it by now.` }
    const inside = shop.catalogue.products.find(product => product.categories.includes(kind) && !together.has('product', product.sku))
    return inside ? { about: kind, words: `its category “${kind}” has ${inside.sku} by now.` } : null
  },
}
export type CategoryChange = ChangeOf<'category', Category | null>
