import type { Transaction } from 'sequelize'
import { isEqual, omit, partition, pick } from 'es-toolkit'
import type { Product } from '../../../core/catalogue/product'
import { textIn } from '../../../core/text/text'
import { batches } from './batches'
import type { Database } from './database'
import type { CategoryRow } from './models'

/**
 * Products with all that hangs on them that are read by SKU, or written, at a time: what is made of them in memory must not hold up other
 * requests.
 */
export const productsAtOnce = 50

/** A product after a change; what it was before, where that is known, tells what of it need not be written. */
interface Written {
  before: Product | null
  after: Product
}

/** Writes products, new ones and those that are there. A variant that a product no longer has is taken away. */
export async function writeProducts(db: Database, products: readonly Written[], language: string, transaction: Transaction): Promise<void> {
  let categories: CategoryRow[] | undefined
  for (const batch of batches(products, productsAtOnce)) {
    const [figures, others] = partition(batch, differInFigures)
    await writeFigures(db, afterOf(figures), transaction)
    await writeRows(
      db,
      afterOf(others).map(each => ({ ...each, title: textIn(each.name, language, language) })),
      transaction,
    )
    const varied = batch.filter(({ before, after }) => !isEqual(before?.variants, after.variants))
    await writeVariants(db, afterOf(varied), transaction)
    const moved = batch.filter(({ before, after }) => !isEqual(before?.categories, after.categories))
    const retold = batch.filter(({ before, after }) => !before || !isEqual(searchedTexts(before), searchedTexts(after)))
    if (!moved.length && !retold.length) continue
    categories ??= await db.models.categories.findAll({ transaction })
    await writeCategories(db, afterOf(moved), new Map(categories.map(each => [each.key, each.id])), transaction)
    const names = new Map(categories.map(each => [each.key, textIn(each.name, language, language)]))
    await writeSearch(
      db,
      afterOf(retold).map(each => ({ ...searchedTexts(each), categories: each.categories.map(key => names.get(key)).join(' · ') })),
      transaction,
    )
  }
}

const afterOf = (written: readonly Written[]) => written.map(each => each.after)

/** What feeds change every hour: numbers beside which all else of a product stays. */
const figureColumns = ['price', 'was', 'cost', 'stock', 'status'] as const

/** Whether a product that is there differs in nothing of its own but figures. */
function differInFigures({ before, after }: Written): boolean {
  const own = (product: Product) => omit(product, [...figureColumns, 'variants', 'categories'])
  return before !== null && isEqual(own(before), own(after))
}

async function writeFigures(db: Database, products: readonly Product[], transaction: Transaction): Promise<void> {
  if (!products.length) return
  await db.run(
    `UPDATE products SET ${figureColumns.map(each => `${each} = given.value ->> '${each}'`).join(', ')}
     FROM json_each($figures) AS given WHERE products.sku = given.value ->> 'sku'`,
    { figures: JSON.stringify(products.map(each => pick(each, ['sku', ...figureColumns]))) },
    transaction,
  )
}

const plainColumns = ['sku', 'title', 'gtin', 'brand', 'price', 'was', 'cost', 'stock', 'status', 'released', 'image'] as const
const jsonColumns = ['name', 'tags', 'attributes', 'description', 'bundle'] as const

/** A statement a batch: what stands in it is read by the database, for a statement with a value for each cell keeps the server busy. */
async function writeRows(db: Database, rows: readonly object[], transaction: Transaction): Promise<void> {
  if (!rows.length) return
  const columns = [...plainColumns, ...jsonColumns]
  const values = [...plainColumns.map(each => `value ->> '${each}'`), ...jsonColumns.map(each => `nullif(value -> '${each}', 'null')`)]
  await db.run(
    `INSERT INTO products (${columns.join(', ')}) SELECT ${values.join(', ')} FROM json_each($rows) WHERE true
     ON CONFLICT (sku) DO UPDATE SET ${columns.map(each => `${each} = excluded.${each}`).join(', ')}`,
    { rows: JSON.stringify(rows) },
    transaction,
  )
}

async function writeVariants(db: Database, products: readonly Product[], transaction: Transaction): Promise<void> {
  if (!products.length) return
  const variants = products.flatMap(each => each.variants.map((variant, i) => ({ product: each.sku, position: i + 1, ...variant })))
  await db.run(
    `DELETE FROM variants WHERE productId IN (SELECT id FROM products WHERE sku IN (SELECT value FROM json_each($products)))
     AND sku NOT IN (SELECT value FROM json_each($kept))`,
    { products: JSON.stringify(products.map(each => each.sku)), kept: JSON.stringify(variants.map(each => each.sku)) },
    transaction,
  )
  if (!variants.length) return
  const changed = ['position', 'gtin', 'options', 'price', 'stock', 'status', 'image']
  await db.run(
    `INSERT INTO variants (productId, sku, position, gtin, options, price, stock, status, image)
     SELECT (SELECT id FROM products WHERE sku = value ->> 'product'), value ->> 'sku', value ->> 'position', value ->> 'gtin',
       value -> 'options', value ->> 'price', value ->> 'stock', value ->> 'status', value ->> 'image'
     FROM json_each($variants) WHERE true
     ON CONFLICT (sku) DO UPDATE SET ${changed.map(each => `${each} = excluded.${each}`).join(', ')}`,
    { variants: JSON.stringify(variants) },
    transaction,
  )
}

async function writeCategories(
  db: Database,
  products: readonly Product[],
  categoryIds: ReadonlyMap<string, number>,
  transaction: Transaction,
): Promise<void> {
  if (!products.length) return
  const rows = products.flatMap(({ sku, categories }) =>
    categories.map((key, i) => ({ sku, category: known(categoryIds, key), position: i + 1 })),
  )
  await db.run(
    `DELETE FROM product_categories
     WHERE productId IN (SELECT id FROM products WHERE sku IN (SELECT value FROM json_each($products)))`,
    { products: JSON.stringify(products.map(each => each.sku)) },
    transaction,
  )
  await db.run(
    `INSERT INTO product_categories (productId, categoryId, position)
     SELECT products.id, value ->> 'category', value ->> 'position' FROM json_each($rows) JOIN products ON products.sku = value ->> 'sku'`,
    { rows: JSON.stringify(rows) },
    transaction,
  )
}

/** What a product is found by; its categories by their keys. */
const searchedTexts = (product: Product) => ({
  sku: product.sku,
  title: Object.values(product.name).join(' · '),
  skus: [product.sku, ...product.variants.map(variant => variant.sku)].join(' '),
  gtin: [product.gtin, ...product.variants.map(variant => variant.gtin)].filter(Boolean).join(' '),
  brand: product.brand ?? '',
  tags: product.tags.join(' · '),
  categories: product.categories.join(' · '),
})

/** Brings the full-text index up to date for some products. */
async function writeSearch(db: Database, texts: readonly ReturnType<typeof searchedTexts>[], transaction: Transaction): Promise<void> {
  if (!texts.length) return
  await db.run(
    `DELETE FROM product_search WHERE rowid IN (SELECT id FROM products WHERE sku IN (SELECT value FROM json_each($skus)))`,
    { skus: JSON.stringify(texts.map(each => each.sku)) },
    transaction,
  )
  await db.run(
    `INSERT INTO product_search (rowid, title, sku, gtin, brand, tags, categories)
     SELECT products.id, value ->> 'title', value ->> 'skus', value ->> 'gtin', value ->> 'brand', value ->> 'tags',
       value ->> 'categories' FROM json_each($texts) JOIN products ON products.sku = value ->> 'sku'`,
    { texts: JSON.stringify(texts) },
    transaction,
  )
}

/** Takes products away, with everything that hangs on them. */
export async function deleteProducts(db: Database, skus: readonly string[], transaction: Transaction): Promise<void> {
  for (const batch of batches(skus)) {
    const rows = await db.models.products.findAll({ where: { sku: batch }, attributes: ['id'], transaction })
    const ids = rows.map(row => row.id)
    await db.run('DELETE FROM product_search WHERE rowid IN (SELECT value FROM json_each($ids))', { ids: JSON.stringify(ids) }, transaction)
    await db.models.products.destroy({ where: { id: ids }, transaction })
  }
}

function known(ids: ReadonlyMap<string, number>, key: string): number {
  const id = ids.get(key)
  if (id === undefined) throw new Error(`There is no category “${key}”.`)
  return id
}
