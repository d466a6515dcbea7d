import type { Migration } from './migration'

/** What was chosen in a line of an order, what made it cheaper, and where it came from; and what lists of orders look for. */
export const orderFacts: Migration = {
  name: '0026-order-facts',
  statements: [
    `ALTER TABLE order_lines ADD COLUMN chosen TEXT`,
    `ALTER TABLE order_lines ADD COLUMN reductions JSON`,
    `ALTER TABLE order_lines ADD COLUMN origin TEXT`,
    `CREATE INDEX orders_by_placed ON orders (placed, id)`,
    `CREATE INDEX order_lines_in_bundles ON order_lines (orderId) WHERE within IS NOT NULL`,
    `CREATE INDEX order_lines_reduced ON order_lines (orderId) WHERE reductions IS NOT NULL`,
  ],
}
