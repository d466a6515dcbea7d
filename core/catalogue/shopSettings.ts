import { z } from 'zod'
import { currencyCodeSchema } from '../money/money'
import type { NamedText } from '../text/namedText'
import { languageTagSchema } from '../text/text'

/** A name in the IANA time zone database. */
export const timeZoneSchema = z.string().max(64).refine(isTimeZone, 'This is not a time zone, such as Europe/London.')

export const fewSchema = z.int().min(0).max(99)

/** What a file says of the stock with an empty cell, or without such a column: that it isn't tracked, or that there is none. */
export const emptyStockSchema = z.enum(['untracked', 'none'])

export const shopNameSchema = z.string().trim().min(1, 'A shop needs a name.').max(80, 'The name of a shop has at most 80 characters.')

export const productUrlSchema = z
  .string()
  .trim()
  .max(500, 'An address has at most 500 characters.')
  .refine(
    url => url.includes('{sku}') && /^(https?:\/\/[^\s/]+)?\/\S*$/.test(url),
    'This is the address of a page with {sku} in it, such as https://shop.example/products/{sku}.',
  )

/** What the stand-in shop says to shoppers at its beginning, by language; without one it says nothing. */
export const welcomeSchema = z.record(languageTagSchema, z.string().trim().max(200, 'A welcome has at most 200 characters.'))

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
  emptyStock: emptyStockSchema.default('untracked'),
  welcome: welcomeSchema.default({}),
})
export type ShopSettings = z.infer<typeof shopSettingsSchema>

/** What shoppers read of it in the shop's languages. */
export const settingTexts = ({ welcome }: Pick<ShopSettings, 'welcome'>): NamedText[] => [
  { key: 'welcome', what: 'the welcome of the stand-in shop', text: welcome },
]

function isTimeZone(name: string): boolean {
  try {
    return Boolean(new Intl.DateTimeFormat('en', { timeZone: name }))
  } catch {
    return false
  }
}
