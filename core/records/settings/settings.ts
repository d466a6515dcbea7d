import { z } from 'zod'
import type { ShopSettings } from '../../catalogue/shopSettings'
import { emptyStockSchema, fewSchema, productUrlSchema, shopNameSchema, timeZoneSchema, welcomeSchema } from '../../catalogue/shopSettings'
import { currencyCodeSchema } from '../../money/money'
import { languageTagSchema } from '../../text/text'

/** What can be set for the shop as a whole. */
export const changeableSettingsSchema = z.strictObject({
  name: shopNameSchema,
  currency: currencyCodeSchema,
  language: languageTagSchema,
  languages: z
    .array(languageTagSchema)
    .min(1)
    .max(20, 'A shop has at most 20 languages.')
    .refine(all => new Set(all).size === all.length, 'Each language is named once.'),
  productUrl: productUrlSchema,
  timeZone: timeZoneSchema,
  few: fewSchema,
  emptyStock: emptyStockSchema,
  welcome: welcomeSchema,
})
export type ChangeableSettings = z.infer<typeof changeableSettingsSchema>
export type SettingName = keyof ChangeableSettings

/** Settings whose values are kept as they are; those of the others are kept as JSON. */
const plainTexts: readonly string[] = ['name', 'currency', 'language', 'productUrl', 'timeZone', 'emptyStock'] satisfies SettingName[]

/** A setting's value as it is kept. */
export const keptSetting = (name: SettingName, value: unknown): string =>
  plainTexts.includes(name) ? String(value) : JSON.stringify(value)

/** The settings as the shop brought them along, with what was set since. @param set what is kept, by name */
export function withSettings(own: ShopSettings, set: ReadonlyMap<string, string>): ShopSettings {
  const values = Array.from(set, ([name, kept]) => [name, plainTexts.includes(name) ? kept : (JSON.parse(kept) as unknown)])
  return { ...own, ...(Object.fromEntries(values) as Partial<ShopSettings>) }
}
