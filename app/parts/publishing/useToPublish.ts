import { upperFirst } from 'es-toolkit'
import { hangsOnShopper } from '../../../core/checks/fill'
import { lookDifferences } from '../../../core/looks/lookWords'
import { planDifferences } from '../../../core/pagePlans/planDifferences'
import type { PageKind } from '../../../core/pageTypes/registry'
import { pageKinds } from '../../../core/pageTypes/registry'
import type { DraftedSort } from '../../../core/releases/draftedSorts'
import { draftedSortNames, forEachSort } from '../../../core/releases/draftedSorts'
import { sectionDifferences } from '../../../core/sections/sectionDifferences'
import { listed } from '../../../core/text/sentence'
import { useDrafts } from '../../data/drafts'
import { useStudioShop } from '../../data/studioShop'
import { publishingWords } from './words'

const say = publishingWords.useToPublish

export type Keys = Record<DraftedSort, readonly string[]>
export interface Row {
  of: DraftedSort
  key: string
  name: string
  /** What publishing it does. */
  words: string
  /** Pages on which it is counted before and after. */
  counted: PageKind[]
}

/**
 * What shoppers don't have yet, and what of it is chosen to go out.
 * @param first what is chosen to begin with
 */
export function useToPublish(first: Keys) {
  const store = useDrafts()
  const studio = useStudioShop()

  const idOf = (of: DraftedSort, key: string) => `${of} ${key}`
  const chosen = ref(new Set(draftedSortNames.flatMap(of => first[of].map(key => idOf(of, key)))))
  const isChosen = ({ of, key }: Pick<Row, 'of' | 'key'>) => chosen.value.has(idOf(of, key))
  function toggle({ of, key }: Pick<Row, 'of' | 'key'>): void {
    if (!chosen.value.delete(idOf(of, key))) chosen.value.add(idOf(of, key))
  }
  /** Whether it is not as shoppers have it, and is to be as drafted. */
  const goesOut = (of: DraftedSort, key: string) => store.unpublished[of].includes(key) && isChosen({ of, key })

  function nameOf(key: string): string {
    const stored = store.sections.find(each => each.key === key)
    return studio.words((stored?.draft ?? stored?.live)?.heading ?? {}) || key
  }
  function lookName(key: string): string {
    const stored = store.looks.find(each => each.key === key)
    return studio.words((stored?.draft ?? stored?.live)?.name ?? {}) || key
  }

  /** @param changes in words, when it was live and stays so */
  function wordsOf<T>(live: T | null, draft: T | null, changes: (before: T, after: T) => string): string {
    if (!draft) return say.removed
    return live ? changes(live, draft) : say.new
  }
  function countedPagesOf(key: string): PageKind[] {
    const { draft } = store.sections.find(each => each.key === key)!
    const pages = new Set(store.plansWith(key).map(each => each.plan.page))
    return draft ? pageKinds.filter(page => pages.has(page) && !hangsOnShopper(draft, page)) : []
  }
  const sectionRows = computed(() =>
    store.unpublished.sections.map((key): Row => {
      const { live, draft } = store.sections.find(each => each.key === key)!
      const words = wordsOf(live, draft, (before, after) => say.changes(listed(sectionDifferences(before, after))))
      return { of: 'sections', key, name: `“${nameOf(key)}”`, words, counted: countedPagesOf(key) }
    }),
  )
  const planRows = computed(() =>
    store.unpublished.plans.map((key): Row => {
      const { live, draft } = store.plans.find(each => each.key === key)!
      const words = wordsOf(live, draft, (before, after) => upperFirst(listed(planDifferences(before, after, nameOf))))
      return { of: 'plans', key, name: studio.words((draft ?? live)!.name), words, counted: [] }
    }),
  )
  const lookRows = computed(() =>
    store.unpublished.looks.map((key): Row => {
      const { live, draft } = store.looks.find(each => each.key === key)!
      const words = wordsOf(live, draft, (before, after) => say.changes(listed(lookDifferences(before, after))))
      return { of: 'looks', key, name: say.look(lookName(key)), words, counted: [] }
    }),
  )
  const rows = computed(() => [...sectionRows.value, ...planRows.value, ...lookRows.value])
  const chosenRows = computed(() => rows.value.filter(isChosen))
  const keysOf = (of: DraftedSort) => chosenRows.value.filter(row => row.of === of).map(row => row.key)

  /** Sections that a plan to be published names, and that shoppers would still not have. */
  const missing = computed(() => {
    const plans = store.plans.filter(({ key, draft }) => draft && goesOut('plans', key))
    const named = new Set(plans.flatMap(({ draft }) => draft!.zones.flatMap(zone => zone.sections)))
    const after = ({ key, live, draft }: (typeof store.sections)[0]) => (goesOut('sections', key) ? draft : live)
    return store.sections
      .filter(each => named.has(each.key) && !after(each))
      .map(({ key, draft }) => ({ key, name: nameOf(key), isDrafted: draft !== null }))
  })
  /** Looks that a section to be published has, and that shoppers would have as they were, or not at all. */
  const staleLooks = computed(() => {
    const worn = new Set(store.sections.filter(({ key }) => goesOut('sections', key)).map(({ draft }) => draft?.look.preset))
    return store.unpublished.looks
      .filter(key => worn.has(key) && !isChosen({ of: 'looks', key }))
      .map(key => ({ key, name: lookName(key) }))
  })

  return {
    rows,
    isChosen,
    toggle,
    missing,
    staleLooks,
    /** Keys of all that is chosen. */
    chosen: computed(() => forEachSort(keysOf)),
    count: computed(() => chosenRows.value.length),
  }
}
