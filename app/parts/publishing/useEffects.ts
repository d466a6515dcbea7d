import { effectsAnswerSchema } from '../../../core/effects/effects'
import type { ToPublish } from '../../../core/effects/publishedShop'
import { callApi } from '../../data/callApi'
import { useDrafts } from '../../data/drafts'
import { useSettledAnswer } from '../../data/useSettledAnswer'

/**
 * What publishing would do to pages: asked again until every change is in it, and anew when something else is to be published or anything
 * changes. Until the newest answer comes, the one before stays in sight, unless it is about something else.
 */
export function useEffects(of: () => ToPublish) {
  const store = useDrafts()
  const isAny = () => Object.values(of()).some(keys => keys.length)
  const { answer, failed, ask } = useSettledAnswer(() =>
    isAny() ? callApi(effectsAnswerSchema, '/api/releases/effects', { method: 'POST', body: of() }) : null,
  )
  watch(
    () => JSON.stringify(of()),
    () => {
      answer.value = null
      void ask()
    },
    { immediate: true },
  )
  watch(() => store.edition, ask)
  return { answer, failed }
}
