import { z } from 'zod'
import { productStatusSchema } from '../catalogue/product'
import { kindKeySchema } from '../links/kind'
import { minorUnitsSchema } from '../money/money'

/** A value, or several, as an address gives them. */
const severalSchema = z
  .union([z.string(), z.array(z.string())])
  .transform(value => [value].flat().filter(Boolean))
  .default([])
const amountSchema = z.coerce.number().pipe(minorUnitsSchema)

/** `upsell:3` → fewer than three upsells; `problem` → at least one link that shoppers can't see or that is odd. */
const coverageSchema = z
  .string()
  .regex(/^(problem|[a-z0-9-]+:\d{1,4})$/, 'Write problem, or a kind and a number, such as upsell:3 for fewer than three upsells.')
  .transform(value => {
    const [kind, number] = value.split(':') as [string, string | undefined]
    return number === undefined ? ('problem' as const) : { kind: kindKeySchema.parse(kind), fewerThan: Number(number) }
  })

/** Which products are looked for, as it stands in addresses. Prices are minor units. */
export const productFilterSchema = z.object({
  /** Key; its sub-categories count too. */
  category: z.string().optional(),
  /** One of these. */
  brand: severalSchema,
  /** All of these. */
  tag: severalSchema,
  /** `name=value`. Of one name one value is enough; every name must fit. */
  attribute: severalSchema,
  status: productStatusSchema.optional(),
  stock: z.enum(['in', 'out']).optional(),
  priceFrom: amountSchema.optional(),
  priceTo: amountSchema.optional(),
  links: coverageSchema.optional(),
})
export type ProductFilter = z.infer<typeof productFilterSchema>
