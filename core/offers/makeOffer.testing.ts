import type { Offer } from './offer'

/** A plain offer for tests: for every product, 10 % off, once in a cart. */
export const makeOffer = (key: string, part: Partial<Offer> = {}): Offer => ({
  key,
  rank: 0,
  internalName: '',
  heading: { en: key },
  trigger: null,
  offered: { by: 'chosen', skus: [] },
  reduction: { by: 'percent', percent: 10 },
  limit: 1,
  partly: 'shrink',
  stacks: false,
  from: null,
  until: null,
  ...part,
})
