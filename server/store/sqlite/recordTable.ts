import type { Transaction } from 'sequelize'
import type { Which } from '../../../core/journal/which'
import type { Database } from './database'

/** How the things of a record stand in the database. */
export interface RecordTable<Value> {
  /**
   * All things, one after the other; none of what is read otherwise, as a part of the catalogue.
   * @param shared gives the one text to keep of a SKU
   */
  read(db: Database, transaction: Transaction | undefined, shared: (sku: string) => string): AsyncIterable<Which & { value: Value }>
  /**
   * Writes how things are after changes, in the order of the changes.
   * @param language BCP 47 tag of the shop's own language
   */
  write(
    db: Database,
    changes: readonly (Which & { before: Value; after: Value })[],
    transaction: Transaction,
    language: string,
  ): Promise<void>
}

/** Of a record whose things are read otherwise. */
export async function* readElsewhere(): AsyncGenerator<never> {
  // They are a part of something else that is read.
}
