import type { OfferCommand } from '../../core/commands/command'
import type { Offer, OfferSettings } from '../../core/offers/offer'
import { offersAnswer } from '../../core/offers/offerAnswers'
import { callApi } from '../utils/callApi'
import { useHistory } from './history'
import { useMessages } from './messages'

/** All together offers. Edits show at once and are sent one after another; shoppers have them then. */
export const useOffers = defineStore('offers', () => {
  const history = useHistory()
  const messages = useMessages()
  const offers = shallowRef<Offer[] | null>(null)
  /** Grows with every change, so that what shoppers see can follow. */
  const edition = ref(0)
  let waiting = 0
  let edits = 0

  async function load(): Promise<void> {
    const before = edits
    const fetched = await callApi(offersAnswer, '/api/offers')
    // What was asked for before an edit, or comes while one is on its way, is not the newest.
    if (waiting || before !== edits) return
    offers.value = fetched.offers
    edition.value++
  }

  /** Sends a command, and tells what was done when it is asked to. Returns whether it was done. */
  async function send(command: OfferCommand, tell = false): Promise<boolean> {
    waiting++
    edits++
    try {
      const { words } = await history.send(command)
      if (tell) messages.tell(`${words}.`, { words: 'Undo', run: () => void history.step('undo') })
      return true
    } catch (error) {
      messages.refuse(error)
      return false
    } finally {
      waiting--
      if (!waiting) await load().catch(error => messages.refuse(error))
    }
  }

  function change(offer: Offer, settings: Partial<OfferSettings>): void {
    const seen = Object.fromEntries(Object.keys(settings).map(part => [part, offer[part as keyof Offer]]))
    offers.value = offers.value!.map(each => each.key === offer.key ? { ...each, ...settings } : each)
    void send({ type: 'changeOffer', key: offer.key, settings, seen })
  }

  /** Adds an offer. Returns its key; null when it was refused. */
  async function add(settings: OfferSettings): Promise<string | null> {
    const before = new Set(offers.value?.map(each => each.key))
    return await send({ type: 'addOffer', settings }, true) ? offers.value?.find(each => !before.has(each.key))?.key ?? null : null
  }
  return { offers, edition, load, send, change, add }
})
