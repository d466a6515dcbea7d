import type { Transaction } from 'sequelize'
import type { Which } from '../../../core/journal/record'
import type { Database } from './database'

/** SKUs by the numbers that products and variants have in the database: links are a million, and share their products' texts. */
export interface Skus { product(id: number): string, variant(id: number): string }

/** How the things of a record stand in the database. */
export interface RecordTable<Value> {
  /** All things, one after the other; none of what is read otherwise, as a part of the catalogue. */
  read(db: Database, skus: Skus): AsyncIterable<Which & { value: Value }> | Iterable<Which & { value: Value }>
  /**
   * Writes how things are after changes, in the order of the changes.
   * @param language BCP 47 tag of the shop's own language
   */
  write(db: Database, changes: readonly (Which & { after: Value })[], transaction: Transaction, language: string): Promise<void>
}
