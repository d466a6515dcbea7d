import fc from 'fast-check'
import sqlite3 from 'sqlite3'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Product } from '../catalogue/product'
import { anyPlainShop, now, shopOf } from '../selection/anyShop.testing'
import { anyRule } from './anyRule.testing'
import { skus } from '../fillSteps/naiveStep.testing'
import { makeShopper } from '../selection/makeShop.testing'
import { explainPage } from '../selection/resolvePage'
import { makePlan, makeSection } from '../sections/makeSection.testing'
import type { PlainShop } from '../selection/naiveResolve.testing'
import type { Range } from './range'
import type { Condition, ProductTest, TargetTest } from './rule'
import { ruleSchema } from './rule'

/*
 * Matching rules asked of a plain SQLite database: products t and the source s, and what they have in a table of traits.
 */

const text = (value: string) => `'${value.replaceAll("'", "''")}'`
const both = (...tests: (string | false)[]) => tests.filter(Boolean).join(' AND ')
const between = (value: string, { from, to }: Range) =>
  `(${both(`${value} IS NOT NULL`, from !== undefined && `${value} >= ${from}`, to !== undefined && `${value} <= ${to}`)})`
const traitOf = (row: string, of: string, name = '?') =>
  `SELECT value FROM traits WHERE sku = ${row}.sku AND "of" = '${of}'${name === '?' ? '' : ` AND name = ${text(name)}`}`
const shared = (of: string, name?: string, other = name) => `EXISTS (${traitOf('t', of, name)} INTERSECT ${traitOf('s', of, other)})`

function productTest(test: ProductTest, row: string): string {
  if ('has' in test) {
    const { of, name, value } = test.has
    if (of === 'category')
      return `EXISTS (${traitOf(row, of)} AND value IN (WITH RECURSIVE below (key) AS (SELECT key FROM categories WHERE key = ${text(name)}
        UNION SELECT c.key FROM categories c JOIN below b ON c.parent = b.key) SELECT key FROM below))`
    if (of === 'attribute') return `EXISTS (${traitOf(row, of, name)}${value === undefined ? '' : ` AND value = ${text(value)}`})`
    return `EXISTS (${traitOf(row, of)} AND value = ${text(name)})`
  }
  if ('price' in test) return between(`${row}.price`, test.price)
  if ('stock' in test) return between(`${row}.stock`, test.stock)
  if ('sold' in test) return between(`${row}.sold`, test.sold)
  return `(${row}.released IS NOT NULL
        AND unixepoch(${row}.released) BETWEEN ${now.ms / 1000} - ${test.releasedWithin} * 86400 AND ${now.ms / 1000})`
}

function targetTest(test: TargetTest): string {
  if ('brand' in test) return `(t.brand IS NOT NULL AND s.brand IS NOT NULL AND t.brand ${test.brand === 'same' ? '=' : '<>'} s.brand)`
  if ('category' in test) return test.category === 'same' ? shared('category') : `NOT ${shared('category')}`
  if ('attribute' in test) return shared('attribute', test.attribute, test.sourceAttribute)
  if ('pricePercent' in test) {
    const { from, to } = test.pricePercent
    return `(${both(
      't.price IS NOT NULL AND s.price IS NOT NULL',
      from !== undefined && `t.price * 100 >= ${from} * s.price`,
      to !== undefined && `t.price * 100 <= ${to} * s.price`,
    )})`
  }
  if ('newer' in test) return '(t.released IS NOT NULL AND s.released IS NOT NULL AND unixepoch(t.released) > unixepoch(s.released))'
  if ('sharedTags' in test) return `(SELECT count(*) FROM (${traitOf('t', 'tag')} INTERSECT ${traitOf('s', 'tag')})) >= ${test.sharedTags}`
  return productTest(test, 't')
}

function inSql<Test extends object>(condition: Condition<Test>, leaf: (test: Test) => string): string {
  const parts = (all: Condition<Test>[]) => all.map(part => inSql(part, leaf))
  if ('all' in condition) return `(${['1', ...parts(condition.all)].join(' AND ')})`
  if ('any' in condition) return `(${['0', ...parts(condition.any)].join(' OR ')})`
  if ('none' in condition) return `NOT (${['0', ...parts(condition.none)].join(' OR ')})`
  return leaf(condition)
}

describe('matching rules', () => {
  let db: sqlite3.Database
  const exec = (sql: string) => new Promise<void>((resolve, reject) => db.exec(sql, error => (error ? reject(error) : resolve())))
  const all = (sql: string) =>
    new Promise<{ sku: string }[]>((resolve, reject) =>
      db.all<{ sku: string }>(sql, (error, rows) => (error ? reject(error) : resolve(rows))),
    )
  beforeAll(() => {
    db = new sqlite3.Database(':memory:')
  })
  afterAll(() => new Promise<void>(resolve => db.close(() => resolve())))

  const valueOf = (value: string | number | null) => (typeof value === 'string' ? text(value) : String(value ?? 'NULL'))
  function rowsOf({ sku, brand, categories, tags, attributes }: Product) {
    return [
      ...categories.map(value => ['category', '', value]),
      ...tags.map(value => ['tag', '', value]),
      ...(brand === null ? [] : [['brand', '', brand]]),
      ...Object.entries(attributes).flatMap(([name, values]) => values.map(value => ['attribute', name, value])),
    ].map(([of, name, value]) => `(${[sku, of!, name!, value!].map(text).join()})`)
  }
  async function fill({ products, categories, sold }: PlainShop) {
    /** More than any rule asks about. */
    const untracked = 1e9
    const onHand = (product: Product) =>
      product.variants.length
        ? product.variants
            .filter(each => (each.status ?? product.status) === 'active')
            .reduce((sum, each) => sum + Math.max(0, each.stock ?? untracked), 0)
        : Math.max(0, product.stock ?? untracked)
    const inRow = (each: Product) => {
      const drafted = Number(each.status === 'draft')
      return `(${[each.sku, each.price, each.brand, each.released, sold[each.sku] ?? 0, onHand(each), drafted].map(valueOf).join()})`
    }
    const traits = products.flatMap(rowsOf)
    await exec(`
      DROP TABLE IF EXISTS products; DROP TABLE IF EXISTS traits; DROP TABLE IF EXISTS categories;
      CREATE TABLE products (sku, price, brand, released, sold, stock, drafted);
        CREATE TABLE traits (sku, "of", name, value); CREATE TABLE categories (key, parent);
      INSERT INTO products VALUES ${products.map(inRow).join()};
      INSERT INTO categories VALUES ${categories.map(each => `(${valueOf(each.key)}, ${valueOf(each.parent)})`).join()};
      ${traits.length ? `INSERT INTO traits VALUES ${traits.join()};` : ''}`)
  }

  it('pick what the same question asked in SQL picks', async () => {
    let picked = 0
    await fc.assert(
      fc.asyncProperty(
        anyPlainShop,
        fc.array(anyRule, { minLength: 1, maxLength: 8 }),
        fc.constantFrom(...skus),
        async (plain, rules, source) => {
          await fill(plain)
          for (const each of rules) {
            ruleSchema.parse(each)
            const expected = await all(`SELECT t.sku FROM products t, products s WHERE s.sku = ${text(source)} AND t.sku <> s.sku
          AND ${inSql(each.when, test => productTest(test, 's'))} AND ${inSql(each.pick, targetTest)}
            ORDER BY t.price IS NULL OR t.drafted, t.price IS NULL, t.price, t.sku`)
            const shop = shopOf({
              ...plain,
              neighbours: {},
              switchedOff: {},
              sections: [
                makeSection('s', {
                  guards: [],
                  places: 48,
                  steps: [{ from: 'rule', rule: each, order: 'cheapest', subjects: 'page', cap: null, off: false }],
                }),
              ],
              plans: [makePlan('product', ['s'])],
            })
            // What has no price, or is drafted, is picked, and then held back.
            const { taken, heldBack } = explainPage(shop, { kind: 'product', sku: source }, makeShopper({ at: now })).steps.get('s')![0]!
            const found = [...taken, ...heldBack.map(each => each.candidate)].map(each => each.product.sku)
            expect(found).toEqual(expected.map(row => row.sku))
            picked += found.length
          }
        },
      ),
      { numRuns: 250 },
    )
    // The rules are not all such that pick nothing.
    expect(picked).toBeGreaterThan(500)
  }, 120_000)
})
