import type { Text } from '../text/text'
import { textIn } from '../text/text'
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
  section: (key: string) => called(context.sectionVersions().get(key), each => each.heading, key, language),
  plan: (key: string) => called(context.planVersions().get(key), each => each.name, key, language),
  look: (key: string) => called(context.lookVersions().get(key), each => each.name, key, language),
})

/** The name of a thing as it is drafted, or else live. */
function called<T>(
  versions: { live: T | null; draft: T | null } | undefined,
  nameOf: (thing: T) => Text,
  key: string,
  language: string,
): string {
  const thing = versions?.draft ?? versions?.live
  return `“${(thing && textIn(nameOf(thing), language, language)) || key}”`
}
