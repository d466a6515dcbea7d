import { isEqual } from 'es-toolkit'
import { z } from 'zod'
import { CommandError } from '../../journal/commandError'
import type { CommandGroup } from '../../journal/commandGroup'
import { counted, listed } from '../../text/sentence'
import type { SettingChange } from './settingRecord'
import { settingRecord, whatStandsOn } from './settingRecord'
import type { ChangeableSettings, SettingName } from './settings'
import { changeableSettingsSchema, keptSetting } from './settings'

/** Commands on what holds for the shop as a whole. */
const settingCommandSchema = z.discriminatedUnion('type', [
  z.strictObject({ type: z.literal('changeSettings'), settings: changeableSettingsSchema.partial() }),
])

export const settingCommands: CommandGroup<typeof settingCommandSchema> = {
  schema: settingCommandSchema,
  // It holds for everything.
  role: () => 'admin',
  plan({ settings }, context): SettingChange[] {
    const now = context.shop.settings
    const after = { ...now, ...settings }
    for (const name of ['currency', 'language'] as const) {
      const reason = after[name] === now[name] ? null : whatStandsOn(name, context.shop)
      if (reason) throw new CommandError('products-stand', reason)
    }
    if (!after.languages.includes(after.language))
      throw new CommandError('no-own-language', `The shop’s own language, ${after.language}, has to be among its languages.`)
    const set = context.states.of(settingRecord)
    return namesOf(settings)
      .filter(name => !isEqual(now[name], after[name]))
      .map(name => ({ of: 'setting', owner: '', key: name, before: set.get(name) ?? null, after: keptSetting(name, after[name]) }))
  },
  words: ({ settings }) => listed(namesOf(settings).map(name => words[name](settings[name] as never))) || 'Changed nothing of the shop',
}

const namesOf = (settings: Partial<ChangeableSettings>) => Object.keys(settings) as SettingName[]

const words: { [Name in SettingName]: (value: ChangeableSettings[Name]) => string } = {
  name: name => `Called the shop ${name}`,
  currency: currency => `Set the currency to ${currency}`,
  language: language => `Set the shop’s own language to ${language}`,
  languages: languages => `Set the shop’s languages to ${listed(languages)}`,
  productUrl: url => `Set the address of products to ${url}`,
  timeZone: timeZone => `Set the shop’s time zone to ${timeZone}`,
  few: few =>
    few
      ? `Told shoppers of ${counted(few, 'thing')} or fewer that only a few are left`
      : 'Told shoppers no longer that only a few are left',
  emptyStock: emptyStock => `Took an empty stock cell for ${emptyStock === 'untracked' ? 'stock that is not tracked' : 'nothing in stock'}`,
  welcome: () => 'Changed the welcome of the stand-in shop',
}
