import type { Transaction } from 'sequelize'
import type { Database } from './database'

/** More matches than this are not ranked: words so short say little, and ranking them all takes long. */
const maxRanked = 2000

/**
 * Numbers of the products with all these words, or beginnings of words, in their name, SKU, GTIN, brand, tags or category.
 * @returns best match first; null when there are no words; `ranked` is false when there are too many to say which is best
 */
export async function matchWords(
  db: Database,
  words: string,
  transaction?: Transaction,
): Promise<{ numbers: number[]; ranked: boolean } | null> {
  const match = matchExpression(words)
  if (!match) return null
  // One row with all numbers: a row for each would take longer to read than to find.
  const [found] = await db.select<{ ids: string }>(
    'SELECT json_group_array(rowid) AS ids FROM product_search WHERE product_search MATCH ?',
    [match],
    transaction,
  )
  const numbers = JSON.parse(found!.ids) as number[]
  if (numbers.length > maxRanked) return { numbers, ranked: false }
  const rows = await db.select<{ id: number }>(
    // CROSS JOIN keeps the order: the matches first, then their products. The planner would otherwise ask the index for every product.
    `SELECT id FROM (SELECT rowid, bm25(product_search, ${weights}) AS rank FROM product_search WHERE product_search MATCH :match) AS found
     CROSS JOIN products ON products.id = found.rowid ORDER BY sku = :exact COLLATE NOCASE DESC, rank, title, sku`,
    { match, exact: words.trim() },
    transaction,
  )
  return { numbers: rows.map(row => row.id), ranked: true }
}

/** How much a word found in title, SKU, GTIN, brand, tags and categories counts: a name says more than the shelf it stands on. */
const weights = [20, 20, 10, 4, 2, 1].join(', ')

/** Every word as a prefix, quoted so that FTS5 reads no operator into what a person typed. Null: no words. */
function matchExpression(words: string): string | null {
  const terms = words.match(/[\p{L}\p{N}\p{M}]+/gu)
  return terms ? terms.map(term => `"${term}"*`).join(' ') : null
}
