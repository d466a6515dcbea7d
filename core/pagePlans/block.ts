import { z } from 'zod'
import { keySchema } from '../text/key'

const ofOffer = 'offer:'

/** Where together offers stand that have no block of their own on a plan, by their ranks. */
export const otherOffers = `${ofOffer}*`

/** What stands in a zone of a page plan: a section, by its key; a together offer, as `offer:key`; or all other offers. */
export const blockSchema = z.union([keySchema, z.literal(otherOffers), z.templateLiteral([ofOffer, keySchema])], {
  error: 'A block is the key of a section, “offer:” and the key of an offer, or “offer:*”.',
})

export const isOfOffers = (block: string): boolean => block.startsWith(ofOffer)
/** The block of a together offer. */
export const offerBlock = (key: string): string => ofOffer + key
/** The key of the one offer that a block is of; null: it is of a section, or of all other offers. */
export const offerOf = (block: string): string | null => (isOfOffers(block) && block !== otherOffers ? block.slice(ofOffer.length) : null)

/** What a block is called. @param nameOf what a section or an offer is called, by its key */
export function blockName(block: string, nameOf: (sort: 'sections' | 'offers', key: string) => string): string {
  if (block === otherOffers) return 'All other offers'
  const offer = offerOf(block)
  return offer === null ? nameOf('sections', block) : nameOf('offers', offer)
}
