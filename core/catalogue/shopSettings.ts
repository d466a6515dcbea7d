import { z } from 'zod'
import { currencyCodeSchema } from '../money/money'
import { languageTagSchema } from '../text/text'

/** A name in the IANA time zone database. */
export const timeZoneSchema = z.string().max(64).refine(isTimeZone, 'This is not a time zone, such as Europe/London.')

export const fewSchema = z.int().min(0).max(99)

/** What holds for the shop as a whole. */
export const shopSettingsSchema = z.object({
  name: z.string().min(1),
  /** The one currency of all prices. */
  currency: currencyCodeSchema,
  /** The language that texts fall back to. */
  language: languageTagSchema,
  languages: z.array(languageTagSchema).min(1),
  /** Address of a product's page in the shop; `{sku}` stands for the encoded SKU. */
  productUrl: z.string().includes('{sku}'),
  /** Where the shop's days begin and end. */
  timeZone: timeZoneSchema.default('UTC'),
  /** Of what there are so many or fewer shoppers are told that only a few are left, but never how many; 0: they are not told. */
  few: fewSchema.default(5),
})
export type ShopSettings = z.infer<typeof shopSettingsSchema>

function isTimeZone(name: string): boolean {
  try {
    return Boolean(new Intl.DateTimeFormat('en', { timeZone: name }))
  } catch {
    return false
  }
}
