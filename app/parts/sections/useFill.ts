import { useTimeoutFn } from '@vueuse/core'
import type { PageKind } from '../../../core/pageTypes/registry'
import type { FillAnswer } from '../../../core/studio/sectionAnswers'
import { fillAnswerSchema } from '../../../core/studio/sectionAnswers'
import { ApiProblem, callApi } from '../../data/callApi'
import { useDrafts } from '../../data/drafts'

/** Milliseconds after which it is asked again while pages are being counted. */
const pause = 400

/**
 * On how many pages of a kind a section is full, thin or blank, live and as a draft: asked again until every change is counted in, and anew
 * after each change. An edit may still be on its way when it is asked for first. Only the newest answer counts.
 */
export function useFill(of: () => { section: string; page: PageKind }) {
  const store = useDrafts()
  const answer = shallowRef<FillAnswer | null>(null)
  const failed = ref('')
  let asks = 0
  const { start: askAgain, stop } = useTimeoutFn(() => void ask(), pause, { immediate: false })
  async function ask(): Promise<void> {
    const mine = ++asks
    try {
      const found = await callApi(fillAnswerSchema, '/api/sections/fill', { query: of() })
      if (mine !== asks) return
      answer.value = found
      failed.value = ''
      if (!found.settled) askAgain()
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error
      if (mine === asks) failed.value = error.message
    }
  }
  watch(() => [of().section, of().page, store.edition], ask, { immediate: true })
  onScopeDispose(() => {
    asks++
    stop()
  })
  return { answer, failed, ask }
}
