import { de } from '../words/de'
import { en } from '../words/en'

const languages: Record<string, typeof en> = { en, de }

/** What the shop itself says, in the shopper's language; in English where it does not speak that. */
export function useWords() {
  const { language } = useShopFacts()
  return computed(() => languages[language.value.split('-')[0]!] ?? en)
}
