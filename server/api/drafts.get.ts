import type { DraftedSort, DraftedThings } from '../../core/releases/draftedSorts'
import { forEachSort, obstacleOf } from '../../core/releases/draftedSorts'
import type { Section } from '../../core/sections/section'
import { sectionProblems } from '../../core/sections/sectionProblems'
import type { Versions } from '../../core/sections/versions'
import type { DraftsAnswer, StoredDraft } from '../../core/studio/draftAnswers'
import { useShop } from '../running/useShop'
import { knownThings } from '../sections/knownThings'

/** Everything that is drafted and published, with what is wrong with its drafts. */
export default api('viewer', async (): Promise<DraftsAnswer> => {
  const { shop } = await useShop()
  const known = knownThings(shop)
  function problemsOf<Sort extends DraftedSort>(sort: Sort, draft: DraftedThings[Sort]): StoredDraft<unknown>['problems'] {
    if (sort === 'sections') return sectionProblems(draft as Section, known)
    const obstacle = obstacleOf(sort, draft, sku => shop.catalogue.item(sku))
    return obstacle === null ? [] : [{ step: null, words: obstacle }]
  }
  function stored<Sort extends DraftedSort>(sort: Sort): StoredDraft<DraftedThings[Sort]>[] {
    const things: ReadonlyMap<string, Versions<DraftedThings[Sort]>> = shop.versions[sort]
    return Array.from(things, ([key, { live, draft }]) => ({ key, live, draft, problems: draft ? problemsOf(sort, draft) : [] }))
  }
  const attributes = [...shop.finder.postings.attributeValues.keys()].sort()
  return { ...(forEachSort(stored) as Pick<DraftsAnswer, DraftedSort>), attributes }
})
