import { z } from 'zod'
import { isSku } from './sku'

/** `SKU:2,SKU` → lines. A quantity left out is 1. */
export const lineListSchema = z.string().transform((value, context) =>
  value
    .split(',')
    .filter(Boolean)
    .map(line => {
      const [name = '', quantity = '1', ...more] = line.split(':')
      if (!isSku(name) || !/^[1-9]\d{0,5}$/.test(quantity) || more.length) {
        context.addIssue(`“${line}” is not a cart line. Write SKU or SKU:quantity, and encode the SKU.`)
      }
      return { sku: name, quantity: Number(quantity) }
    }),
)

/** `SKU,SKU` → SKUs. */
export const skuListSchema = z.string().transform((value, context) =>
  value
    .split(',')
    .filter(Boolean)
    .map(name => {
      if (!isSku(name)) context.addIssue(`“${name}” is not a SKU.`)
      return name
    }),
)
