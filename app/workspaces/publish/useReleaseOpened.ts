import type { DraftedSort, DraftedThings } from '../../../core/releases/draftedSorts'
import { nameIn } from '../../../core/releases/draftedSorts'
import type { ReleaseContent } from '../../../core/releases/release'
import { releaseAnswerSchema } from '../../../core/releases/release'
import { blockName } from '../../../core/pagePlans/block'
import { listed } from '../../../core/text/sentence'
import { callApi } from '../../data/callApi'
import { useDrafts } from '../../data/drafts'
import { useAnswer } from '../../data/useAnswer'
import { useStudioShop } from '../../data/studioShop'
import { draftWords, sortsInOrder } from './draftWords'
import { publishWords } from './words'

const say = publishWords.releaseOpened

/** The release that is open: what it has, and what shoppers would get otherwise than now. @param number null: none */
export function useReleaseOpened(number: () => number | null) {
  const store = useDrafts()
  const studio = useStudioShop()
  const { answer, failed } = useAnswer(
    () => JSON.stringify(number()),
    0,
    async (_, signal) => {
      const of = number()
      return of === null ? null : callApi(releaseAnswerSchema, `/api/releases/${of}`, { signal })
    },
  )

  function changedOf<Sort extends DraftedSort>(sort: Sort, before: readonly DraftedThings[Sort][]): string[] {
    const { called, differences } = draftWords[sort]
    // Of bundles, the drafts have those alone that are drafted.
    const now = (sort === 'bundles' ? (answer.value?.liveBundles ?? []) : store.liveOf(sort)) as readonly DraftedThings[Sort][]
    const name = (thing: DraftedThings[Sort]) => called(studio.words(nameIn(sort, thing)) || thing.key)
    return [
      ...before.filter(each => !now.some(one => one.key === each.key)).map(each => say.comesBack(name(each))),
      ...now.filter(each => !before.some(one => one.key === each.key)).map(each => say.goes(name(each))),
      ...now.flatMap(each => {
        const words = listed(differences(each, before.find(one => one.key === each.key) ?? each, block => blockName(block, store.nameOf)))
        return words ? `${name(each)}: ${words}` : []
      }),
    ]
  }
  return {
    release: answer,
    failed,
    /** What shoppers would get otherwise than now; empty: nothing, or it is not known yet. */
    words: computed(() => {
      const then: ReleaseContent | null = answer.value
      return then ? sortsInOrder.flatMap(sort => (then[sort] ? changedOf(sort, then[sort]) : [])) : []
    }),
    sectionThen: (key: string) => answer.value?.sections.find(each => each.key === key) ?? null,
  }
}
