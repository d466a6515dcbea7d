import { sortBy } from 'es-toolkit'
import type { DraftedSort, DraftedThings } from '../../../core/releases/draftedSorts'
import { forEachSort } from '../../../core/releases/draftedSorts'
import { listed } from '../../../core/text/sentence'
import { useDrafts } from '../../data/drafts'
import { draftWords, sortsInOrder } from './draftWords'
import { publishingWords } from './words'

const say = publishingWords.useToPublish

/** Keys of each sort; what is left out has none. */
export type Keys = Partial<Record<DraftedSort, readonly string[]>>
export interface Row {
  of: DraftedSort
  key: string
  name: string
  /** What publishing it does. */
  words: string
  /** Who drafted it, when that was somebody else; empty: whoever is signed in, or nobody known. */
  by: string
  /** Why it can't be published; empty: it can. */
  obstacle: string
}

/**
 * What shoppers don't have yet, and what of it is chosen to go out.
 * @param first what is chosen to begin with
 */
export function useToPublish(first: Keys) {
  const store = useDrafts()

  const idOf = (of: DraftedSort, key: string) => `${of} ${key}`
  const chosen = ref(new Set(sortsInOrder.flatMap(of => (first[of] ?? []).map(key => idOf(of, key)))))
  const isChosen = ({ of, key }: Pick<Row, 'of' | 'key'>) => chosen.value.has(idOf(of, key))
  function toggle({ of, key }: Pick<Row, 'of' | 'key'>): void {
    if (!chosen.value.delete(idOf(of, key))) chosen.value.add(idOf(of, key))
  }
  /** Whether it is not as shoppers have it, and is to be as drafted. */
  const goesOut = (of: DraftedSort, key: string) => store.unpublished[of].includes(key) && isChosen({ of, key })

  const sectionName = (key: string) => store.nameOf('sections', key)

  function rowOf<Sort extends DraftedSort>(of: Sort, key: string): Row {
    const { called, differences, changes } = draftWords[of]
    const { live, draft, problems, by } = store.storedOf(of, key)!
    const wordsOf = (before: DraftedThings[Sort] | null, after: DraftedThings[Sort]) =>
      before ? changes(listed(differences(before, after, sectionName))) : say.new
    return {
      of,
      key,
      name: called(store.nameOf(of, key)),
      words: draft ? wordsOf(live, draft) : say.removed,
      by: by?.isMe ? '' : (by?.name ?? ''),
      obstacle: of === 'sections' ? '' : (problems[0]?.words ?? ''),
    }
  }
  /** One's own first. */
  const rows = computed(() =>
    sortBy(
      sortsInOrder.flatMap(of => store.unpublished[of].map(key => rowOf(of, key))),
      [row => row.by !== ''],
    ),
  )
  const chosenRows = computed(() => rows.value.filter(isChosen))
  const keysOf = (of: DraftedSort) => chosenRows.value.filter(row => row.of === of).map(row => row.key)

  /** Sections that a plan to be published names, and that shoppers would still not have. */
  const missing = computed(() => {
    const plans = store.plans.filter(({ key, draft }) => draft && goesOut('plans', key))
    const named = new Set(plans.flatMap(({ draft }) => draft!.zones.flatMap(zone => zone.sections)))
    const after = ({ key, live, draft }: (typeof store.sections)[0]) => (goesOut('sections', key) ? draft : live)
    return store.sections
      .filter(each => named.has(each.key) && !after(each))
      .map(({ key, draft }) => ({ key, name: sectionName(key), isDrafted: draft !== null }))
  })
  /** Looks that a section to be published has, and that shoppers would have as they were, or not at all. */
  const staleLooks = computed(() => {
    const worn = new Set(store.sections.filter(({ key }) => goesOut('sections', key)).map(({ draft }) => draft?.look.preset))
    return store.unpublished.looks
      .filter(key => worn.has(key) && !isChosen({ of: 'looks', key }))
      .map(key => ({ key, name: store.nameOf('looks', key) }))
  })

  return {
    rows,
    isChosen,
    toggle,
    missing,
    staleLooks,
    /** What is ticked and can't be published. */
    stopped: computed(() => chosenRows.value.filter(row => row.obstacle)),
    /** Keys of all that is chosen. */
    chosen: computed(() => forEachSort(keysOf)),
    count: computed(() => chosenRows.value.length),
  }
}
