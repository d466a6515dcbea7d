import { CommandError } from '../../journal/commandError'
import type { CommandContext } from '../../journal/commandContext'
import type { ShopView } from '../../journal/shopView'
import { settingTexts } from '../../catalogue/shopSettings'
import type { AllVersions, DraftedSort, DraftedThings } from '../../releases/draftedSorts'
import { draftedSorts, shownTexts } from '../../releases/draftedSorts'
import type { Versions } from '../../sections/versions'
import type { NamedText } from '../../text/namedText'
import { withFitting, withReworded } from '../../text/translations'
import type { TranslationCommand } from './translationCommandSchema'
import type { TranslationChange } from './translationRecord'
import { translationChange, translationsOf } from './translationRecord'

/** What follows for the translations of a thing from another draft of it. */
export function followingTranslations<Sort extends DraftedSort>(
  sort: Sort,
  key: string,
  before: Versions<DraftedThings[Sort]> | null,
  after: Versions<DraftedThings[Sort]> | null,
  { states, settings }: ShopView,
): TranslationChange[] {
  if (!after) return [translationChange(states, sort, key, null)]
  if (!after.draft) return []
  const texts = shownTexts(sort, after.draft)
  // What shoppers have is looked at too: drafts of old were made when nothing was remembered.
  const known = [before?.draft, before?.live].reduce(
    (all, was) => (was ? withReworded(all, shownTexts(sort, was), texts, settings.language) : all),
    translationsOf(states, sort, key),
  )
  return [translationChange(states, sort, key, known)]
}

/**
 * Works out what it does to say that a translation still fits.
 * @throws CommandError when there is no such text, or the words are others by now than those that were read
 */
export function planTranslations(
  { of, key, text, language, words, own }: TranslationCommand,
  { states, versions, shop }: Pick<CommandContext, 'states' | 'versions' | 'shop'>,
): TranslationChange[] {
  const { live, draft } = of === 'settings' ? textsOfSettings(shop) : textsOfVersions(of, key, versions)
  const named = draft.find(each => each.key === text)
  const noun = of === 'settings' ? 'shop’s settings' : `${draftedSorts[of].noun} ${key}`
  if (!named) throw new CommandError('unknown-text', `There is no such text of the ${noun}.`, [key])
  const ownLanguage = shop.settings.language
  if (named.text[language] !== words || named.text[ownLanguage] !== own)
    throw new CommandError('changed-since', `Somebody has changed ${named.what} meanwhile. Look at it again.`, [key])
  const known = withReworded(translationsOf(states, of, key), live, [named], ownLanguage)
  return [translationChange(states, of, key, withFitting(known, named, language, ownLanguage))]
}

type Texts = Record<'live' | 'draft', readonly NamedText[]>

/** Settings have no drafts. */
const textsOfSettings = ({ settings }: Pick<ShopView, 'settings'>): Texts => ({ live: [], draft: settingTexts(settings) })

function textsOfVersions(sort: DraftedSort, key: string, versions: AllVersions): Texts {
  const { live, draft } = (versions[sort].get(key) ?? { live: null, draft: null }) as Versions<DraftedThings[DraftedSort]>
  return { live: live ? shownTexts(sort, live) : [], draft: draft ? shownTexts(sort, draft) : [] }
}
