import { z } from 'zod'
import type { Catalogue } from '../../../catalogue/catalogue'
import type { Product, Variant } from '../../../catalogue/product'
import { productSchema, variantSchema } from '../../../catalogue/product'
import { skuSchema } from '../../../catalogue/sku'
import type { ShopSettings } from '../../../catalogue/shopSettings'
import { parseMoney, plainMoney } from '../../../money/money'
import type { Text } from '../../../text/text'
import { languageTagSchema, textIn } from '../../../text/text'
import { fromCell, joinCell, splitCell, splitPairs, toCell } from '../cells'
import type { FileRow } from '../../fileRow'
import { RowError, readCell } from '../../fileRow'

/** The columns of a file of products, in their order. A name or description in another language is a column such as `name@de`. */
export const productColumns = [
  'sku',
  'gtin',
  'name',
  'brand',
  'category',
  'keywords',
  'price',
  'was',
  'cost',
  'stock',
  'status',
  'released',
  'attributes',
  'variantOf',
  'options',
  'image',
  'description',
] as const

/** Columns that say something of a variant; the others are its product's. */
const variantColumns: readonly string[] = ['sku', 'gtin', 'price', 'stock', 'status', 'variantOf', 'options', 'image']

/** Whether a column of a file of products means something. */
export function isProductColumn(column: string): boolean {
  const [name = '', language, ...more] = column.split('@')
  if (language === undefined) return (productColumns as readonly string[]).includes(column)
  return !more.length && ['name', 'description'].includes(name) && languageTagSchema.safeParse(language).success
}

/** A product as a file states it: what has no column is left as it is. Categories are paths of names. */
export interface ProductFileRow {
  sku: string
  variantOf: null
  fields: Partial<Omit<Product, 'sku' | 'categories' | 'variants' | 'name' | 'description'>>
  /** Language → text; null takes a text away. */
  name: Record<string, string | null>
  description: Record<string, string | null>
  categories?: string[][]
}
/** A variant as a file states it. */
export interface VariantFileRow {
  sku: string
  variantOf: string
  fields: Partial<Omit<Variant, 'sku'>>
}

/** Reads a row of a file. @throws RowError when a cell can't be read */
export function readProductRow(row: FileRow, settings: Pick<ShopSettings, 'currency' | 'language'>): ProductFileRow | VariantFileRow {
  const own = readCell('sku', skuSchema, fromCell(row.sku!.trim()))
  return row.variantOf?.trim() ? readVariant(own, row, settings) : readProduct(own, row, settings)
}

/** Reads cells of a row by the schemas of what they stand for; a column that is missing is left out. */
function reader(row: FileRow, shape: Record<string, z.ZodType>, currency: string) {
  const fields: Record<string, unknown> = {}
  const take = (column: string, field: string, read: (cell: string) => unknown) => {
    const cell = row[column]
    if (cell !== undefined) fields[field] = readCell(column, shape[field]!, read(fromCell(cell.trim())))
  }
  const text = (cell: string) => cell || null
  const money = (column: string) => (cell: string) => {
    if (!cell) return null
    const amount = parseMoney(cell, currency)
    if (amount === null) throw new RowError(column, `“${cell}” is not an amount such as ${plainMoney(1250, currency)}.`)
    return amount
  }
  const whole = (column: string) => (cell: string) => {
    if (!cell) return 0
    if (!/^[+-]?\d{1,12}$/.test(cell)) throw new RowError(column, `“${cell}” is not a whole number.`)
    return Number(cell)
  }
  return { fields, take, text, money, whole }
}

function readProduct(own: string, row: FileRow, { currency, language }: Pick<ShopSettings, 'currency' | 'language'>): ProductFileRow {
  const { fields, take, text, money, whole } = reader(row, productSchema.shape, currency)
  take('gtin', 'gtin', text)
  take('brand', 'brand', text)
  take('keywords', 'tags', cell => [...new Set(splitCell(cell))])
  for (const column of ['price', 'was', 'cost'] as const) take(column, column, money(column))
  take('stock', 'stock', whole('stock'))
  take('status', 'status', cell => cell || 'active')
  take('released', 'released', text)
  take('attributes', 'attributes', cell => {
    const pairs = readPairs('attributes', cell)
    if (!pairs) throw new RowError('attributes', 'Attributes are written as name=value|name=value.')
    const attributes = new Map<string, Set<string>>()
    for (const [name, value] of pairs) attributes.set(name, (attributes.get(name) ?? new Set()).add(value))
    return Object.fromEntries(Array.from(attributes, ([name, values]) => [name, [...values]]))
  })
  take('image', 'image', text)
  if (row.options?.trim()) throw new RowError('options', 'Only a variant has options; name its product under variantOf.')
  return {
    sku: own,
    variantOf: null,
    fields: fields as ProductFileRow['fields'],
    name: texts(row, 'name', language),
    description: texts(row, 'description', language),
    ...(row.category !== undefined && { categories: readCategories(row.category) }),
  }
}

function readVariant(own: string, row: FileRow, { currency }: Pick<ShopSettings, 'currency'>): VariantFileRow {
  const foreign = Object.keys(row).find(column => isProductColumn(column) && !variantColumns.includes(column) && row[column]!.trim())
  if (foreign) throw new RowError(foreign, `A variant has no ${foreign.split('@')[0]} of its own; leave it empty, its product’s is shown.`)
  const { fields, take, text, money, whole } = reader(row, variantSchema.shape, currency)
  take('gtin', 'gtin', text)
  take('price', 'price', money('price'))
  take('stock', 'stock', whole('stock'))
  take('status', 'status', text)
  take('options', 'options', cell => {
    const pairs = readPairs('options', cell)
    if (!pairs || new Set(pairs.map(([name]) => name)).size < pairs.length)
      throw new RowError('options', 'Options are written as name=value|name=value, each name once.')
    return Object.fromEntries(pairs)
  })
  take('image', 'image', text)
  const variantOf = readCell('variantOf', skuSchema, fromCell(row.variantOf!.trim()))
  if (variantOf === own) throw new RowError('variantOf', 'A product can’t be a variant of itself.')
  return { sku: own, variantOf, fields: fields as VariantFileRow['fields'] }
}

/** The one name that a JavaScript object can't hold like any other: programs that read it would lose it, or worse. */
const unusableName = '__proto__'

/** The pairs of a cell; null when they can't be told apart. @throws RowError when one has a name that can't be used */
function readPairs(column: string, cell: string): [name: string, value: string][] | null {
  const pairs = splitPairs(cell)
  if (pairs?.some(([name]) => name === unusableName)) throw new RowError(column, `“${unusableName}” can’t be a name here. Choose another.`)
  return pairs
}

const longTextSchema = z.string().max(20_000, 'A text has at most 20,000 characters.')

/** The texts of all languages: `name` is that of the shop's language, `name@de` that of another. */
function texts(row: FileRow, column: string, language: string): Record<string, string | null> {
  const found: Record<string, string | null> = {}
  for (const [each, cell] of Object.entries(row)) {
    const [name, other = language] = each.split('@')
    if (name === column && isProductColumn(each)) found[other] = readCell(each, longTextSchema, fromCell(cell.trim())) || null
  }
  return found
}

function readCategories(cell: string): string[][] {
  return splitCell(fromCell(cell)).map(path => {
    const names = path.split('>').map(each => each.trim())
    if (names.some(each => !each || each.length > 120))
      throw new RowError('category', `“${path}” is not a path of categories such as Hives > Frames.`)
    return names
  })
}

/**
 * The columns of a file with these products: all of them, and those of every language that a text is in.
 * @param languages BCP 47 tags, without the shop's own
 */
export function productFileColumns(languages: readonly string[]): string[] {
  return productColumns.flatMap(column =>
    column === 'name' || column === 'description' ? [column, ...languages.map(each => `${column}@${each}`)] : [column],
  )
}

/** A product and its variants as rows of a file. */
export function productFileRows(
  product: Product,
  catalogue: Pick<Catalogue, 'category' | 'categoryPath'>,
  { currency, language }: Pick<ShopSettings, 'currency' | 'language'>,
): FileRow[] {
  const money = (amount: number | null) => (amount === null ? '' : plainMoney(amount, currency))
  const pairs = (all: [string, string][]) => toCell(joinCell(all.map(([name, value]) => `${name}=${value}`)))
  return [
    {
      sku: toCell(product.sku),
      gtin: product.gtin ?? '',
      brand: toCell(product.brand ?? ''),
      category: toCell(joinCell(product.categories.map(key => categoryPath(key, catalogue, language).join(' > ')))),
      keywords: toCell(joinCell(product.tags)),
      price: money(product.price),
      was: money(product.was),
      cost: money(product.cost),
      stock: String(product.stock),
      status: product.status,
      released: product.released ?? '',
      attributes: pairs(
        Object.entries(product.attributes).flatMap(([name, values]) => values.map((value): [string, string] => [name, value])),
      ),
      image: toCell(product.image ?? ''),
      ...textCells('name', product.name, language),
      ...textCells('description', product.description, language),
    },
    ...product.variants.map(each => ({
      sku: toCell(each.sku),
      gtin: each.gtin ?? '',
      price: money(each.price),
      stock: String(each.stock),
      status: each.status ?? '',
      variantOf: toCell(product.sku),
      options: pairs(Object.entries(each.options)),
      image: toCell(each.image ?? ''),
    })),
  ]
}

const textCells = (column: string, text: Text, language: string): FileRow =>
  Object.fromEntries(Object.entries(text).map(([tag, words]) => [tag === language ? column : `${column}@${tag}`, toCell(words)]))

/** The names of a category and all above it, from the top; of categories that stand below each other in a circle, each once. */
export function categoryPath(key: string, catalogue: Pick<Catalogue, 'category' | 'categoryPath'>, language: string): string[] {
  return catalogue.categoryPath(key).map(each => textIn(catalogue.category(each)!.name, language, language) || each)
}
