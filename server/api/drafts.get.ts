import { isEqual } from 'es-toolkit'
import { idOf } from '../../core/access/access'
import { translationsOf } from '../../core/records/translations/translationRecord'
import type { DraftedSort, DraftedThings } from '../../core/releases/draftedSorts'
import { draftedSortNames, draftedSorts, forEachSort, obstacleOf, toAgreeOf } from '../../core/releases/draftedSorts'
import type { Section } from '../../core/sections/section'
import { sectionProblems } from '../../core/sections/sectionProblems'
import type { Versions } from '../../core/sections/versions'
import { isUnpublished } from '../../core/sections/versions'
import type { DraftsAnswer, StoredDraft } from '../../core/studio/draftAnswers'
import { nameOf } from '../access/nameOf'
import { useShop } from '../running/useShop'
import { knownThings } from '../sections/knownThings'
import type { LastChange } from '../store/journal'

/** What decides what shoppers have, and drafts nothing. */
const notDrafting = new Set<LastChange['type']>(['publish', 'unpublish', 'goBack', 'runSchedule'])

/** Everything that is drafted and published, with what is wrong with its drafts and who made them. */
export default api('viewer', async (_, asker): Promise<DraftsAnswer> => {
  const { shop, store, access } = await useShop()
  const known = knownThings(shop)
  const changes = await store.lastChanges(draftedSortNames.map(sort => draftedSorts[sort].of))
  const lastOf = new Map(changes.map(each => [`${each.of} ${each.key}`, each]))
  const me = idOf(asker)

  function problemsOf<Sort extends DraftedSort>(sort: Sort, draft: DraftedThings[Sort]): StoredDraft<unknown>['problems'] {
    if (sort === 'sections') return sectionProblems(draft as Section, known)
    const item = (sku: string) => shop.catalogue.item(sku)
    const obstacle = obstacleOf(sort, draft, item)
    if (obstacle !== null) return [{ step: null, words: obstacle }]
    const toAgree = toAgreeOf(sort, draft, item)
    return toAgree === null ? [] : [{ step: null, words: toAgree, toAgree: true }]
  }
  function drafterOf(sort: DraftedSort, key: string): StoredDraft<unknown>['by'] {
    const last = lastOf.get(`${draftedSorts[sort].of} ${key}`)
    return { name: last ? nameOf(last.editor, access) : null, isMe: last?.editor === me && !notDrafting.has(last.type) }
  }
  const plannings = [...shop.schedules.values()].sort((a, b) => Date.parse(a.at) - Date.parse(b.at))
  function plannedFor(sort: DraftedSort, key: string, draft: unknown): StoredDraft<unknown>['planned'] {
    const due = plannings.find(each => key in each[sort])
    return due ? { at: due.at, isAsDrafted: isEqual(due[sort][key], draft) } : null
  }
  function stored<Sort extends DraftedSort>(sort: Sort): StoredDraft<DraftedThings[Sort]>[] {
    const things: ReadonlyMap<string, Versions<DraftedThings[Sort]>> = shop.versions[sort]
    // There may be thousands of bundles: those that shoppers have as they are stand in the list of bundles alone.
    const told = [...things].filter(([key, each]) => sort !== 'bundles' || isUnpublished(each) || plannings.some(due => key in due[sort]))
    return Array.from(told, ([key, { live, draft }]) => ({
      key,
      live,
      draft,
      problems: draft ? problemsOf(sort, draft) : [],
      by: isUnpublished({ live, draft }) ? drafterOf(sort, key) : null,
      translations: translationsOf(shop.states, sort, key),
      planned: plannedFor(sort, key, draft),
    }))
  }
  const attributes = [...shop.finder.postings.attributeValues.keys()].sort()
  return { ...(forEachSort(stored) as Pick<DraftsAnswer, DraftedSort>), attributes }
})
