import type { Migration } from './migration'

/** Stock need not be tracked. Shops of before go on to take an empty cell of a file for nothing in stock. */
export const untrackedStock: Migration = {
  name: '0027-untracked-stock',
  statements: [
    ...['products', 'variants'].flatMap(table => [
      `ALTER TABLE ${table} ADD COLUMN units INTEGER`,
      `UPDATE ${table} SET units = stock`,
      `ALTER TABLE ${table} DROP COLUMN stock`,
      `ALTER TABLE ${table} RENAME COLUMN units TO stock`,
    ]),
    `UPDATE settings SET value = json_set(value, '$.emptyStock', 'none') WHERE key = 'shop' AND EXISTS (SELECT 1 FROM products)`,
  ],
}
