import type { Migration } from './migration'

/** Which traits of a product count for its neighbours, and which categories are left out. Without a row everything counts. */
export const neighbours: Migration = {
  name: '0005-neighbours',
  statements: [
    `CREATE TABLE neighbours (productId INTEGER PRIMARY KEY REFERENCES products (id) ON DELETE CASCADE, ignored JSON NOT NULL,
      leaveOut JSON NOT NULL)`,
  ],
}
