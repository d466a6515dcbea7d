import type { Article, Category } from '../../../core/catalogue/catalogue'
import { articleSchema, categorySchema } from '../../../core/catalogue/catalogue'
import { productSchema } from '../../../core/catalogue/product'
import type { ShopSettings } from '../../../core/catalogue/shopSettings'
import { shopSettingsSchema } from '../../../core/catalogue/shopSettings'
import type { Transaction } from 'sequelize'
import type { Lane } from '../../../core/links/lane'
import { targetsOf } from '../../../core/links/lane'
import type { LanePage } from '../../../core/links/pageLanes'
import { pageLaneKinds, pageOfSource, sourceOfPage } from '../../../core/links/pageLanes'
import { batches } from './batches'
import type { ShopContents } from '../port'
import type { Database } from './database'
import { lanesOf } from './lanesOf'
import { writeProducts } from './productWriting'
import type { RecordTable } from './recordTable'

/**
 * Fills an empty database with a shop's contents, checked first. All or nothing.
 * @throws ZodError when a product, category or article is not valid
 */
export async function fillShop(db: Database, contents: ShopContents): Promise<void> {
  const settings = shopSettingsSchema.parse(contents.settings)
  const categories = contents.categories.map(each => categorySchema.parse(each))
  const articles = contents.articles.map(each => articleSchema.parse(each))
  for (const each of contents.products) productSchema.parse(each)

  await db.write(async transaction => {
    const { models } = db
    await models.settings.upsert({ key: 'shop', value: settings }, { transaction })

    const categoryIds = new Map(categories.map((each, i) => [each.key, i + 1]))
    await models.categories.bulkCreate(
      categories.map((each, i) => ({
        id: i + 1,
        key: each.key,
        name: each.name,
        parentId: each.parent === null ? null : known(categoryIds, each.parent),
        position: i + 1,
      })),
      { transaction },
    )

    const all = contents.products.map(after => ({ before: null, after }))
    await writeProducts(db, all, settings.language, transaction)
    const productIds = new Map((await models.products.findAll({ attributes: ['id', 'sku'], transaction })).map(row => [row.sku, row.id]))

    await models.articles.bulkCreate(
      articles.map(({ products: _, ...each }, i) => ({ id: i + 1, ...each, position: i + 1 })),
      { transaction },
    )
    await models.articleProducts.bulkCreate(
      articles.flatMap((each, i) =>
        each.products.map((sku, place) => ({
          articleId: i + 1,
          productId: known(productIds, sku),
          position: place + 1,
        })),
      ),
      { transaction },
    )

    const orders = contents.orders.map((each, i) => ({ id: i + 1, ...each }))
    for (const batch of batches(orders)) {
      await models.orders.bulkCreate(
        batch.map(({ id, number, placed }) => ({ id, number, placed })),
        { transaction },
      )
      const lines = batch.flatMap(each =>
        each.lines.map((line, i) => ({ orderId: each.id, line: i + 1, ...line, total: line.quantity * line.unitPrice, within: null })),
      )
      for (const some of batches(lines)) await models.orderLines.bulkCreate(some, { transaction })
    }
  })
}

function known(ids: Map<string, number>, key: string): number {
  const id = ids.get(key)
  if (id === undefined) throw new Error(`The shop's contents name “${key}”, which is not among them.`)
  return id
}

export async function readSettings(db: Database, transaction?: Transaction): Promise<ShopSettings> {
  const row = await db.models.settings.findByPk('shop', { transaction })
  return shopSettingsSchema.parse(row!.value)
}

/** Categories in their order, parents before children or after, as they were given. */
export async function readCategories(db: Database, transaction?: Transaction): Promise<Category[]> {
  const rows = await db.models.categories.findAll({ order: ['position'], transaction })
  const keys = new Map(rows.map(row => [row.id, row.key]))
  return rows.map(({ key, name, parentId }) => ({ key, name, parent: parentId === null ? null : keys.get(parentId)! }))
}

export async function readArticles(db: Database, transaction?: Transaction): Promise<Article[]> {
  const rows = await db.models.articles.findAll({ order: ['position'], transaction })
  const named = await db.select<{ articleId: number; sku: string }>(
    'SELECT articleId, sku FROM article_products JOIN products ON products.id = productId ORDER BY articleId, position',
    [],
    transaction,
  )
  return rows.map(({ id, key, title, body, image }) => ({
    key,
    title,
    body,
    image,
    products: named.filter(each => each.articleId === id).map(each => each.sku),
  }))
}

/** Puts the lane of an article or category in the place of what stood there. */
async function writePageLane(db: Database, source: string, lane: Lane, transaction: Transaction): Promise<void> {
  const { page, key } = pageOfSource(source)!
  const { lanes, owner, owners, place, target, targets, name } = pageTables[page]
  await db.run(`DELETE FROM ${lanes} WHERE ${owner} = (SELECT id FROM ${owners} WHERE key = $key)`, { key }, transaction)
  await db.run(
    `INSERT INTO ${lanes} (${owner}, ${place}, ${target})
     SELECT owner.id, link.key + 1, target.id FROM json_each($links) AS link
     CROSS JOIN ${owners} AS owner ON owner.key = $key JOIN ${targets} AS target ON target.${name} = link.value`,
    { key, links: JSON.stringify(targetsOf(lane)) },
    transaction,
  )
}

const pageTables: Record<
  LanePage,
  { lanes: string; owner: string; owners: string; place: string; target: string; targets: string; name: string }
> = {
  article: {
    lanes: 'article_products',
    owner: 'articleId',
    owners: 'articles',
    place: 'position',
    target: 'productId',
    targets: 'products',
    name: 'sku',
  },
  category: {
    lanes: 'related_categories',
    owner: 'categoryId',
    owners: 'categories',
    place: 'place',
    target: 'targetId',
    targets: 'categories',
    name: 'key',
  },
}

/** Related categories; what articles name is read with them. */
export const pageLinksTable: RecordTable<Lane> = {
  async *read(db, transaction) {
    const rows = await db.select<{ key: string; target: string }>(
      `SELECT categories.key, targets.key AS target FROM related_categories
       JOIN categories ON categories.id = categoryId JOIN categories AS targets ON targets.id = targetId ORDER BY categoryId, place`,
      [],
      transaction,
    )
    yield* lanesOf(rows.map(({ key, target }) => ({ owner: sourceOfPage('category', key), key: pageLaneKinds.category.key, target })))
  },
  async write(db, changes, transaction) {
    for (const { owner: source, after } of changes) await writePageLane(db, source, after, transaction)
  },
}
