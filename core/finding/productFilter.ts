import { z } from 'zod'
import { productStatus } from '../catalogue/product'
import { kindKey } from '../links/kind'
import { minorUnits } from '../money/money'

/** A value, or several, as an address gives them. */
const several = z.union([z.string(), z.array(z.string())]).transform(value => [value].flat().filter(Boolean)).default([])
const amount = z.coerce.number().pipe(minorUnits)

/** `upsell:3` → fewer than three upsells; `problem` → at least one link that shoppers can't see or that is odd. */
const coverage = z.string().regex(/^(problem|[a-z0-9-]+:\d{1,4})$/, 'Write problem, or a kind and a number, such as upsell:3 for fewer than three upsells.').transform((value) => {
  const [kind, number] = value.split(':') as [string, string | undefined]
  return number === undefined ? 'problem' as const : { kind: kindKey.parse(kind), fewerThan: Number(number) }
})

/** Which products are looked for, as it stands in addresses. Prices are minor units. */
export const productFilter = z.object({
  /** Key; its sub-categories count too. */
  category: z.string().optional(),
  /** One of these. */
  brand: several,
  /** All of these. */
  tag: several,
  /** `name=value`. Of one name one value is enough; every name must fit. */
  attribute: several,
  status: productStatus.optional(),
  stock: z.enum(['in', 'out']).optional(),
  priceFrom: amount.optional(),
  priceTo: amount.optional(),
  links: coverage.optional(),
})
export type ProductFilter = z.infer<typeof productFilter>
