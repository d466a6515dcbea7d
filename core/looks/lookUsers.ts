import type { Offer } from '../offers/offer'
import type { Section } from '../sections/section'
import type { Versions } from '../sections/versions'

/** What can have a look. */
export interface LookUsers {
  sections: ReadonlyMap<string, Versions<Section>>
  offers: ReadonlyMap<string, Versions<Offer>>
}

/** What has a look in one of some versions, as `section “jars”` or `offer “along”`. @param key of the look */
export function lookUsers(key: string, { sections, offers }: LookUsers, versions: readonly (keyof Versions<Section>)[]): string[] {
  const have = (all: LookUsers[keyof LookUsers], noun: string) =>
    [...all].filter(([, stored]) => versions.some(each => stored[each]?.look.preset === key)).map(([user]) => `${noun} “${user}”`)
  return [...have(sections, 'section'), ...have(offers, 'offer')]
}
