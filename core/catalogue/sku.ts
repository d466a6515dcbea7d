import { z } from 'zod'

/**
 * A stock keeping unit. Any printable text will do, apart from `,` `:` and `|` (they separate values in addresses and files),
 * blanks at the ends, and names that an address would swallow (`.` and `..`).
 */
export const skuSchema = z
  .string()
  .min(1, 'A SKU can’t be empty.')
  .max(64, 'A SKU has at most 64 characters.')
  .refine(value => value === value.trim(), 'A SKU can’t begin or end with a blank.')
  .refine(value => !/[,:|\p{C}]/u.test(value), 'A SKU can’t contain “,”, “:”, “|” or control characters.')
  .refine(value => !/^\.+$/.test(value), 'A SKU can’t be made of dots alone.')
