import type { Versions } from '../sections/versions'
import type { Offer } from './offer'

/** Before offers had a name apart from what shoppers read. */
type OlderOffer = Omit<Offer, 'internalName'> & Partial<Pick<Offer, 'internalName'>>
/** As it was before offers were drafted: shoppers had it when it was active. */
type SwitchedOffer = OlderOffer & { active: boolean }

/** A together offer as any version of Manada has written it, in today's form. */
export const upgradeOffer = (stored: OlderOffer): Offer => ({ ...stored, internalName: stored.internalName ?? '' })

/** A together offer, live and as a draft, as it was before there were drafts of it, as the two versions. */
export function offerVersions(stored: Versions<OlderOffer> | SwitchedOffer): Versions<OlderOffer> {
  if (!('active' in stored)) return stored
  const { active, ...offer } = stored
  return { live: active ? offer : null, draft: offer }
}
