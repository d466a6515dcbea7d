import type { Offer, OfferSettings } from '../../../../core/offers/offer'
import { offersAnswerSchema } from '../../../../core/studio/offerAnswers'
import { callApi } from '../../../data/callApi'
import { useSending } from '../../../data/sending'

/** All together offers. Edits show at once and are sent one after another; shoppers have them then. */
export const useOffers = defineStore('offers', () => {
  const offers = shallowRef<Offer[] | null>(null)
  /** Grows with every change, so that what shoppers see can follow. */
  const edition = ref(0)

  async function load(): Promise<void> {
    const fetched = await newest(() => callApi(offersAnswerSchema, '/api/offers'))
    if (!fetched) return
    offers.value = fetched.offers
    edition.value++
  }
  const { newest, send, sendAndTell } = useSending(load)

  function change(offer: Offer, settings: Partial<OfferSettings>): void {
    const seen = Object.fromEntries(Object.keys(settings).map(part => [part, offer[part as keyof Offer]]))
    offers.value = offers.value!.map(each => (each.key === offer.key ? { ...each, ...settings } : each))
    void send({ type: 'changeOffer', key: offer.key, settings, seen })
  }

  /** Adds an offer. Returns its key; null when it was refused. */
  async function add(settings: OfferSettings): Promise<string | null> {
    const before = new Set(offers.value?.map(each => each.key))
    return (await sendAndTell({ type: 'addOffer', settings })) ? (offers.value?.find(each => !before.has(each.key))?.key ?? null) : null
  }
  return { offers, edition, load, sendAndTell, change, add }
})
