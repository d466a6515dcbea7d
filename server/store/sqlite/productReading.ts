import type { Transaction } from 'sequelize'
import type { Product } from '../../../core/catalogue/product'
import type { Text } from '../../../core/text/text'
import { batches } from './batches'
import type { Database } from './database'
import type { ProductModel } from './models'
import { productsAtOnce } from './productWriting'

/** A product as it is kept, with its number. */
interface StoredProduct {
  number: number
  product: Product
}

/** Products with all that hangs on them, a row each: whoever writes waits for each statement, and on a busy server that is long. */
const selectProducts = `SELECT products.*,
  (SELECT json_group_array(json_object('sku', sku, 'gtin', gtin, 'options', json(options), 'price', price, 'stock', stock, 'status', status,
     'image', image) ORDER BY position) FROM variants WHERE productId = products.id) AS variants,
  (SELECT json_group_array(key ORDER BY product_categories.position) FROM product_categories JOIN categories ON categories.id = categoryId
   WHERE productId = products.id) AS categories
  FROM products`

/** All products, read piece by piece so that a large catalogue never stands in memory twice. */
export async function* readProducts(db: Database, pieceSize = 1000, transaction?: Transaction): AsyncGenerator<StoredProduct> {
  for (let after = 0; ;) {
    const rows = await db.select<ProductRow>(`${selectProducts} WHERE id > ? ORDER BY id LIMIT ?`, [after, pieceSize], transaction)
    if (!rows.length) return
    yield* rows.map(storedProduct)
    after = rows.at(-1)!.id
  }
}

/** The products with these SKUs, those that there are, with their descriptions. */
export async function readProductsBySku(db: Database, skus: readonly string[], transaction?: Transaction): Promise<Map<string, Product>> {
  const found = new Map<string, Product>()
  for (const batch of batches(skus, productsAtOnce)) {
    const rows = await db.select<ProductRow>(`${selectProducts} WHERE sku IN (:batch) ORDER BY id`, { batch }, transaction)
    for (const { product } of rows.map(storedProduct)) found.set(product.sku, product)
  }
  return found
}

/** Numbers that are read at a time. */
const idsAtOnce = 10_000

/** Numbers and SKUs of all products, or of those with these SKUs, in the order of the numbers. */
export async function readProductNumbers(
  db: Database,
  skus?: readonly string[],
  transaction?: Transaction,
): Promise<{ number: number; sku: string }[]> {
  const all: { number: number; sku: string }[] = []
  const among = skus ? 'AND sku IN (SELECT value FROM json_each(:skus))' : ''
  for (;;) {
    // One row with all of them: a row for each would keep the server busy for long.
    const [found] = await db.select<{ some: string }>(
      `SELECT json_group_array(json_array(id, sku)) AS some
       FROM (SELECT id, sku FROM products WHERE id > :after ${among} ORDER BY id LIMIT :most)`,
      { after: all.at(-1)?.number ?? 0, skus: JSON.stringify(skus ?? []), most: idsAtOnce },
      transaction,
    )
    const some = JSON.parse(found!.some) as [number, string][]
    for (const [number, sku] of some) all.push({ number, sku })
    if (some.length < idsAtOnce) return all
  }
}

/** Number of a product that there is. */
export async function productIdOf(db: Database, sku: string, transaction: Transaction): Promise<number> {
  const [found] = await db.select<{ id: number }>('SELECT id FROM products WHERE sku = ?', [sku], transaction)
  return found!.id
}

/** Descriptions by SKU. */
export async function readDescriptions(db: Database, skus: readonly string[], transaction?: Transaction): Promise<Map<string, Text>> {
  const rows = await db.models.products.findAll({ where: { sku: [...new Set(skus)] }, attributes: ['sku', 'description'], transaction })
  return new Map(rows.map(({ sku, description }) => [sku, description]))
}

/** BCP 47 tags of all languages that a product's name or description is in. */
export async function readTextLanguages(db: Database, transaction?: Transaction): Promise<string[]> {
  const rows = await db.select<{ tag: string }>(
    `SELECT DISTINCT text.key AS tag FROM products, json_each(name) AS text
     UNION SELECT text.key FROM products, json_each(description) AS text ORDER BY 1`,
    [],
    transaction,
  )
  return rows.map(row => row.tag)
}

/** A row of a raw query: its JSON columns are still text. */
type Stored<Row> = { [Column in keyof Row]: Row[Column] extends string | number | null ? Row[Column] : string }

interface ProductRow extends Stored<ProductModel> {
  variants: string
  categories: string
}

function storedProduct(row: ProductRow): StoredProduct {
  const { sku, gtin, brand, price, was, cost, stock, status, released, image } = row
  return {
    number: row.id,
    product: {
      sku,
      gtin,
      brand,
      price,
      was,
      cost,
      stock,
      status,
      released,
      image,
      categories: JSON.parse(row.categories),
      name: JSON.parse(row.name),
      tags: JSON.parse(row.tags),
      attributes: JSON.parse(row.attributes),
      description: JSON.parse(row.description),
      bundle: row.bundle && JSON.parse(row.bundle),
      variants: JSON.parse(row.variants),
    },
  }
}
