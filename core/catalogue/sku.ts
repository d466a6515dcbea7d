import { z } from 'zod'

/** SKUs as most shops have them. */
const plain = /^[A-Za-z0-9](?:[A-Za-z0-9._-]{0,62}[A-Za-z0-9])?$/

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

/** Whether a text is a SKU: what `skuSchema` says, in a fraction of its time for those that most shops have; pages name several. */
export const isSku = (text: string): boolean => plain.test(text) || skuSchema.safeParse(text).success
