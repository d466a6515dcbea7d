import type { Migration } from './migration'

/** Sections that are never shown on the page of a product. */
export const switchedOff: Migration = {
  name: '0006-switched-off',
  statements: [
    `CREATE TABLE switched_off (productId INTEGER NOT NULL REFERENCES products (id) ON DELETE CASCADE, section TEXT NOT NULL,
      PRIMARY KEY (productId, section)) WITHOUT ROWID`,
  ],
}
