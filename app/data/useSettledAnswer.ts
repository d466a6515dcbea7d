import { useTimeoutFn } from '@vueuse/core'
import { ApiProblem } from './callApi'

/** Milliseconds after which it is asked again while the answer is being worked out. */
const pause = 400

/**
 * An answer that the server works out beside its other work: asked for again until it is settled. Only the newest answer counts.
 * @param fetch null: there is nothing to ask
 */
export function useSettledAnswer<Answer extends { settled: boolean }>(fetch: () => Promise<Answer> | null) {
  const answer = shallowRef<Answer | null>(null)
  const failed = ref('')
  let asks = 0
  const { start: askAgain, stop } = useTimeoutFn(() => void ask(), pause, { immediate: false })
  async function ask(): Promise<void> {
    const mine = ++asks
    stop()
    try {
      const found = await fetch()
      if (mine !== asks || !found) return
      answer.value = found
      failed.value = ''
      if (!found.settled) askAgain()
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error
      if (mine === asks) failed.value = error.message
    }
  }
  onScopeDispose(() => {
    asks++
    stop()
  })
  return { answer, failed, ask }
}
