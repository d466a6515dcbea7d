import { refDebounced } from '@vueuse/core'
import { ApiProblem } from './callApi'

/**
 * The answer to a question that changes: asked anew a moment after each change, and only the newest answer counts; an older question that
 * is still on its way is called off.
 * What was answered before stays in sight until then.
 * @param question as text; null: there is nothing to ask yet
 * @param pause milliseconds that the question must have stayed the same
 * @param ask is told by the signal when the question is called off
 */
export function useAnswer<T>(question: () => string | null, pause: number, ask: (question: string, signal: AbortSignal) => Promise<T>) {
  const answer = shallowRef<T | null>(null)
  const failed = ref('')
  const asked = refDebounced(computed(question), pause)
  let abort = new AbortController()
  onScopeDispose(() => abort.abort())
  watch(
    asked,
    async asking => {
      abort.abort()
      abort = new AbortController()
      const { signal } = abort
      if (asking === null) return
      try {
        const found = await ask(asking, signal)
        if (signal.aborted) return
        answer.value = found
        failed.value = ''
      } catch (error) {
        if (signal.aborted) return
        if (!(error instanceof ApiProblem)) throw error
        failed.value = error.message
      }
    },
    { immediate: true },
  )
  return { answer, failed }
}
