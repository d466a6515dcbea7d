import type { Product } from '../../core/catalogue/product'
import { HeldStates } from '../../core/journal/states'
import { records } from '../../core/records/registry'
import { readArticles, readCategories, readSettings, readUnitsSold } from '../store/sqlite/catalogueTables'
import type { Database } from '../store/sqlite/database'
import { readProducts } from '../store/sqlite/productTables'
import { tableOf } from '../store/sqlite/recordTables'
import { addBuiltIn } from '../store/sqlite/draftedTables'
import { lastWrite } from '../store/sqlite/changeLogTable'
import { LiveShop } from './liveShop'

/** Builds the live shop from the database. */
export async function loadLiveShop(db: Database): Promise<LiveShop> {
  await addBuiltIn(db)
  // Taken first: what is written while all is read is taken over once more, and is then as it is.
  const followed = await lastWrite(db)
  const [settings, categories, articles, units] = await Promise.all([readSettings(db), readCategories(db), readArticles(db), readUnitsSold(db)])
  const products: Product[] = []
  const ids: number[] = []
  const productSkus = new Map<number, string>()
  const variantSkus = new Map<number, string>()
  for await (const { id, product, variantIds } of readProducts(db)) {
    // Descriptions are read from the database when a page shows them; selection never does.
    products.push({ ...product, description: {} })
    ids.push(id)
    productSkus.set(id, product.sku)
    for (const [sku, variantId] of variantIds) variantSkus.set(variantId, sku)
  }
  const skus = { product: (id: number) => productSkus.get(id)!, variant: (id: number) => variantSkus.get(id)! }
  const states = new HeldStates()
  for (const record of records) {
    for await (const { source, kind, value } of tableOf(record.of).read(db, skus)) record.take({ source, kind, after: record.upgrade(value) }, states)
  }
  const shop = new LiveShop({ settings, states, articles, categories, units, followed })
  await shop.setProducts(products, ids)
  return shop
}
