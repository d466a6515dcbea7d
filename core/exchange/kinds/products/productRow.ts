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
import { RowError, RowFaults, readCell } from '../../fileRow'

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
  /** What the row says of its product, as exports repeat it on each of its variants; what is empty is left out. */
  ofProduct: ProductFacts
}
/** What a row says of a product. */
type ProductFacts = Pick<ProductFileRow, 'fields' | 'name' | 'description' | 'categories'>

/** What cells are read by. */
export type RowReading = Pick<ShopSettings, 'currency' | 'language' | 'emptyStock'>

/** Stock that isn't tracked, in a file: as an empty cell is, where the shop doesn't take these for nothing in stock. */
const untracked = 'untracked'

/** Reads a row of a file. @throws RowError with all cells that can't be read */
export function readProductRow(row: FileRow, reading: RowReading): ProductFileRow | VariantFileRow {
  const faults = new RowFaults()
  const sku = faults.reading(() => readCell('sku', skuSchema, fromCell(row.sku!.trim()))) ?? ''
  const read = row.variantOf?.trim() ? readVariant(sku, row, reading, faults) : readProduct(sku, row, reading, faults)
  faults.end()
  return read
}

/** Reads cells of a row by the schemas of what they stand for; a column that is missing is left out. */
function reader(row: FileRow, shape: Record<string, z.ZodType>, { currency, emptyStock }: RowReading, faults: RowFaults) {
  const fields: Record<string, unknown> = {}
  const take = (column: string, field: string, read: (cell: string) => unknown) => {
    const cell = row[column]
    if (cell === undefined) return
    const value = faults.reading(() => ({ is: readCell(column, shape[field]!, read(fromCell(cell.trim()))) }))
    if (value) fields[field] = value.is
  }
  const text = (cell: string) => cell || null
  const money = (column: string) => (cell: string) => {
    if (!cell) return null
    const amount = parseMoney(cell, currency)
    if (amount === null) throw new RowError(column, `“${cell}” is not an amount such as ${plainMoney(1250, currency)}.`)
    return amount
  }
  const stock = (cell: string) => {
    if (cell === untracked || (!cell && emptyStock === 'untracked')) return null
    if (!cell) return 0
    if (!/^[+-]?\d{1,12}$/.test(cell)) throw new RowError('stock', `“${cell}” is not a whole number.`)
    return Number(cell)
  }
  return { fields, take, text, money, stock }
}

function readProduct(sku: string, row: FileRow, reading: RowReading, faults: RowFaults): ProductFileRow {
  if (row.options?.trim()) faults.note('options', 'Only a variant has options; name its product under variantOf.')
  return { sku, variantOf: null, ...readFacts(row, reading, faults) }
}

/** Reads what a row says of a product. */
function readFacts(row: FileRow, reading: RowReading, faults: RowFaults): ProductFacts {
  const { fields, take, text, money, stock } = reader(row, productSchema.shape, reading, faults)
  take('gtin', 'gtin', text)
  take('brand', 'brand', text)
  take('keywords', 'tags', cell => [...new Set(splitCell(cell))])
  for (const column of ['price', 'was', 'cost'] as const) take(column, column, money(column))
  take('stock', 'stock', stock)
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
  const categories = row.category === undefined ? undefined : faults.reading(() => readCategories(row.category!))
  return {
    fields: fields as ProductFileRow['fields'],
    name: texts(row, 'name', reading.language, faults),
    description: texts(row, 'description', reading.language, faults),
    ...(categories && { categories }),
  }
}

function readVariant(sku: string, row: FileRow, reading: RowReading, faults: RowFaults): VariantFileRow {
  const { fields, take, text, money, stock } = reader(row, variantSchema.shape, reading, faults)
  take('gtin', 'gtin', text)
  take('price', 'price', money('price'))
  take('stock', 'stock', stock)
  take('status', 'status', text)
  take('options', 'options', cell => {
    const pairs = readPairs('options', cell)
    if (!pairs || new Set(pairs.map(([name]) => name)).size < pairs.length)
      throw new RowError('options', 'Options are written as name=value|name=value, each name once.')
    return Object.fromEntries(pairs)
  })
  take('image', 'image', text)
  const variantOf = faults.reading(() => readCell('variantOf', skuSchema, fromCell(row.variantOf!.trim()))) ?? ''
  if (variantOf && variantOf === sku) faults.note('variantOf', 'A product can’t be a variant of itself.')
  const repeated = Object.entries(row).filter(([column, cell]) => !variantColumns.includes(column) && cell.trim())
  return {
    sku,
    variantOf,
    fields: fields as VariantFileRow['fields'],
    ofProduct: readFacts(Object.fromEntries(repeated), reading, faults),
  }
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
function texts(row: FileRow, column: string, language: string, faults: RowFaults): Record<string, string | null> {
  const found: Record<string, string | null> = {}
  for (const [each, cell] of Object.entries(row)) {
    const [name, other = language] = each.split('@')
    if (name !== column || !isProductColumn(each)) continue
    const text = faults.reading(() => readCell(each, longTextSchema, fromCell(cell.trim())))
    if (text !== undefined) found[other] = text || null
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
  { currency, language, emptyStock }: RowReading,
): FileRow[] {
  const units = (stock: number | null) => String(stock ?? (emptyStock === 'untracked' ? '' : untracked))
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
      stock: units(product.stock),
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
      stock: units(each.stock),
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
