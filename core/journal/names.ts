import type { Text } from '../text/text'
import { textIn } from '../text/text'
import type { DraftedSort } from '../releases/draftedSorts'
import { nameIn } from '../releases/draftedSorts'
import type { CommandContext } from './commandContext'

/** What things are called in the words of commands. @param language BCP 47 tag */
export const namesIn = (context: CommandContext, language: string) => ({
  text: (text: Text) => textIn(text, language, language),
  /** “Smoker, large”; the SKU of what the shop doesn't have. */
  name(sku: string): string {
    const item = context.item(sku)
    if (!item) return sku
    const options = Object.values(item.variant?.options ?? {})
    return [textIn(item.product.name, language, language) || sku, ...options].join(', ')
  },
  kind: (key: string) => textIn(context.kind(key)!.name, language, language),
  plural: (key: string) => textIn(context.kind(key)!.plural, language, language).toLowerCase(),
  section: (key: string) => drafted(context, 'sections', key, language),
  plan: (key: string) => drafted(context, 'plans', key, language),
  look: (key: string) => drafted(context, 'looks', key, language),
  offer: (key: string) => drafted(context, 'offers', key, language),
  drafted: (sort: DraftedSort, key: string) => drafted(context, sort, key, language),
})

/** The name of a thing as it is drafted, or else live. */
function drafted<Sort extends DraftedSort>({ versions }: CommandContext, sort: Sort, key: string, language: string): string {
  const { draft, live } = versions[sort].get(key) ?? { draft: null, live: null }
  const thing = draft ?? live
  return `“${(thing && textIn(nameIn(sort, thing), language, language)) || key}”`
}
