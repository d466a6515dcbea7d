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
  usedBy({ key: kind, after }, shop, all) {
    if (after) return null
    const removed = new Set(all.filter(({ of }) => of === 'category').map(each => each.key))
    const changed = new Set(all.filter(({ of }) => of === 'product').map(({ owner: source }) => source))
    const relating = shop.categories.find(
      each => each.key !== kind && !removed.has(each.key) && shop.relatedCategories(each.key).includes(kind),
    )
    if (relating || shop.relatedCategories(kind).length)
      return {
        about: kind,
        words: `its category “${kind}” has related categories by now${relating ? `, or is one of “${relating.key}”` : ''}.`,
      }
    const below = shop.categories.find(each => each.parent === kind && !removed.has(each.key))
    if (below) return { about: kind, words: `its category “${kind}” has the category “${below.key}” below it by now.` }
    const inside = shop.catalogue.products.find(product => product.categories.includes(kind) && !changed.has(product.sku))
    return inside ? { about: kind, words: `its category “${kind}” has ${inside.sku} by now.` } : null
  },
}
export type CategoryChange = ChangeOf<'category', Category | null>
