import type { z } from 'zod'
import { effectsAnswerSchema } from '../../../core/effects/effects'
import type { Section } from '../../../core/sections/section'
import type { DraftedSort } from '../../../core/releases/draftedSorts'
import { nameIn } from '../../../core/releases/draftedSorts'
import type { ToPublish } from '../../../core/releases/toPublish'
import { callApi } from '../../data/callApi'
import { useDrafts } from '../../data/drafts'
import { useHistory } from '../../data/history'
import { useStudioShop } from '../../data/studioShop'
import { useSettledAnswer } from '../../data/useSettledAnswer'
import { effectRows } from './effectRows'

/** What is looked at before shoppers get it: some drafts, or a release again. */
export type Asked = { publish: ToPublish } | { release: number }

/**
 * What that would do to pages: asked again until every change is in it, and anew when something else is asked or anything changes. Until
 * the newest answer comes, the one before stays in sight, unless it is about something else.
 * @param of null: nothing
 * @param sectionAfter a section as it would be
 */
export function useEffects(of: () => Asked | null, sectionAfter: (key: string) => Section | null) {
  const store = useDrafts()
  const history = useHistory()
  const studio = useStudioShop()
  const { answer, failed, ask } = useSettledAnswer<z.infer<typeof effectsAnswerSchema>>(() => {
    const body = of()
    return body && callApi(effectsAnswerSchema, '/api/releases/effects', { method: 'POST', body })
  })
  watch(
    () => JSON.stringify(of()),
    () => {
      answer.value = null
      void ask()
    },
    { immediate: true },
  )
  watch(() => store.edition, ask)

  /** As it would be called; what has no such version, as it is drafted. */
  function nameOf(sort: DraftedSort, key: string): string {
    // Of bundles, the drafts have those alone that are drafted.
    if (sort === 'bundles') return answer.value?.names[key] ?? store.nameOf(sort, key)
    const after = sort === 'sections' ? sectionAfter(key) : null
    return (after && studio.words(nameIn('sections', after))) || store.nameOf(sort, key)
  }
  const effects = computed(() => answer.value?.effects ?? null)
  const rows = computed(() => (effects.value ? effectRows(effects.value, { nameOf, sectionAfter, money: studio.money }) : []))
  const named = ref<string | null>(null)
  /** The line whose pages are looked at: the chosen one, or else the first that has pages. */
  const chosen = computed(
    () => rows.value.find(row => row.id === named.value && row.some.length) ?? rows.value.find(row => row.some.length) ?? null,
  )
  return reactive({
    asked: computed(of),
    answer,
    failed,
    effects,
    rows,
    chosen,
    choose: (id: string) => (named.value = id),
    /** What somebody is changing right now is not in it. */
    isWaiting: computed(() => history.pending > 0),
  })
}
export type SeenEffects = ReturnType<typeof useEffects>
