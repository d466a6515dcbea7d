import type { InjectionKey, Ref } from 'vue'
import { settingTexts } from '../../../core/catalogue/shopSettings'
import type { Command } from '../../../core/records/registry'
import type { TranslatedSort } from '../../../core/records/translations/translationRecord'
import { settingsKey } from '../../../core/records/translations/translationRecord'
import type { DraftedSort, DraftedThings } from '../../../core/releases/draftedSorts'
import { shownTexts } from '../../../core/releases/draftedSorts'
import type { Versions } from '../../../core/sections/versions'
import type { NamedText } from '../../../core/text/namedText'
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

/** For the fields of a drafted thing's texts in its editor. */
export function provideTranslations<Sort extends DraftedSort>(
  of: Sort,
  thing: Readonly<Ref<Known<DraftedThings[Sort]> & { key: string }>>,
  send: (command: Command) => Promise<unknown>,
): void {
  const studio = useStudioShop()
  const known = computed(() => translationsKnown(of, thing.value, studio.language))
  const texts = computed(() => (thing.value.draft ? shownTexts(of, thing.value.draft) : []))
  provideKnown(
    of,
    () => thing.value.key,
    () => texts.value,
    () => known.value,
    send,
  )
}

/** For the fields of the texts among the shop's settings. */
export function provideSettingTranslations(send: (command: Command) => Promise<unknown>): void {
  const studio = useStudioShop()
  provideKnown(
    'settings',
    () => settingsKey,
    () => settingTexts(studio.shop!.settings),
    () => studio.shop!.translations,
    send,
  )
}

function provideKnown(
  of: TranslatedSort,
  key: () => string,
  texts: () => readonly NamedText[],
  known: () => readonly Translation[],
  send: (command: Command) => Promise<unknown>,
): void {
  const studio = useStudioShop()
  const named = (text: string) => texts().find(each => each.key === text)
  provide(translatedThing, {
    madeFrom(text, language) {
      const found = named(text)
      return found ? madeFromOther(known(), found, language, studio.language) : null
    },
    keep(text, language) {
      const words = named(text)!.text
      void send({ type: 'keepTranslation', of, key: key(), text, language, words: words[language]!, own: words[studio.language]! })
    },
  })
}

/** What the editor around tells; null: nothing is translated there. */
export const useTranslatedThing = () => inject(translatedThing, null)
