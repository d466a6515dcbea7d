import type { Offer, OfferSettings } from '../../../../core/offers/offer'
import { offersAnswerSchema } from '../../../../core/studio/offerAnswers'
import { callApi } from '../../../data/callApi'
import { changedParts, useResource } from '../../../data/resource'

/** All together offers; shoppers have an edit as soon as it has arrived. */
export const useOffers = defineStore('offers', () => {
  const stored = useResource((_: null) => callApi(offersAnswerSchema, '/api/offers'))
  const offers = computed(() => stored.value.value?.offers ?? null)

  function change(offer: Offer, settings: Partial<OfferSettings>): void {
    const parts = changedParts<OfferSettings>(offer, settings)
    if (!parts) return
    const next = offers.value!.map(each => (each.key === offer.key ? { ...each, ...settings } : each))
    void stored.edit({ offers: next }, () => ({ type: 'changeOffer', key: offer.key, ...parts }))
  }

  return {
    offers,
    edition: stored.edition,
    load: () => stored.open(null),
    sendAndTell: stored.sendAndTell,
    change,
    /** Adds an offer. Returns its key; null when it was refused. */
    add: (settings: OfferSettings) => stored.add({ type: 'addOffer', settings }, () => offers.value ?? []),
  }
})
