import { useTimeoutFn } from '@vueuse/core'
import type { EffectsAnswer } from '../../../core/effects/effects'
import { effectsAnswerSchema } from '../../../core/effects/effects'
import type { ToPublish } from '../../../core/effects/publishedShop'
import { ApiProblem, callApi } from '../../data/callApi'
import { useDrafts } from '../../data/drafts'

/** Milliseconds after which it is asked again while pages are being compared. */
const pause = 400

/**
 * What publishing would do to pages: asked again until every change is in it, and anew when something else is to be published or anything
 * changes. Only the newest answer counts; until it comes, the one before stays in sight, unless it is about something else.
 */
export function useEffects(of: () => ToPublish) {
  const store = useDrafts()
  const answer = shallowRef<EffectsAnswer | null>(null)
  const failed = ref('')
  let asks = 0
  const { start: askAgain, stop } = useTimeoutFn(() => void ask(), pause, { immediate: false })
  async function ask(): Promise<void> {
    const mine = ++asks
    stop()
    const body = of()
    if (!Object.values(body).some(keys => keys.length)) return
    try {
      const found = await callApi(effectsAnswerSchema, '/api/releases/effects', { method: 'POST', body })
      if (mine !== asks) return
      answer.value = found
      failed.value = ''
      if (!found.settled) askAgain()
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error
      if (mine === asks) failed.value = error.message
    }
  }
  watch(
    () => JSON.stringify(of()),
    () => {
      answer.value = null
      void ask()
    },
    { immediate: true },
  )
  watch(() => store.edition, ask)
  onScopeDispose(() => {
    asks++
    stop()
  })
  return { answer, failed }
}
