import { refDebounced } from '@vueuse/core'
import { ApiProblem } from './callApi'

/**
 * The answer to a question that changes: asked anew a moment after each change, and only the newest answer counts.
 * What was answered before stays in sight until then.
 * @param question as text; null: there is nothing to ask yet
 * @param pause milliseconds that the question must have stayed the same
 */
export function useAnswer<T>(question: () => string | null, pause: number, ask: (question: string) => Promise<T>) {
  const answer = shallowRef<T | null>(null)
  const failed = ref('')
  const asked = refDebounced(computed(question), pause)
  watch(
    asked,
    async asking => {
      if (asking === null) return
      try {
        const found = await ask(asking)
        if (asking !== asked.value) return
        answer.value = found
        failed.value = ''
      } catch (error) {
        if (!(error instanceof ApiProblem)) throw error
        if (asking === asked.value) failed.value = error.message
      }
    },
    { immediate: true },
  )
  return { answer, failed }
}
