import type { CommandGroup } from '../../journal/commandGroup'
import { namesIn } from '../../journal/names'
import { planTranslations } from './planTranslations'
import { translationCommandSchema } from './translationCommandSchema'

export const translationCommands: CommandGroup<typeof translationCommandSchema> = {
  schema: translationCommandSchema,
  plan: planTranslations,
  words({ of, key, language: tag, words }, context, language) {
    const said = words.length > maxWords ? `${words.slice(0, maxWords)}…` : words
    return `Kept “${said}” (${tag}) in ${namesIn(context, language).drafted(of, key)}: it still fits`
  },
}
const maxWords = 60
