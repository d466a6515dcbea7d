import type { SectionLook } from './look'

/** Something that has a look, as shoppers have it and as it is drafted. */
interface Dressed {
  live: { look: SectionLook } | null
  draft: { look: SectionLook } | null
}

/** What can have a look, by its key. */
export interface LookUsers {
  sections: ReadonlyMap<string, Dressed>
  offers: ReadonlyMap<string, Dressed>
}

/** What has a look in one of some versions, as `section “jars”` or `offer “along”`. @param key of the look */
export function lookUsers(key: string, { sections, offers }: LookUsers, versions: readonly (keyof Dressed)[]): string[] {
  const have = (all: ReadonlyMap<string, Dressed>, noun: string) =>
    [...all].filter(([, stored]) => versions.some(each => stored[each]?.look.preset === key)).map(([user]) => `${noun} “${user}”`)
  return [...have(sections, 'section'), ...have(offers, 'offer')]
}
