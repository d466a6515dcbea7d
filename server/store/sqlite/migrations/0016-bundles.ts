import type { Migration } from './migration'

/** What bundles are made of, also of the products that the journal keeps; and the lines of orders that stand within a bundle's line. */
export const bundles: Migration = {
  name: '0016-bundles',
  statements: [
    `ALTER TABLE products ADD COLUMN bundle JSON`,
    ...['before', 'after'].map(
      column =>
        `UPDATE journal_changes SET ${column} = json_set(${column}, '$.bundle', json('null'))
          WHERE "of" = 'product' AND json_type(${column}) = 'object'`,
    ),
    // The number of the bundle's line; and what the line cost, for a share of a reduction need not divide evenly.
    `ALTER TABLE order_lines ADD COLUMN within INTEGER`,
    `ALTER TABLE order_lines ADD COLUMN total INTEGER NOT NULL DEFAULT 0`,
    `UPDATE order_lines SET total = quantity * unitPrice`,
    `CREATE INDEX order_lines_by_sku ON order_lines (sku)`,
  ],
}
