import { makeSettings } from '../../../catalogue/makeSettings.testing'
import { expect } from 'vitest'
import type { Category } from '../../../catalogue/catalogue'
import { versionsOf } from '../../../bundles/bundleVersions'
import { Catalogue } from '../../../catalogue/catalogue'
import type { Product } from '../../../catalogue/product'
import type { Change } from '../../../records/registry'
import { steppedThrough } from '../../../steps'
import type { ImportSummary, Rejection } from '../../importReport'
import type { FileRow } from '../../fileRow'
import { RowError } from '../../fileRow'
import { readProductRow } from './productRow'
import { ProductImport } from './productImport'

export const settings = makeSettings({ name: 'Shop', languages: ['en', 'de'] })
export const category = (key: string, name: string, parent: string | null = null): Category => ({ key, name: { en: name }, parent })
export const categories = [
  category('hives', 'Hives'),
  category('frames', 'Frames', 'hives'),
  category('hives-2', 'Hives'),
  category('tools', 'Tools'),
]

/** What a file asks for, and what it changes. */
export interface Imported extends ImportSummary {
  changes: Change[]
}

/** Imports rows into a shop, in pieces, each on the shop as those before have left it. To try it says the same. */
export function imported(rows: readonly FileRow[], products: readonly Product[] = [], pieceSize = 2): Imported {
  const { changes, ...written } = importing('written', rows, products, pieceSize)
  const { changes: _, ...tried } = importing('tried', rows, products, pieceSize)
  expect(tried).toEqual(written)
  return { ...written, changes }
}

function importing(how: 'tried' | 'written', rows: readonly FileRow[], products: readonly Product[], pieceSize: number): Imported {
  const bundles = new Map(products.filter(each => each.bundle).map(each => [each.sku, versionsOf(each)]))
  const catalogue = new Catalogue(products, categories, [])
  const stored = new Map(products.map(each => [each.sku, each]))
  const known = [...categories]
  const plan = new ProductImport(catalogue, categories, settings, bundles, how)
  const unread: Rejection[] = []
  const changes: Change[] = []
  for (let from = 0; from < rows.length; from += pieceSize) {
    const lines = rows.slice(from, from + pieceSize).flatMap((cells, i) => {
      try {
        return [{ line: from + i + 2, cells, row: readProductRow(cells, settings) }]
      } catch (error) {
        if (!(error instanceof RowError)) throw error
        unread.push({ line: from + i + 2, column: error.column, reason: error.message, more: [...error.more], row: cells })
        plan.passOver(from + i + 2, cells)
        return []
      }
    })
    for (const change of plan.add(lines, new Map(plan.about(lines).map(sku => [sku, stored.get(sku)!])))) {
      changes.push(change)
      if (how === 'tried') continue
      if (change.of === 'category') catalogue.setCategories((known.push(change.after!), known))
      if (change.of !== 'product') continue
      const product = change.after!
      const position = catalogue.products.findIndex(each => each.sku === product.sku)
      catalogue.put([{ position: position < 0 ? catalogue.products.length : position, product }])
      stored.set(product.sku, product)
    }
  }
  const found = steppedThrough(plan.finishing(), part => changes.push(...part.changes))
  return { ...found, changes, rejections: [...found.rejections, ...unread].sort((a, b) => a.line - b.line) }
}

export const told = ({ rejections }: ImportSummary) => rejections.map(each => `${each.line} ${each.column}: ${each.reason}`)
export const after = (plan: Imported, sku: string) => plan.changes.findLast(change => change.owner === sku)?.after as Product | undefined
