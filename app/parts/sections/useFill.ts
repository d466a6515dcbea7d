import type { PageKind } from '../../../core/pageTypes/registry'
import { fillAnswerSchema } from '../../../core/studio/sectionAnswers'
import { callApi } from '../../data/callApi'
import { useDrafts } from '../../data/drafts'
import { useSettledAnswer } from '../../data/useSettledAnswer'

/**
 * On how many pages of a kind a section is full, thin or blank, live and as a draft: asked again until every change is counted in, and anew
 * after each change. An edit may still be on its way when it is asked for first.
 */
export function useFill(of: () => { section: string; page: PageKind }) {
  const store = useDrafts()
  const settled = useSettledAnswer(() => callApi(fillAnswerSchema, '/api/sections/fill', { query: of() }))
  watch(() => [of().section, of().page, store.edition], settled.ask, { immediate: true })
  return settled
}
