import type { PlanScope } from '../pagePlans/pagePlan'
import { emptyScope } from '../pagePlans/pagePlan'
import type { Versions } from '../sections/versions'
import type { Offer, OfferTrigger } from './offer'
import { allOfferParts } from './offerDisplay'
import { plainTexts } from './offerTexts'

/**
 * Before offers had a name apart from what shoppers read; and before they had words and a look of their own, and something instead of what
 * can't be had.
 */
type Newer = 'internalName' | 'texts' | 'layout' | 'parts' | 'look' | 'fallbacks'
export type OlderOffer = Omit<Offer, Newer | 'trigger'> & Partial<Pick<Offer, Newer>> & { trigger: OfferTrigger | PlanScope | null }
/** As it was before offers were drafted: shoppers had it when it was active. */
type SwitchedOffer = OlderOffer & { active: boolean }

/** What all offers were then. */
const alike: Pick<Offer, Newer> = {
  internalName: '',
  texts: plainTexts,
  layout: 'checklist',
  parts: allOfferParts,
  look: { preset: 'plain', own: { border: 'section' } },
  fallbacks: [],
}

/** A together offer as any version of Manada has written it, in today's form. */
export const upgradeOffer = ({ trigger, ...stored }: OlderOffer): Offer => ({ ...alike, ...stored, trigger: upgradeTrigger(trigger) })

/** One thing was asked for. */
const upgradeTrigger = (trigger: OlderOffer['trigger']): Offer['trigger'] =>
  trigger && !('all' in trigger) ? { all: [trigger], except: emptyScope } : trigger

/** A together offer, live and as a draft, as it was before there were drafts of it, as the two versions. */
export function offerVersions(stored: Versions<OlderOffer> | SwitchedOffer): Versions<OlderOffer> {
  if (!('active' in stored)) return stored
  const { active, ...offer } = stored
  return { live: active ? offer : null, draft: offer }
}
