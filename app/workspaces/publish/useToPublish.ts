import { sortBy } from 'es-toolkit'
import { blockName, offerBlock } from '../../../core/pagePlans/block'
import { blocksOf } from '../../../core/pagePlans/pagePlan'
import type { DraftedSort, DraftedThings } from '../../../core/releases/draftedSorts'
import { listed } from '../../../core/text/sentence'
import { useDrafts } from '../../data/drafts'
import type { DraftName } from '../../parts/publishing/ticked'
import { useTicked } from '../../parts/publishing/ticked'
import { draftWords, sortsInOrder } from './draftWords'
import { publishWords } from './words'

const say = publishWords.useToPublish

export interface Row extends DraftName {
  name: string
  /** What publishing it does. */
  words: string
  /** Who drafted it, when that was somebody else; empty: whoever is signed in, or nobody known. */
  by: string
  /** Why it can't be published; empty: it can. */
  obstacle: string
  /** What has to be agreed to before; empty: nothing. */
  toAgree: string
}

/** What shoppers don't have yet, and what is to be said of what is ticked. */
export function useToPublish() {
  const store = useDrafts()
  const ticked = useTicked()

  /** Whether it is not as shoppers have it, and is to be as drafted. */
  const goesOut = (of: DraftedSort, key: string) => ticked.keys[of].includes(key)

  function rowOf<Sort extends DraftedSort>(of: Sort, key: string): Row {
    const { called, differences, changes } = draftWords[of]
    const { live, draft, problems, by } = store.storedOf(of, key)!
    const wordsOf = (before: DraftedThings[Sort] | null, after: DraftedThings[Sort]) =>
      before ? changes(listed(differences(before, after, block => blockName(block, store.nameOf)))) : say.new
    return {
      of,
      key,
      name: called(store.nameOf(of, key)),
      words: [draft ? wordsOf(live, draft) : say.removed, store.plannedWords(of, key)].filter(Boolean).join(' · '),
      by: by?.isMe ? '' : (by?.name ?? ''),
      obstacle: of === 'sections' ? '' : (problems.find(each => !each.toAgree)?.words ?? ''),
      toAgree: problems.find(each => each.toAgree)?.words ?? '',
    }
  }
  const rows = computed(() => sortsInOrder.flatMap(of => store.unpublished[of].map(key => rowOf(of, key))))
  const tickedRows = computed(() => rows.value.filter(ticked.isTicked))

  /** Sections and offers that a plan to be published names, and that shoppers would still not have. */
  const missing = computed(() => {
    const plans = store.plans.filter(({ key, draft }) => draft && goesOut('plans', key))
    const named = new Set(plans.flatMap(({ draft }) => blocksOf(draft!)))
    const missingOf = (of: 'sections' | 'offers', blockOf: (key: string) => string) =>
      store[of]
        .filter(({ key, live, draft }) => named.has(blockOf(key)) && !(goesOut(of, key) ? draft : live))
        .map(({ key, draft }) => ({ of, key, name: store.nameOf(of, key), isDrafted: draft !== null }))
    return [...missingOf('sections', key => key), ...missingOf('offers', offerBlock)]
  })
  /** Looks that a section to be published has, and that shoppers would have as they were, or not at all. */
  const staleLooks = computed(() => {
    const worn = new Set(store.sections.filter(({ key }) => goesOut('sections', key)).map(({ draft }) => draft?.look.preset))
    return store.unpublished.looks
      .filter(key => worn.has(key) && !goesOut('looks', key))
      .map(key => ({ key, name: store.nameOf('looks', key) }))
  })

  /** What somebody has agreed to. When it is about something else by now, it is asked again. */
  const agreed = ref<readonly string[]>([])
  const toAgree = computed(() =>
    tickedRows.value
      .filter(row => row.toAgree)
      .map(row => ({ name: row.name, words: row.toAgree, id: `${row.of} ${row.key} ${row.toAgree}` }))
      .map(each => ({ ...each, isAgreed: agreed.value.includes(each.id) })),
  )

  return {
    rows,
    /** One's own, and what others drafted; each in the order of sorts. */
    groups: computed(() => {
      const [own, others] = [rows.value.filter(row => !row.by), sortBy(rows.value, ['by']).filter(row => row.by)]
      return [
        { key: 'own', title: '', rows: own },
        { key: 'others', title: say.draftedByOthers, rows: others },
      ].filter(group => group.rows.length)
    }),
    missing,
    staleLooks,
    /** What is ticked and can't be published. */
    stopped: computed(() => tickedRows.value.filter(row => row.obstacle)),
    /** What of what is ticked has to be agreed to. */
    toAgree,
    agree: (id: string) => (agreed.value = agreed.value.includes(id) ? agreed.value.filter(each => each !== id) : [...agreed.value, id]),
    count: computed(() => tickedRows.value.length),
  }
}
