import type { Category } from '../../../catalogue/catalogue'
import { Catalogue } from '../../../catalogue/catalogue'
import type { Product } from '../../../catalogue/product'
import { completed } from '../../../steps'
import type { ImportPlan } from '../../importReport'
import type { FileRow } from '../../fileRow'
import { RowError } from '../../fileRow'
import { readProductRow } from './productRow'
import { ProductImport } from './productImport'

export const settings = { name: 'Shop', currency: 'EUR', language: 'en', languages: ['en', 'de'], productUrl: '/{sku}', timeZone: 'UTC' }
export const category = (key: string, name: string, parent: string | null = null): Category => ({ key, name: { en: name }, parent })
export const categories = [
  category('hives', 'Hives'),
  category('frames', 'Frames', 'hives'),
  category('hives-2', 'Hives'),
  category('tools', 'Tools'),
]

/** Imports rows into a shop, in pieces. */
export function imported(rows: readonly FileRow[], products: readonly Product[] = [], pieceSize = 2): ImportPlan {
  const catalogue = new Catalogue(products, categories, [])
  const stored = new Map(products.map(each => [each.sku, each]))
  const plan = new ProductImport(catalogue, categories, settings)
  const unread: ImportPlan['rejections'] = []
  for (let from = 0; from < rows.length; from += pieceSize) {
    const lines = rows.slice(from, from + pieceSize).flatMap((cells, i) => {
      try {
        return [{ line: from + i + 2, cells, row: readProductRow(cells, settings) }]
      } catch (error) {
        if (!(error instanceof RowError)) throw error
        unread.push({ line: from + i + 2, column: error.column, reason: error.message, row: cells })
        plan.passOver(from + i + 2, cells)
        return []
      }
    })
    plan.add(lines, new Map(plan.about(lines).map(sku => [sku, stored.get(sku)!])))
  }
  const found = completed(plan.finishing())
  return { ...found, rejections: [...found.rejections, ...unread].sort((a, b) => a.line - b.line) }
}
export const told = ({ rejections }: ImportPlan) => rejections.map(each => `${each.line} ${each.column}: ${each.reason}`)
export const after = (plan: ImportPlan, sku: string) => plan.changes.find(change => change.owner === sku)?.after as Product | undefined
