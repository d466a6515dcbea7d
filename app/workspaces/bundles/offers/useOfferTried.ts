import { omit } from 'es-toolkit'
import { pageAnswerSchema } from '../../../../core/delivery/contract/pages'
import type { ShownPage } from '../../../../core/delivery/shownPage'
import type { StoredOffer } from '../../../../core/studio/draftAnswers'
import { callApi } from '../../../data/callApi'
import { useDrafts } from '../../../data/drafts'
import { useAnswer } from '../../../data/useAnswer'

/**
 * What becomes of an offer on a page, as if it were for the product and the page had a place for it; and what it lacks for that in truth.
 * @param page null: there is none yet
 */
export function useOfferTried(stored: () => StoredOffer, page: () => ShownPage | null) {
  const store = useDrafts()
  /** @param as what is pretended of the page */
  function ask(as: () => { offer?: string }) {
    const asked = computed(() => {
      const now = page()
      return now && { path: now.path, query: { ...omit(now.query, ['offer']), ...as(), explain: '1' } }
    })
    const { answer, failed } = useAnswer(
      () => JSON.stringify([asked.value, store.edition]),
      60,
      async (_, signal) =>
        asked.value && callApi(pageAnswerSchema, `/api/shop/v1${asked.value.path}`, { query: asked.value.query, signal }),
    )
    const shown = computed(() => answer.value?.offers?.find(each => each.key === stored().key) ?? null)
    const hidden = computed(() => answer.value?.hiddenOffers?.find(each => each.key === stored().key) ?? null)
    return { answer, failed, shown, hidden }
  }
  const inTruth = ask(() => ({}))
  const asIf = ask(() => (stored().draft ? { offer: stored().key } : {}))
  /** Why it does not come up there in truth, whatever is left of it; null: it does, or that is not known yet. */
  const lacks = computed((): 'product' | 'place' | null => {
    if (!inTruth.answer.value || inTruth.shown.value || !stored().draft) return null
    if (!inTruth.hidden.value) return 'product'
    return inTruth.hidden.value.reason === 'notOnPlan' ? 'place' : null
  })
  return { ...asIf, lacks }
}
