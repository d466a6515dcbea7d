import { describe, expect, it } from 'vitest'
import { makeOffer } from '../offers/makeOffer.testing'
import { makeSection } from '../sections/makeSection.testing'
import type { Text } from '../text/text'
import { shownTexts, whyItMustStay } from './draftedSorts'
import { noDrafts } from './noDrafts.testing'

/** Every text in something, however deep, but for what only the studio shows. */
function textsIn(thing: unknown): Text[] {
  if (typeof thing !== 'object' || thing === null) return []
  if ('en' in thing) return [thing as Text]
  return Object.values(thing).flatMap(textsIn)
}

describe('what shoppers read', () => {
  it('of an offer and a section is every text that there is in it', () => {
    const text = (words: string) => ({ en: words })
    const texts = { button: text('Take'), total: text('{total} now'), before: text('{before} then'), saving: text('{saving} less') }
    const offer = makeOffer('along', { heading: text('Along'), texts })
    const section = makeSection('related', {
      heading: text('More'),
      otherHeadings: { one: text('One more'), without: text('Others') },
      buttons: { add: text('Add'), choose: text('Choose') },
    })
    for (const [sort, thing] of [
      ['offers', offer],
      ['sections', section],
    ] as const)
      expect(new Set(shownTexts(sort, thing).map(each => each.text))).toEqual(new Set(textsIn(thing)))
  })
})

describe('a look', () => {
  it('stays while shoppers have an offer that has it', () => {
    const look = { key: 'ring', name: { en: 'Ring' }, parts: {}, page: null }
    const offer = makeOffer('along', { look: { preset: 'ring', own: {} } })
    const stays = (live: typeof offer | null) =>
      whyItMustStay('looks', look, { ...noDrafts, offers: new Map([['along', { live, draft: offer }]]) })
    expect(stays(offer)).toBe('What shoppers have looks so: offer “along”.')
    expect(stays(null)).toBeNull()
  })
})
