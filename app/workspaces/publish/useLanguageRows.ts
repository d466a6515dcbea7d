import { groupBy, uniq } from 'es-toolkit'
import type { DraftedSort } from '../../../core/releases/draftedSorts'
import { shownTexts } from '../../../core/releases/draftedSorts'
import { languageGaps } from '../../../core/text/languageGaps'
import { listed } from '../../../core/text/sentence'
import { useDrafts } from '../../data/drafts'
import { useStudioShop } from '../../data/studioShop'
import { languageName } from '../../parts/naming/languageName'
import { translationsKnown } from '../../parts/naming/translatedThing'
import { useTicked } from '../../parts/publishing/ticked'
import { sortsInOrder } from './draftWords'
import type { EffectRow } from './effectRows'
import { publishWords } from './words'

const say = publishWords.languageRows

/** Where things are edited that have words for shoppers. */
const rooms: Partial<Record<DraftedSort, string>> = { sections: '/sections', offers: '/offers', bundles: '/bundles' }

/** What of what is ticked is not said in every language of the shop, or is older there than in its own. */
export function useLanguageRows() {
  const store = useDrafts()
  const studio = useStudioShop()
  const ticked = useTicked()

  function rowsOf<Sort extends DraftedSort>(of: Sort, key: string): EffectRow[] {
    const stored = store.storedOf(of, key)
    if (!stored?.draft) return []
    const { languages, language } = studio.shop!.settings
    const gaps = languageGaps(shownTexts(of, stored.draft), translationsKnown(of, stored, language), languages, language)
    return Object.values(groupBy(gaps, each => `${each.language} ${each.is}`)).map(same => {
      const { language: tag, is } = same[0]!
      const title = is === 'missing' ? say.missing : say.older
      return {
        id: `language ${of} ${key} ${tag} ${is}`,
        tone: 'look',
        title: title(store.nameOf(of, key), languageName(tag), languageName(language)),
        words: say.about(listed(uniq(same.map(each => each.what)))),
        full: null,
        page: null,
        count: 0,
        some: [],
        to: `${rooms[of]!}/${encodeURIComponent(key)}`,
      }
    })
  }
  return computed(() => sortsInOrder.filter(of => rooms[of]).flatMap(of => ticked.keys[of].flatMap(key => rowsOf(of, key))))
}
