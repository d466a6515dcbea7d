import { settingTexts } from '../../catalogue/shopSettings'
import { asItIs, keyedRecord } from '../../journal/keyed'
import type { AnyChange, ChangeOf } from '../../journal/record'
import type { ShopView } from '../../journal/shopView'
import { counted } from '../../text/sentence'
import type { Text } from '../../text/text'
import { withReworded } from '../../text/translations'
import { settingsKey, translationChange, translationsOf } from '../translations/translationRecord'

/** What was set for the shop as a whole, by the name of the setting; what was not set is as the shop brought it along. */
export const settingRecord = keyedRecord<'setting', string>(
  {
    of: 'setting',
    called: 'the same setting',
    live: (_, effects) => effects.settingsChanged(),
    // Days begin and end otherwise everywhere.
    counting: { isCopied: false, apply: () => false },
    follows: ({ key, after }, shop) => (key === 'welcome' && after !== null ? [translationsAfter(after, shop)] : []),
    usedBy({ key }, shop) {
      const words = key === 'currency' || key === 'language' ? whatStandsOn(key, shop) : null
      return words === null ? null : { about: key, words }
    },
  },
  asItIs,
)
export type SettingChange = ChangeOf<'setting', string | null>

/** What is known of the translations of a welcome that is another now. @param welcome as it is kept */
function translationsAfter(welcome: string, { settings, states }: ShopView): AnyChange {
  const texts = settingTexts({ welcome: JSON.parse(welcome) as Text })
  const known = withReworded(translationsOf(states, 'settings', settingsKey), settingTexts(settings), texts, settings.language)
  return translationChange(states, 'settings', settingsKey, known)
}

/** Why a setting can't be another by now, in words; null: it can. */
export function whatStandsOn(setting: 'currency' | 'language', { catalogue: { products } }: ShopView): string | null {
  // Names stand in the shop's own language, by which products are found and put in order.
  if (setting === 'language')
    return products.length
      ? `The shop’s own language stays: the names of ${counted(products.length, 'product')} are in it. Others can be added beside it.`
      : null
  // Amounts are kept in the currency's minor units, and would mean something else in another.
  const priced = products.find(each =>
    [each.price, each.was, each.cost, ...each.variants.map(variant => variant.price)].some(amount => amount !== null),
  )
  return priced ? `The currency stays: there are prices in it, such as that of ${priced.sku}.` : null
}
