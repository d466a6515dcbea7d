import { plainLook } from '../looks/look'
import type { OfferSettings } from './offer'
import { allOfferParts } from './offerDisplay'
import { plainTexts } from './offerTexts'

/** What an offer is as long as nobody says otherwise. */
export const offerDefaults: Omit<OfferSettings, 'heading' | 'offered'> = {
  internalName: '',
  texts: plainTexts,
  layout: 'checklist',
  parts: allOfferParts,
  look: { ...plainLook, preset: 'framed' },
  trigger: null,
  fallbacks: [],
  reduction: null,
  limit: 1,
  partly: 'shrink',
  stacks: false,
  from: null,
  until: null,
}
