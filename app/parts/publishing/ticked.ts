import type { DraftedSort } from '../../../core/releases/draftedSorts'
import { draftedSortNames, forEachSort } from '../../../core/releases/draftedSorts'
import type { ToPublish } from '../../../core/releases/toPublish'
import { draftNames, draftNamesSchema } from '../../../core/releases/toPublish'
import { useDrafts } from '../../data/drafts'

/** A draft by its sort and key. */
export interface DraftName {
  of: DraftedSort
  key: string
}
const idOf = ({ of, key }: DraftName) => `${of} ${key}`

/**
 * Which drafts are to go out with the next publishing: what one has drafted oneself, or what one came to publish, until one ticks something
 * else. It is kept while one looks around, so that previews can show what shoppers will have.
 */
export const useTicked = defineStore('ticked', () => {
  const drafts = useDrafts()
  /** What was come for, as addresses name it; null: all of one's own. */
  const first = ref<string | null>(null)
  const changed = ref(new Map<string, boolean>())
  const begun = computed(() => {
    const keys: ToPublish = first.value === null ? drafts.mine : (draftNamesSchema.safeParse(first.value).data ?? {})
    return new Set(draftedSortNames.flatMap(of => (keys[of] ?? []).map(key => idOf({ of, key }))))
  })

  const isTicked = (name: DraftName) => changed.value.get(idOf(name)) ?? begun.value.has(idOf(name))
  return {
    isTicked,
    toggle: (name: DraftName) => changed.value.set(idOf(name), !isTicked(name)),
    /** Keys of what is ticked and not as shoppers have it. */
    keys: computed(() => forEachSort(of => drafts.unpublished[of].filter(key => isTicked({ of, key })))),
    /** Begins anew with what is named; with the same as before it stays as it was ticked since. */
    begin(names: string | null): void {
      if (names === first.value) return
      first.value = names
      changed.value.clear()
    },
    /** Once it is published. */
    reset(): void {
      first.value = null
      changed.value.clear()
    },
  }
})

/** Opens the room where drafts are published, with these ticked. */
export const openPublishing = (keys: ToPublish) => navigateTo({ path: '/publish', query: { first: draftNames(keys) } })
