import type { Transaction } from 'sequelize'
import type { Product } from '../../../core/catalogue/product'
import { textIn } from '../../../core/text/text'
import { batches } from './batches'
import type { Database } from './database'

/**
 * Products with all that hangs on them that are read by SKU, or written, at a time: what is made of them in memory must not hold up other
 * requests.
 */
export const productsAtOnce = 100

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
export async function deleteProducts(db: Database, skus: readonly string[], transaction: Transaction): Promise<void> {
  for (const batch of batches(skus)) {
    const rows = await db.models.products.findAll({ where: { sku: batch }, attributes: ['id'], transaction })
    const ids = rows.map(row => row.id)
    await deleteSearch(db, ids, transaction)
    await db.models.products.destroy({ where: { id: ids }, transaction })
  }
}

function known(ids: ReadonlyMap<string, number>, key: string): number {
  const id = ids.get(key)
  if (id === undefined) throw new Error(`There is no category “${key}”.`)
  return id
}
