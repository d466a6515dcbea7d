import { isEqual } from 'es-toolkit'
import { namedIn } from '../../catalogue/bundle'
import { allCount } from '../../catalogue/neighbours'
import type { Product } from '../../catalogue/product'
import { differOnlyInStock } from '../../catalogue/product'
import type { ChangeOf, StoredRecord } from '../../journal/record'
import type { ProductDifference } from './productDifference'
import { beforeDifference, differenceBetween, isJustStock, turnedRound, withDifference } from './productDifference'

/**
 * Products with their variants; null: there is none. They are held as the catalogue, without their descriptions: how one is now stands in
 * the database alone.
 */
export const productRecord: StoredRecord<'product', Product | null> = {
  of: 'product',
  called: 'the same product',
  upgrade: stored => stored && { ...stored, bundle: stored.bundle ?? null },
  isSame: isEqual,
  differing: {
    between: differenceBetween,
    turnedRound: difference => turnedRound(difference as ProductDifference),
    onto: (now, difference) => now && withDifference(now, difference as ProductDifference),
    before: (now, difference) => now && beforeDifference(now, difference as ProductDifference),
    isEveryday: difference => isJustStock(difference as ProductDifference),
  },
  begin: () => null,
  read: () => undefined,
  live: ({ owner: source, after }, effects) => effects.product(source, after),
  counting: {
    isCopied: false,
    apply: ({ owner: source, after }, shop) => shop.replaceProduct(source, after),
    fill(change, stale) {
      // A sale that leaves some changes what is shown only where it is asked how many are left.
      if (!isJustFewer(change) || stale.heeds('stock')) stale.pagesWith(change.owner)
    },
    findings(change, stale) {
      stale.product(change.owner)
      if (isJustFewer(change)) {
        if (stale.heeds('stock')) stale.rules()
        return
      }
      stale.productsLinkingTo(change.owner)
      // Whether two bundles have the same contents hangs on both.
      if (change.before?.bundle || change.after?.bundle) stale.bundles()
      stale.rules()
    },
  },
  usedBy({ before, after }, shop, together) {
    const missing = after?.bundle ? namedIn(after.bundle).find(sku => !shop.catalogue.item(sku)) : undefined
    if (missing !== undefined) return { about: missing, words: `${missing}, which was in this bundle, is no longer in the shop.` }
    const left = new Set([after?.sku, ...(after?.variants.map(each => each.sku) ?? [])])
    const gone = [before!, ...(before?.variants ?? [])].filter(each => each && !left.has(each.sku)).map(each => each.sku)
    const used = gone.find(
      sku =>
        shop.links.timesTarget(sku) ||
        shop.dismissed.timesTarget(sku) ||
        shop.links.lanes(sku).size ||
        shop.dismissed.lanes(sku).size ||
        shop.neighboursOf(sku) !== allCount ||
        shop.switchedOff(sku).size ||
        shop.articles.some(article => article.products.includes(sku)) ||
        [...shop.catalogue.bundlesNaming(sku)].some(bundle => !together.has('product', bundle)),
    )
    return used === undefined
      ? null
      : {
          about: used,
          words:
            `${used} would be taken away, and it is linked, dismissed from suggestions, named in an article, in a bundle, or has ` +
            `settings of its own.`,
        }
  },
}
export type ProductChange = ChangeOf<'product', Product | null>

/** Whether there are only fewer, or more, of a product than before. */
const isJustFewer = ({ before, after }: ProductChange) => before !== null && after !== null && differOnlyInStock(before, after)
