import { isEqual } from 'es-toolkit'
import type { Catalogue, Category } from '../../../catalogue/catalogue'
import { emptyProduct } from '../../../catalogue/emptyProduct'
import type { Product, Variant } from '../../../catalogue/product'
import type { ShopSettings } from '../../../catalogue/shopSettings'
import type { KeyedBundle } from '../../../bundles/bundleSettings'
import type { BundleChange } from '../../../records/bundles/bundleRecord'
import { followingVersions } from '../../../records/bundles/bundleRecord'
import type { CategoryChange } from '../../../records/products/categoryRecord'
import type { ProductChange } from '../../../records/products/productRecord'
import type { Change } from '../../../records/registry'
import { isEmpty } from '../../../records/registry'
import type { Versions } from '../../../sections/versions'
import type { Text } from '../../../text/text'
import { textIn } from '../../../text/text'
import { keyFor } from '../../../text/keyFor'
import { fromCell } from '../cells'
import type { Effect, ImportPart, ImportSummary, Note, Rejection } from '../../importReport'
import type { FileRow } from '../../fileRow'
import { RowError, RowFaults } from '../../fileRow'
import type { ProductFileRow, VariantFileRow } from './productRow'
import { categoryPath } from './productRow'
import { otherwiseRepeated } from './repeatedFacts'

export interface ProductLine {
  /** Line of the file, counted from 1. */
  line: number
  /** The row as it stands in the file. */
  cells: FileRow
  row: ProductFileRow | VariantFileRow
}

interface Draft {
  before: Product | null
  after: Product
}

/**
 * Works out what a file of products asks for, piece by piece: what is as it was before is let go of again, so that a large file
 * need not stand in memory. Products that the file doesn't name stay as they are.
 */
export class ProductImport {
  readonly #catalogue: Catalogue
  readonly #settings: ShopSettings
  readonly #how: 'tried' | 'written'
  /** What is live and drafted of bundles, by SKU. */
  readonly #bundles: ReadonlyMap<string, Versions<KeyedBundle>>
  readonly #drafts = new Map<string, Draft>()
  /** SKUs of the drafts that may have changed since changes were handed out. */
  readonly #touched = new Set<string>()
  /** Line of the file that a SKU stood in, and of a variant the product's SKU. */
  readonly #seen = new Map<string, { line: number; product: string }>()
  /** Lines of products that were not taken: nor are their variants, unless the shop has the product. */
  readonly #rejectedProducts = new Map<string, number>()
  /** Variants whose product has not come yet, by its SKU. */
  readonly #waiting = new Map<string, ProductLine[]>()
  readonly #categoryKeys = new Map<string, string>()
  readonly #newCategories: Category[] = []
  /** How many of them were handed out. */
  #categoriesGiven = 0
  readonly #rejections: Rejection[] = []
  readonly #effects: Effect[] = []
  readonly #notes: Note[] = []
  #created = 0
  #updated = 0
  #unchanged = 0

  constructor(
    catalogue: Catalogue,
    categories: readonly Category[],
    settings: ShopSettings,
    bundles: ReadonlyMap<string, Versions<KeyedBundle>>,
    how: 'tried' | 'written',
  ) {
    this.#how = how
    this.#bundles = bundles
    this.#catalogue = catalogue
    this.#settings = settings
    for (const { key } of categories) {
      const path = pathKey(categoryPath(key, catalogue, settings.language))
      // Of two categories with one path the first is meant.
      if (!this.#categoryKeys.has(path)) this.#categoryKeys.set(path, key)
    }
  }

  /** SKUs of the shop's products that these lines are about: `add` needs them as they are stored. */
  about(lines: readonly ProductLine[]): string[] {
    const skus = lines.flatMap(({ row }) => this.#catalogue.item(row.variantOf ?? row.sku)?.product.sku ?? [])
    return [...new Set(skus)].filter(sku => !this.#drafts.has(sku))
  }

  /**
   * @param stored the products that `about` named
   * @returns what these lines change
   */
  add(lines: readonly ProductLine[], stored: ReadonlyMap<string, Product>): Change[] {
    for (const [sku, product] of stored) this.#draft(sku, { before: product, after: product })
    for (const each of lines) {
      const { variantOf } = each.row
      if (variantOf === null || this.#drafts.has(variantOf) || this.#rejectedProducts.has(variantOf)) this.#take(each)
      else this.#waiting.set(variantOf, [...(this.#waiting.get(variantOf) ?? []), each])
    }
    return this.#handOut()
  }

  /** What the file as a whole asks for; a part of the work in each step. */
  *finishing(): Generator<ImportPart, ImportSummary> {
    for (const lines of this.#waiting.values()) {
      for (const each of lines) this.#take(each)
      yield { changes: [], rows: lines.length }
    }
    return {
      created: this.#created,
      updated: this.#updated,
      unchanged: this.#unchanged,
      effects: this.#effects.toSorted(byLine),
      rejections: this.#rejections.toSorted(byLine),
      notes: this.#notes.toSorted(byLine),
    }
  }

  /** What is changed since it was asked last. */
  #handOut(): Change[] {
    const categories = this.#newCategories.slice(this.#categoriesGiven).map((category): CategoryChange => ({
      of: 'category',
      owner: '',
      key: category.key,
      before: null,
      after: category,
    }))
    this.#categoriesGiven = this.#newCategories.length
    const products: (ProductChange | BundleChange)[] = []
    for (const sku of this.#touched) {
      const draft = this.#drafts.get(sku)!
      const change: ProductChange = { of: 'product', owner: sku, key: '', ...draft }
      if (!isEmpty(change)) products.push(change, ...this.#versionsOf(draft))
      if (!this.#isNeededLater(draft)) this.#drafts.delete(sku)
    }
    this.#touched.clear()
    return [...categories, ...products]
  }

  /** A bundle is the same in all its versions, as far as the file says what it is. */
  #versionsOf({ before, after }: Draft): BundleChange[] {
    const versions = this.#bundles.get(after.sku)
    if (!before?.bundle || !versions) return []
    const change = followingVersions(before, after, versions)
    return isEmpty(change) ? [] : [change]
  }

  /** Whether later lines may build on a draft: where it is written, they do on what is stored. */
  #isNeededLater({ before, after }: Draft): boolean {
    return this.#how === 'tried' && after !== before && (!before || before.variants.length > 0 || after.variants.length > 0)
  }

  #take({ line, cells, row }: ProductLine): void {
    try {
      const seen = this.#seen.get(row.sku)
      if (seen) throw new RowError('sku', `Line ${seen.line} has the same SKU.`)
      if (row.variantOf === null) this.#takeProduct(line, row)
      else this.#takeVariant(line, row)
      this.#seen.set(row.sku, { line, product: row.variantOf ?? row.sku })
      this.#takeWaiting(row.sku)
    } catch (error) {
      if (!(error instanceof RowError)) throw error
      this.#rejections.push({ line, column: error.column, reason: error.message, more: [...error.more], row: cells })
      if (row.variantOf === null && !this.#seen.has(row.sku)) this.#rejectedProducts.set(row.sku, line)
    }
  }

  #draft(sku: string, draft: Draft): void {
    this.#drafts.set(sku, draft)
    this.#touched.add(sku)
  }

  /** Takes the variants that have waited for a product. */
  #takeWaiting(sku: string): void {
    const lines = this.#waiting.get(sku) ?? []
    this.#waiting.delete(sku)
    for (const each of lines) this.#take(each)
  }

  /** Notes that a row could not be read: when it is that of a new product, its variants can't be taken either. */
  passOver(line: number, { sku, variantOf }: FileRow): void {
    if (sku?.trim() && !variantOf?.trim()) this.#rejectedProducts.set(fromCell(sku.trim()), line)
  }

  #takeProduct(line: number, row: ProductFileRow): void {
    const known = this.#catalogue.item(row.sku)
    if (known?.variant) throw new RowError('sku', `${row.sku} is a variant of ${known.product.sku}; name that under variantOf.`)
    const draft = this.#drafts.get(row.sku)
    const was = draft?.after ?? { ...emptyProduct(row.sku, 'active'), stock: this.#unsaid }
    const faults = new RowFaults()
    if (was.bundle) this.#checkBundle(row, was, faults)
    const next = {
      ...was,
      ...row.fields,
      // Of a bundle it follows from its parts, whatever an empty cell means.
      ...(was.bundle && { stock: was.stock }),
      name: withTexts(was.name, row.name),
      description: withTexts(was.description, row.description),
      categories: row.categories ? [...new Set(row.categories.map(path => this.#category(path, was)))] : was.categories,
    }
    if (!Object.keys(next.name).length) faults.note('name', 'A product needs a name.')
    faults.end()
    this.#count(line, row.sku, draft ? was : null, next, textIn(next.name, this.#settings.language, this.#settings.language))
    if (!draft || !isEqual(was, next)) this.#draft(row.sku, { before: draft?.before ?? null, after: next })
  }

  /** The stock of something new of which a file has no such column. */
  get #unsaid(): number | null {
    return this.#settings.emptyStock === 'untracked' ? null : 0
  }

  /** Notes what a row says of a bundle that files can't say. */
  #checkBundle({ sku, fields }: ProductFileRow, { status }: Product, faults: RowFaults): void {
    for (const field of ['price', 'was', 'cost', 'stock'] as const)
      if (fields[field]) faults.note(field, `${sku} is a bundle: this follows from its parts. Leave the cell empty.`)
    if ((fields.status ?? status) !== status)
      faults.note('status', `${sku} is a bundle: it is published, taken from shoppers or retired under Bundles. Leave the cell empty.`)
  }

  #takeVariant(line: number, row: VariantFileRow): void {
    const draft = this.#drafts.get(row.variantOf)
    const rejected = draft ? undefined : this.#rejectedProducts.get(row.variantOf)
    if (rejected !== undefined) throw new RowError('variantOf', `Its product, in line ${rejected}, was not taken.`)
    if (!draft) {
      const other = this.#catalogue.item(row.variantOf)?.product.sku ?? this.#seen.get(row.variantOf)?.product
      throw new RowError(
        'variantOf',
        other === undefined ? `There is no product with the SKU ${row.variantOf}.` : `${row.variantOf} is itself a variant, of ${other}.`,
      )
    }
    const known = this.#catalogue.item(row.sku)
    if (known && !known.variant) throw new RowError('sku', `${row.sku} is a product; it can’t become a variant.`)
    if (known && known.product.sku !== row.variantOf) throw new RowError('variantOf', `${row.sku} is a variant of ${known.product.sku}.`)
    if (draft.after.bundle) throw new RowError('variantOf', `${row.variantOf} is a bundle; it has no variants.`)
    const { variants } = draft.after
    const at = variants.findIndex(each => each.sku === row.sku)
    const was = variants[at] ?? null
    const next: Variant = { ...(was ?? { ...emptyVariant(row.sku), stock: this.#unsaid }), ...row.fields }
    if (!Object.keys(next.options).length) throw new RowError('options', 'A variant needs its options, such as size=M.')
    const twin = variants.find(each => each.sku !== row.sku && isEqual(each.options, next.options))
    if (twin) throw new RowError('options', `${twin.sku} has the same options.`)
    this.#noteRepeated(line, row, draft.after)
    this.#count(line, row.sku, was, next, `${Object.values(next.options).join(', ')}, of ${row.variantOf}`)
    if (!isEqual(was, next))
      this.#draft(row.variantOf, {
        ...draft,
        after: { ...draft.after, variants: was ? variants.with(at, next) : [...variants, next] },
      })
  }

  /** Notes what a variant's row says of its product that is not so. */
  #noteRepeated(line: number, { ofProduct }: VariantFileRow, product: Product): void {
    const isIn = (path: readonly string[]) => this.#isIn(product, path)
    for (const field of otherwiseRepeated(ofProduct, product, this.#settings.language, isIn)) {
      const column = columnOf[field] ?? field
      const words = `A variant has no ${column.split('@')[0]} of its own. What this row says differs from its product, and is left out.`
      this.#notes.push({ line, column, words })
    }
  }

  #isIn({ categories }: Product, path: readonly string[]): boolean {
    const wanted = pathKey(path)
    return categories.some(
      key => key === this.#categoryKeys.get(wanted) || pathKey(categoryPath(key, this.#catalogue, this.#settings.language)) === wanted,
    )
  }

  /** Counts what a row does to its product or variant. @param name of it, for people */
  #count<T extends Product | Variant>(line: number, sku: string, was: T | null, next: T, name: string): void {
    if (!was) {
      this.#created++
      this.#effects.push({ line, is: 'created', words: `${sku}: ${name}` })
      return
    }
    const changed = (Object.keys(next) as (keyof T & string)[]).filter(field => !isEqual(was[field], next[field]))
    if (changed.length) {
      this.#updated++
      this.#effects.push({ line, is: 'updated', words: `${sku}: ${changed.map(field => columnOf[field] ?? field).join(', ')}` })
    } else this.#unchanged++
  }

  /** The key of a category by its path; one that isn't there is made. */
  #category(path: string[], product: Product): string {
    // A product keeps its category when another has the same path.
    const kept = product.categories.find(key => pathKey(categoryPath(key, this.#catalogue, this.#settings.language)) === pathKey(path))
    if (kept !== undefined) return kept
    const known = this.#categoryKeys.get(pathKey(path))
    if (known !== undefined) return known
    const parent = path.length > 1 ? this.#category(path.slice(0, -1), product) : null
    const name = path.at(-1)!
    const key = keyFor(
      name,
      each => this.#catalogue.category(each) !== undefined || this.#newCategories.some(one => one.key === each),
      'category',
    )
    this.#newCategories.push({ key, name: { [this.#settings.language]: name }, parent })
    this.#categoryKeys.set(pathKey(path), key)
    return key
  }
}

/** The columns of fields that are called otherwise. */
const columnOf: Partial<Record<string, string>> = { tags: 'keywords', categories: 'category' }

const byLine = (a: { line: number }, b: { line: number }) => a.line - b.line
const pathKey = (path: readonly string[]) => path.join('>').toLowerCase()

function withTexts(text: Text, changes: Record<string, string | null>): Text {
  const all: [string, string | null][] = Object.entries({ ...text, ...changes })
  return Object.fromEntries(all.filter((each): each is [string, string] => each[1] !== null))
}

const emptyVariant = (sku: string): Variant => ({ sku, gtin: null, options: {}, price: null, stock: 0, status: null, image: null })
