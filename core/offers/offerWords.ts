import { isEqual } from 'es-toolkit'
import type { OfferSettings } from './offer'

const parts: Record<keyof OfferSettings, string> = {
  internalName: 'its name in the studio',
  heading: 'the heading',
  texts: 'its words',
  layout: 'the layout',
  parts: 'what is shown of each product',
  look: 'the look',
  trigger: 'what it is for',
  offered: 'what is offered',
  fallbacks: 'what is offered instead',
  reduction: 'the reduction',
  limit: 'the limit',
  partly: 'what becomes of it when a part is missing',
  stacks: 'whether it adds to other reductions',
  from: 'the dates',
  until: 'the dates',
}

/** What is not the same in two states of a together offer, each in words that can be listed. */
export const offerDifferences = (before: OfferSettings, after: OfferSettings): string[] => [
  ...new Set((Object.keys(parts) as (keyof OfferSettings)[]).filter(part => !isEqual(before[part], after[part])).map(part => parts[part])),
]
