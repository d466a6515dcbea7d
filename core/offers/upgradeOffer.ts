import type { Versions } from '../sections/versions'
import type { Offer } from './offer'

/** As it was before offers were drafted: shoppers had it when it was active. */
type SwitchedOffer = Offer & { active: boolean }

/** A together offer, live and as a draft, as any version of Manada has written it, in today's form. */
export function upgradeOffer(stored: Versions<Offer> | SwitchedOffer): Versions<Offer> {
  if (!('active' in stored)) return stored
  const { active, ...offer } = stored
  return { live: active ? offer : null, draft: offer }
}
