import type { Transaction } from 'sequelize'
import type { Store, StoreReader, StoreWriter } from '../port'
import { putAdmission, readAdmissions } from './admissionTable'
import { fillShop, readArticles, readCategories, readSettings } from './catalogueTables'
import { appendWrite, lastWrite, writesAfter } from './changeLogTable'
import type { Database } from './database'
import { copyDatabase } from './copyDatabase'
import { openDatabase } from './database'
import {
  addEntry,
  addPiece,
  countPieces,
  dropUndone,
  lastChanges,
  laterEntry,
  nextEntry,
  readEntry,
  readHistory,
  readKept,
  setState,
  setWords,
  thinJournal,
} from './journalTables'
import { readSourcesOf } from './linkTables'
import { listOrders, readOrder, readOrderLines } from './orderLists'
import { addOrder, keepOrderKey, orderOfKey, ordersWith, readUnitsSold } from './orderTables'
import { matchWords } from './productSearch'
import { readDescriptions, readProductNumbers, readProducts, readProductsBySku, readTextLanguages } from './productReading'
import { tableOf, writeChanges } from './recordTables'
import { addRelease, readRelease, readReleases } from './releaseTables'
import { faultsIn } from './soundness'

/** A shop in an SQLite file. */
export interface SqliteStore extends Store {
  /** For migrations' and the store's own tests, and for measuring against plain SQL. */
  readonly database: Database
}

/** Opens a shop's file, made if it is not there, and brings its structure up to date. */
export async function openSqliteStore(file: string): Promise<SqliteStore> {
  const database = await openDatabase(file)
  return {
    database,
    ...reader(database),
    fill: contents => fillShop(database, contents),
    write: work => database.write(transaction => work(writer(database, transaction))),
    copyTo: target => copyDatabase(database.sequelize, target),
    faults: () => faultsIn(file, 'integrity_check'),
    close: () => database.close(),
  }
}

const reader = (db: Database, transaction?: Transaction): StoreReader => ({
  settings: () => readSettings(db, transaction),
  categories: () => readCategories(db, transaction),
  articles: () => readArticles(db, transaction),
  products: atOnce => readProducts(db, atOnce, transaction),
  productNumbers: skus => readProductNumbers(db, skus, transaction),
  productsBySku: skus => readProductsBySku(db, skus, transaction),
  descriptions: skus => readDescriptions(db, skus, transaction),
  textLanguages: () => (transaction ? readTextLanguages(db, transaction) : db.readAside(aside => readTextLanguages(db, aside))),
  search: words => matchWords(db, words, transaction),
  things: (of, shared) => tableOf(of).read(db, transaction, shared),
  sourcesLinkingTo: (target, kind) => readSourcesOf(db, target, kind, transaction),
  unitsSold: () => readUnitsSold(db, transaction),
  ordersWith: (sku, limit) => ordersWith(db, sku, limit, transaction),
  orders: (sought, offset, limit) => listOrders(db, sought, offset, limit, transaction),
  order: number => readOrder(db, number, transaction),
  orderLines: () => readOrderLines(db, transaction),
  entry: id => readEntry(db, id, transaction),
  pieces: entry => countPieces(db, entry, transaction),
  changesOf: (entry, piece) => readKept(db, entry, piece ?? null, transaction),
  nextEntry: (editor, state) => nextEntry(db, editor, state, transaction),
  laterEntry: (id, changed) => laterEntry(db, id, changed, transaction),
  lastChanges: of => lastChanges(db, of, transaction),
  history: (sources, before, limit) => readHistory(db, sources, before, limit, transaction),
  lastWrite: () => lastWrite(db, transaction),
  writesAfter: number => writesAfter(db, number, transaction),
  admissions: sort => readAdmissions(db, sort, transaction),
  releases: limit => readReleases(db, limit, transaction),
  release: number => readRelease(db, number, transaction),
})

const writer = (db: Database, transaction: Transaction): StoreWriter => ({
  ...reader(db, transaction),
  writeChanges: (changes, language) => writeChanges(db, changes, language, transaction),
  addOrder: (placed, rows) => addOrder(db, placed, rows, transaction),
  orderOfKey: key => orderOfKey(db, key, transaction),
  keepOrderKey: (key, placed, order) => keepOrderKey(db, key, placed, order, transaction),
  addEntry: (entry, changes) => addEntry(db, entry, changes, transaction),
  addPiece: (entry, piece, changes, words) => addPiece(db, entry, piece, changes, words, transaction),
  thinJournal: thinned => thinJournal(db, thinned, transaction),
  setWords: (entry, words) => setWords(db, entry, words, transaction),
  setState: (entry, state) => setState(db, entry, state, transaction),
  dropUndone: editor => dropUndone(db, editor, transaction),
  appendWrite: write => appendWrite(db, write, transaction),
  putAdmission: (sort, id, value) => putAdmission(db, sort, id, value, transaction),
  addRelease: (head, content, before) => addRelease(db, head, content, before, transaction),
})
