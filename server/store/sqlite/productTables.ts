import type { Transaction } from 'sequelize'
import type { Category } from '../../../core/catalogue/catalogue'
import type { Product } from '../../../core/catalogue/product'
import type { Text } from '../../../core/text/text'
import { textIn } from '../../../core/text/text'
import { batches } from './batches'
import type { Database } from './database'
import type { ProductModel, VariantModel } from './models'
import type { RecordTable } from './recordTable'
import { readElsewhere } from './recordTable'

/** A product as it is kept, with its number. */
interface StoredProduct {
  number: number
  product: Product
}

/**
 * Products with all that hangs on them that are read by SKU, or written, at a time: what is made of them in memory must not hold up other
 * requests.
 */
const productsAtOnce = 100

/** All products, read piece by piece so that a large catalogue never stands in memory twice. */
export async function* readProducts(db: Database, pieceSize = 1000, transaction?: Transaction): AsyncGenerator<StoredProduct> {
  const categoryKeys = await readCategoryKeys(db, transaction)
  for (let after = 0; ;) {
    const rows = await db.select<Stored<ProductModel>>(
      'SELECT * FROM products WHERE id > ? ORDER BY id LIMIT ?',
      [after, pieceSize],
      transaction,
    )
    if (!rows.length) return
    yield* await storedProducts(db, rows, categoryKeys, transaction)
    after = rows.at(-1)!.id
  }
}

/** The products with these SKUs, those that there are, with their descriptions. */
export async function readProductsBySku(db: Database, skus: readonly string[], transaction?: Transaction): Promise<Map<string, Product>> {
  const found = new Map<string, Product>()
  const categoryKeys = await readCategoryKeys(db, transaction)
  for (const batch of batches(skus, productsAtOnce)) {
    const rows = await db.select<Stored<ProductModel>>('SELECT * FROM products WHERE sku IN (:batch) ORDER BY id', { batch }, transaction)
    for (const { product } of await storedProducts(db, rows, categoryKeys, transaction)) found.set(product.sku, product)
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

async function readCategoryKeys(db: Database, transaction?: Transaction): Promise<Map<number, string>> {
  return new Map((await db.models.categories.findAll({ transaction })).map(each => [each.id, each.key]))
}

/** A row of a raw query: its JSON columns are still text. */
type Stored<Row> = { [Column in keyof Row]: Row[Column] extends string | number | null ? Row[Column] : string }

async function storedProducts(
  db: Database,
  rows: Stored<ProductModel>[],
  categoryKeys: ReadonlyMap<number, string>,
  transaction?: Transaction,
): Promise<StoredProduct[]> {
  const ids = { ids: JSON.stringify(rows.map(row => row.id)) }
  const variants = groupBy(
    await db.select<Stored<VariantModel>>(
      'SELECT * FROM variants WHERE productId IN (SELECT value FROM json_each(:ids)) ORDER BY productId, position',
      ids,
      transaction,
    ),
    each => each.productId,
  )
  const categories = groupBy(
    await db.select<{ productId: number; categoryId: number }>(
      `SELECT productId, categoryId FROM product_categories
       WHERE productId IN (SELECT value FROM json_each(:ids)) ORDER BY productId, position`,
      ids,
      transaction,
    ),
    each => each.productId,
  )
  return rows.map(row =>
    storedProduct(
      row,
      variants.get(row.id) ?? [],
      (categories.get(row.id) ?? []).map(each => categoryKeys.get(each.categoryId)!),
    ),
  )
}

function storedProduct(row: Stored<ProductModel>, variants: Stored<VariantModel>[], categories: string[]): StoredProduct {
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
      categories,
      name: JSON.parse(row.name),
      tags: JSON.parse(row.tags),
      attributes: JSON.parse(row.attributes),
      description: JSON.parse(row.description),
      bundle: row.bundle && JSON.parse(row.bundle),
      variants: variants.map(each => ({
        sku: each.sku,
        gtin: each.gtin,
        options: JSON.parse(each.options),
        price: each.price,
        stock: each.stock,
        status: each.status,
        image: each.image,
      })),
    },
  }
}

function groupBy<T>(list: T[], keyOf: (each: T) => number): Map<number, T[]> {
  const groups = new Map<number, T[]>()
  for (const each of list) {
    const key = keyOf(each)
    const group = groups.get(key)
    if (group) group.push(each)
    else groups.set(key, [each])
  }
  return groups
}

/** Writes products, new ones and those that are there. A variant that a product no longer has is taken away. */
export async function writeProducts(db: Database, products: readonly Product[], language: string, transaction: Transaction): Promise<void> {
  const categories = await db.models.categories.findAll({ transaction })
  const categoryIds = new Map(categories.map(each => [each.key, each.id]))
  const categoryNames = new Map(categories.map(each => [each.key, textIn(each.name, language, language)]))
  for (const batch of batches(products, productsAtOnce)) {
    await db.models.products.bulkCreate(
      batch.map(({ categories: _, variants: __, ...each }) => ({ title: textIn(each.name, language, language), ...each })) as never[],
      {
        transaction,
        conflictAttributes: ['sku'],
        updateOnDuplicate: [
          'gtin',
          'name',
          'title',
          'brand',
          'tags',
          'price',
          'was',
          'cost',
          'stock',
          'status',
          'released',
          'attributes',
          'image',
          'description',
          'bundle',
        ],
      },
    )
    const rows = await db.models.products.findAll({ where: { sku: batch.map(each => each.sku) }, attributes: ['id', 'sku'], transaction })
    const ids = new Map(rows.map(row => [row.sku, row.id]))
    await writeVariants(db, batch, ids, transaction)

    await db.models.productCategories.destroy({ where: { productId: [...ids.values()] }, transaction })
    await db.models.productCategories.bulkCreate(
      batch.flatMap(each =>
        each.categories.map((key, i) => ({
          productId: ids.get(each.sku)!,
          categoryId: known(categoryIds, key),
          position: i + 1,
        })),
      ),
      { transaction },
    )
    await writeSearch(db, batch, ids, categoryNames, transaction)
  }
}

async function writeVariants(
  db: Database,
  products: readonly Product[],
  ids: ReadonlyMap<string, number>,
  transaction: Transaction,
): Promise<void> {
  const variants = products.flatMap(each =>
    each.variants.map((variant, i) => ({ productId: ids.get(each.sku)!, position: i + 1, ...variant })),
  )
  const kept = JSON.stringify(variants.map(each => each.sku))
  await db.run(
    'DELETE FROM variants WHERE productId IN (SELECT value FROM json_each($ids)) AND sku NOT IN (SELECT value FROM json_each($kept))',
    { ids: JSON.stringify([...ids.values()]), kept },
    transaction,
  )
  for (const some of batches(variants)) {
    await db.models.variants.bulkCreate(some as never[], {
      transaction,
      conflictAttributes: ['sku'],
      updateOnDuplicate: ['position', 'gtin', 'options', 'price', 'stock', 'status', 'image'],
    })
  }
}

/** Brings the full-text index up to date for some products. */
async function writeSearch(
  db: Database,
  products: readonly Product[],
  ids: ReadonlyMap<string, number>,
  categoryNames: ReadonlyMap<string, string>,
  transaction: Transaction,
): Promise<void> {
  const rows = products.map(each => ({
    id: ids.get(each.sku)!,
    title: Object.values(each.name).join(' · '),
    sku: [each.sku, ...each.variants.map(variant => variant.sku)].join(' '),
    gtin: [each.gtin, ...each.variants.map(variant => variant.gtin)].filter(Boolean).join(' '),
    brand: each.brand ?? '',
    tags: each.tags.join(' · '),
    categories: each.categories.map(key => categoryNames.get(key)).join(' · '),
  }))
  await deleteSearch(
    db,
    rows.map(row => row.id),
    transaction,
  )
  await db.run(
    `INSERT INTO product_search (rowid, title, sku, gtin, brand, tags, categories)
     SELECT value ->> 'id', value ->> 'title', value ->> 'sku', value ->> 'gtin', value ->> 'brand', value ->> 'tags',
     value ->> 'categories' FROM json_each($rows)`,
    { rows: JSON.stringify(rows) },
    transaction,
  )
}

async function deleteSearch(db: Database, ids: readonly number[], transaction: Transaction): Promise<void> {
  await db.run('DELETE FROM product_search WHERE rowid IN (SELECT value FROM json_each($ids))', { ids: JSON.stringify(ids) }, transaction)
}

/** Takes products away, with everything that hangs on them. */
async function deleteProducts(db: Database, skus: readonly string[], transaction: Transaction): Promise<void> {
  for (const batch of batches(skus)) {
    const rows = await db.models.products.findAll({ where: { sku: batch }, attributes: ['id'], transaction })
    const ids = rows.map(row => row.id)
    await deleteSearch(db, ids, transaction)
    await db.models.products.destroy({ where: { id: ids }, transaction })
  }
}

/** Writes a category, behind the others if it is new. Null takes it away. */
async function writeCategory(db: Database, key: string, category: Category | null, transaction: Transaction): Promise<void> {
  const { categories } = db.models
  if (!category) {
    await categories.destroy({ where: { key }, transaction })
    return
  }
  const parent = category.parent === null ? null : await categories.findOne({ where: { key: category.parent }, transaction })
  const [last] = await db.select<{ position: number }>('SELECT ifnull(max(position), 0) AS position FROM categories', [], transaction)
  await categories.create({ key, name: category.name, parentId: parent?.id ?? null, position: last!.position + 1 } as never, {
    transaction,
  })
}

function known(ids: ReadonlyMap<string, number>, key: string): number {
  const id = ids.get(key)
  if (id === undefined) throw new Error(`There is no category “${key}”.`)
  return id
}

/** Read as the catalogue, piece by piece. */
export const productTable: RecordTable<Product | null> = {
  read: readElsewhere,
  async write(db, changes, transaction, language) {
    await writeProducts(
      db,
      changes.flatMap(change => change.after ?? []),
      language,
      transaction,
    )
    await deleteProducts(
      db,
      changes.filter(change => !change.after).map(change => change.owner),
      transaction,
    )
  },
}

/** Read as a part of the catalogue. */
export const categoryTable: RecordTable<Category | null> = {
  read: readElsewhere,
  async write(db, changes, transaction) {
    for (const { key: key, after } of changes) await writeCategory(db, key, after, transaction)
  },
}
