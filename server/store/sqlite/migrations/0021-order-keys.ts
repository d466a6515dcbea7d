import type { Migration } from './migration'

/** What each order of the checkout was asked for with, so that the same request twice is one order. */
export const orderKeys: Migration = {
  name: '0021-order-keys',
  statements: [
    'CREATE TABLE order_keys (key TEXT PRIMARY KEY, placed TEXT NOT NULL, asked TEXT NOT NULL, answer JSON NOT NULL) WITHOUT ROWID',
    'CREATE INDEX order_keys_placed ON order_keys (placed)',
  ],
}
