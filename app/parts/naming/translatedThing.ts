import type { InjectionKey, Ref } from 'vue'
import type { Command } from '../../../core/records/registry'
import type { DraftedSort, DraftedThings } from '../../../core/releases/draftedSorts'
import { shownTexts } from '../../../core/releases/draftedSorts'
import type { Versions } from '../../../core/sections/versions'
import type { Translation } from '../../../core/text/translations'
import { madeFromOther, withReworded } from '../../../core/text/translations'
import { useStudioShop } from '../../data/studioShop'

/** What the editor of a thing tells the fields in it of its translations. */
interface TranslatedThing {
  /** What a translation was made from, when the shop's own words are others by now; null: they are not. */
  madeFrom(text: string, language: string): string | null
  /** Says that a translation still fits. */
  keep(text: string, language: string): void
}
const translatedThing: InjectionKey<TranslatedThing> = Symbol('translatedThing')

type Known<Thing> = Versions<Thing> & { translations: readonly Translation[] }

/** What is known of the translations of a thing, with what its draft says otherwise than what is live. */
export const translationsKnown = <Sort extends DraftedSort>(
  of: Sort,
  { live, draft, translations }: Known<DraftedThings[Sort]>,
  own: string,
): readonly Translation[] => (live && draft ? withReworded(translations, shownTexts(of, live), shownTexts(of, draft), own) : translations)

/** For the fields of a thing's texts in its editor. */
export function provideTranslations<Sort extends DraftedSort>(
  of: Sort,
  thing: Readonly<Ref<Known<DraftedThings[Sort]> & { key: string }>>,
  send: (command: Command) => Promise<boolean>,
): void {
  const studio = useStudioShop()
  const own = computed(() => studio.shop!.settings.language)
  const known = computed(() => translationsKnown(of, thing.value, own.value))
  const texts = computed(() => (thing.value.draft ? shownTexts(of, thing.value.draft) : []))
  const named = (text: string) => texts.value.find(each => each.key === text)
  provide(translatedThing, {
    madeFrom(text, language) {
      const found = named(text)
      return found ? madeFromOther(known.value, found, language, own.value) : null
    },
    keep(text, language) {
      const words = named(text)!.text
      const { key } = thing.value
      void send({ type: 'keepTranslation', of, key, text, language, words: words[language]!, own: words[own.value]! })
    },
  })
}

/** What the editor around tells; null: nothing is translated there. */
export const useTranslatedThing = () => inject(translatedThing, null)
