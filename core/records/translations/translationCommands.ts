import type { CommandGroup } from '../../journal/commandGroup'
import { namesIn } from '../../journal/names'
import { planTranslations } from './planTranslations'
import { translationCommandSchema } from './translationCommandSchema'

export const translationCommands: CommandGroup<typeof translationCommandSchema> = {
  schema: translationCommandSchema,
  // Settings hold for everything.
  role: ({ of }) => (of === 'settings' ? 'admin' : 'editor'),
  plan: planTranslations,
  words({ of, key, language: tag, words }, context, language) {
    const said = words.length > maxWords ? `${words.slice(0, maxWords)}…` : words
    const thing = of === 'settings' ? 'the shop’s settings' : namesIn(context, language).drafted(of, key)
    return `Kept “${said}” (${tag}) in ${thing}: it still fits`
  },
}
const maxWords = 60
