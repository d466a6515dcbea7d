import type { Article, Category } from '../../core/catalogue/catalogue'
import type { Product } from '../../core/catalogue/product'
import type { ShopSettings } from '../../core/catalogue/shopSettings'
import type { Which } from '../../core/journal/which'
import type { KeptChange } from '../../core/records/keptChange'
import type { Change, Changed, RecordName } from '../../core/records/registry'
import type { ReleaseContent, ReleaseHead } from '../../core/releases/release'
import type { Text } from '../../core/text/text'
import type { Admissions, AdmissionSort } from './admissions'
import type { HistoryRow, LastChange, JournalEntry, JournalState, Write } from './journal'
import type { KeptLine, KeyedOrder, Order, OrderedLine, OrderHead, OrderRow, OrdersSought } from './orders'

/*
 * What Manada asks of a database. Nothing else knows how it is kept: `sqlite/` is one way, held to `store.contract.testing.ts` as any other
 * must be.
 * What a version before wrote into the journal and releases is handed out as it would be written today; things of records are upgraded by
 * their records.
 */

/** Everything that a shop brings along. */
export interface ShopContents {
  settings: ShopSettings
  categories: Category[]
  products: Product[]
  articles: Article[]
  orders: Order[]
}

/** What can be read. In a write, it is as the write has left it so far. */
export interface StoreReader {
  settings(): Promise<ShopSettings>
  /** In the shop's order. */
  categories(): Promise<Category[]>
  /** In the shop's order, with the SKUs that they name. */
  articles(): Promise<Article[]>

  /** All products by their numbers, read piece by piece: a large catalogue never stands in memory twice. A product keeps its number. */
  products(atOnce?: number): AsyncIterable<{ number: number; product: Product }>
  /** Numbers of all products, or of those with these SKUs, in their order. */
  productNumbers(skus?: readonly string[]): Promise<{ number: number; sku: string }[]>
  /** Those that there are of these products. */
  productsBySku(skus: readonly string[]): Promise<Map<string, Product>>
  /** The long texts of products, by SKU. */
  descriptions(skus: readonly string[]): Promise<Map<string, Text>>
  /** BCP 47 tags of all languages that a product's name or description is in. */
  textLanguages(): Promise<string[]>
  /**
   * Numbers of the products with all these words, or beginnings of words, in their name, SKU, GTIN, brand, tags or category; letters are
   * alike whatever their case and accents.
   * @returns best match first; null when there are no words; `ranked` is false when there are too many to say which is best
   */
  search(words: string): Promise<{ numbers: number[]; ranked: boolean } | null>

  /**
   * All things of a record, as they were written; none of those that are read otherwise, as products are.
   * @param shared gives the one text to keep of a SKU that is read: links are a million, and share their products' texts
   */
  things(of: RecordName, shared: (sku: string) => string): AsyncIterable<Which & { value: unknown }>
  /** SKUs of the products that link to a product, or to a variant of it, as a kind, ascending. */
  sourcesLinkingTo(target: string, kind: string): Promise<string[]>

  /** Units sold by SKU, as it stands in the orders. */
  unitsSold(): Promise<Map<string, number>>
  /** The last orders' lines of a product, variant or bundle, newest first, and how many there are. */
  ordersWith(sku: string, limit: number): Promise<{ total: number; lines: OrderedLine[] }>
  /** Orders, newest first, and how many there are. */
  orders(sought: OrdersSought, offset: number, limit: number): Promise<{ total: number; orders: OrderHead[] }>
  /** null: there is none of this number. */
  order(number: string): Promise<{ number: string; placed: string; lines: KeptLine[] } | null>
  /** All lines of all orders, in the order in which these were placed. */
  orderLines(): AsyncIterable<KeptLine & { number: string; placed: string }>

  entry(id: number): Promise<JournalEntry | null>
  /** In how many pieces what an entry changed is kept. */
  pieces(entry: number): Promise<number>
  /** What an entry changed, in the order in which it did; with a number from 0 on, that piece of it alone. */
  changesOf(entry: number, piece?: number): Promise<KeptChange[]>
  /** The entry that undo (of those done) or redo (of those undone) of an editor is about; null: there is none. */
  nextEntry(editor: string, state: 'done' | 'undone'): Promise<JournalEntry | null>
  /** The first later entry that changed the same thing. */
  laterEntry(id: number, changed: Changed): Promise<JournalEntry | null>
  /** By which entry in force each thing of some records was changed last; of things that belong to nothing else. */
  lastChanges(of: readonly string[]): Promise<LastChange[]>
  /**
   * Entries, newest first.
   * @param sources only those that changed something of these; null: all
   * @param before only those with a smaller number
   */
  history(sources: readonly string[] | null, before: number, limit: number): Promise<HistoryRow[]>

  /** The number of the last write; 0: there was none yet. */
  lastWrite(): Promise<number>
  /** All writes after one of them, in their order. */
  writesAfter(number: number): AsyncIterable<Write>

  /** Who may come in: everything of one sort, in the order in which it was made. */
  admissions<Sort extends AdmissionSort>(sort: Sort): Promise<{ id: string; value: Admissions[Sort] }[]>

  /** The newest first. */
  releases(limit: number): Promise<ReleaseHead[]>
  release(number: number): Promise<(ReleaseHead & ReleaseContent) | null>
}

/** What can be done within a write. */
export interface StoreWriter extends StoreReader {
  /**
   * Makes things as they are after their changes, in the order of the changes.
   * @param language BCP 47 tag of the shop's own language
   */
  writeChanges(changes: readonly Change[], language: string): Promise<void>
  /** Adds an order of the stand-in checkout. Returns the number that it gets. @param placed ISO 8601 */
  addOrder(placed: string, rows: readonly OrderRow[]): Promise<string>

  /** What was asked for with the key of an order, and answered; null: there is none of this key, or it is long ago. */
  orderOfKey(key: string): Promise<KeyedOrder | null>
  /** Keeps what was asked for with the key of an order, and forgets those that are long ago. */
  keepOrderKey(key: string, placed: string, order: KeyedOrder): Promise<void>

  /** Adds an entry with what it changed. Returns its number. */
  addEntry(entry: Omit<JournalEntry, 'id'>, changes: readonly Change[]): Promise<number>
  /** Adds a piece to what an entry changed, and says anew what it did. @param piece its number, counted from 0 */
  addPiece(entry: number, piece: number, changes: readonly Change[], words: string): Promise<void>
  /**
   * Forgets what old entries changed, and old writes of the log, some at a time; what was done, when and by whom stays.
   * @param old imports of files before `files` and all other entries before `others`, in ISO 8601; about `most` pieces of them at a time
   * @returns whether there may be more
   */
  thinJournal(old: { files: string; others: string; most: number }): Promise<boolean>
  /** Says anew what an entry did. */
  setWords(entry: number, words: string): Promise<void>
  setState(entry: number, state: JournalState): Promise<void>
  /** What an editor has undone can't be redone any more once something else was done. */
  dropUndone(editor: string): Promise<void>
  /** Adds a write to the log. Returns its number, the one after the write before. */
  appendWrite(write: Omit<Write, 'number'>): Promise<number>
  /** Keeps what somebody may come in with; null: not any more. */
  putAdmission<Sort extends AdmissionSort>(sort: Sort, id: string, value: Admissions[Sort] | null): Promise<void>
  /** Adds a release. The first one of all has what was live before it ahead of it, so that there is a way back. */
  addRelease(head: Omit<ReleaseHead, 'number'>, content: ReleaseContent, before: ReleaseContent): Promise<void>
}

/** A database with one shop. */
export interface Store extends StoreReader {
  /**
   * Fills an empty database with a shop's contents, checked first. All or nothing.
   * @throws ZodError when a product, category or article is not valid
   */
  fill(contents: ShopContents): Promise<void>
  /**
   * Runs a write: all of it takes effect, and is on the disk, or, when it throws, none. Writes wait for each other, also those of other
   * processes.
   * @throws NotWrittenError when the database could not do it, and took back what was done
   */
  write<T>(work: (writer: StoreWriter) => Promise<T>): Promise<T>
  /** Copies all of it into a file that is not there yet, as it is at one moment, whoever writes meanwhile. Complete or not there. */
  copyTo(file: string): Promise<void>
  /** Looks through all of it for damage, beside everything else. What is wrong, in words for whoever runs the server; empty: nothing. */
  faults(): Promise<string[]>
  close(): Promise<void>
}

/** The database could not do a write, and took back what was done of it. */
export class NotWrittenError extends Error {
  /** Why, when that is something that whoever runs the server has to see to. */
  readonly reason: 'disk-full' | 'read-only' | null

  constructor(cause: unknown, reason: NotWrittenError['reason'] = null) {
    super('The database could not write.', { cause })
    this.name = 'NotWrittenError'
    this.reason = reason
  }
}

/** A shop can't be opened without losing something; the message says why, and what to do. */
export class UnusableDataError extends Error {
  constructor(message: string) {
    super(message)
    this.name = 'UnusableDataError'
  }
}
