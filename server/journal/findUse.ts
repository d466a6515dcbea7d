import type { Change } from '../../core/commands/change'
import { namedIn } from '../../core/bundles/bundle'
import { pageOfSource } from '../../core/links/pageLanes'
import { allCount } from '../../core/catalogue/neighbours'
import type { LiveShop } from '../engine/liveShop'

/** Something that stands on a thing which changes would take away. */
export interface Use {
  words: string
  /** SKU or key of the thing. */
  about: string
}

/** What would be lost beside the changes themselves, because it stands on what they take away; null: nothing. */
export function findUse(changes: readonly Change[], shop: LiveShop): Use | null {
  const removed = new Set(changes.filter(change => change.of === 'category').map(change => change.kind))
  const changed = new Set(changes.filter(change => change.of === 'product').map(change => change.source))
  for (const change of changes) {
    const use = useOf(change, shop, changed, removed)
    if (use) return use
  }
  return null
}

function useOf(change: Change, shop: LiveShop, changed: ReadonlySet<string>, removed: ReadonlySet<string>): Use | null {
  switch (change.of) {
    case 'kind':
      if (change.after || shop.links.extentOf(change.kind).links + shop.dismissed.extentOf(change.kind).links === 0) return null
      return { about: change.kind, words: 'products are linked as this kind. Retire it instead; that keeps its links.' }
    case 'product': {
      const missing = change.after?.bundle ? namedIn(change.after.bundle).find(sku => !shop.catalogue.item(sku)) : undefined
      if (missing !== undefined) return { about: missing, words: `${missing}, which was in this bundle, is no longer in the shop.` }
      const left = new Set([change.after?.sku, ...change.after?.variants.map(each => each.sku) ?? []])
      const gone = [change.before!, ...change.before?.variants ?? []].filter(each => each && !left.has(each.sku)).map(each => each.sku)
      const used = gone.find(sku => shop.links.timesTarget(sku) || shop.dismissed.timesTarget(sku) || shop.links.lanes(sku).size || shop.dismissed.lanes(sku).size
        || shop.neighboursOf(sku) !== allCount || shop.switchedOff(sku).size || shop.articles.some(article => article.products.includes(sku))
        || [...shop.catalogue.bundlesNaming(sku)].some(bundle => !changed.has(bundle)))
      return used === undefined ? null : { about: used, words: `${used} would be taken away, and it is linked, dismissed from suggestions, named in an article, in a bundle, or has settings of its own.` }
    }
    case 'pageLinks': {
      const { page, key } = pageOfSource(change.source)!
      const gone = change.after.find(({ target }) => page === 'article' ? !shop.catalogue.product(target) : !shop.catalogue.category(target))
      if (gone) return { about: gone.target, words: `${gone.target} is no longer in the shop.` }
      return (page === 'article' ? shop.catalogue.article(key) : shop.catalogue.category(key)) ? null : { about: key, words: `the ${page} “${key}” is no longer in the shop.` }
    }
    case 'category': {
      if (change.after) return null
      const relating = shop.categories.find(each => each.key !== change.kind && !removed.has(each.key) && shop.relatedCategories(each.key).includes(change.kind))
      if (relating || shop.relatedCategories(change.kind).length) return { about: change.kind, words: `its category “${change.kind}” has related categories by now${relating ? `, or is one of “${relating.key}”` : ''}.` }
      const below = shop.categories.find(each => each.parent === change.kind && !removed.has(each.key))
      if (below) return { about: change.kind, words: `its category “${change.kind}” has the category “${below.key}” below it by now.` }
      const inside = shop.catalogue.products.find(product => product.categories.includes(change.kind) && !changed.has(product.sku))
      return inside ? { about: change.kind, words: `its category “${change.kind}” has ${inside.sku} by now.` } : null
    }
    case 'look': {
      if (change.after) return null
      const user = [...shop.sectionVersions].find(([, { live, draft }]) => live?.look.preset === change.kind || draft?.look.preset === change.kind)
      return user ? { about: change.kind, words: `the section “${user[0]}” has this look by now.` } : null
    }
    default: return null
  }
}
