import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { NamedText } from './namedText'
import type { Text } from './text'
import type { Translation } from './translations'
import { madeFromOther, withFitting, withReworded } from './translations'

const heading = (text: Text): NamedText => ({ key: 'heading', what: 'the heading', text })
/** What is known after a text has had one form after the other. */
const knownAfter = (forms: readonly Text[]) =>
  forms.slice(1).reduce((known: readonly Translation[], form, i) => withReworded(known, [heading(forms[i]!)], [heading(form)], 'en'), [])
const olderAfter = (forms: readonly Text[]) => madeFromOther(knownAfter(forms), heading(forms.at(-1)!), 'de', 'en')

describe('a translation', () => {
  it('is older when it stood while the shop’s own words changed, until it changes too or they are as they were', () => {
    const lids = { en: 'Lids', de: 'Deckel' }
    const all = { en: 'All lids', de: 'Deckel' }
    expect(olderAfter([lids, all])).toBe('Lids')
    expect(olderAfter([lids, all, { en: 'Every lid', de: 'Deckel' }])).toBe('Lids')
    expect(olderAfter([lids, all, lids])).toBeNull()
    expect(olderAfter([lids, all, { en: 'All lids', de: 'Alle Deckel' }])).toBeNull()
    expect(olderAfter([lids, { en: 'All lids', de: 'Alle Deckel' }])).toBeNull()
    // What goes back to it afterwards, such as a draft that is discarded, is still known.
    expect(olderAfter([lids, all, { en: 'All lids', de: 'Alle Deckel' }, all])).toBe('Lids')
    // What was said in one language alone was made from nothing.
    expect(olderAfter([{ de: 'Deckel' }, lids])).toBeNull()
    expect(olderAfter([lids, { de: 'Deckel' }, all])).toBe('Lids')
  })

  it('fits when somebody says so, until the shop’s own words change once more', () => {
    const all = { en: 'All lids', de: 'Deckel', fr: 'Couvercles' }
    const known = knownAfter([{ ...all, en: 'Lids' }, all])
    const fitting = withFitting(known, heading(all), 'de', 'en')
    expect(['de', 'fr'].map(language => madeFromOther(fitting, heading(all), language, 'en'))).toEqual([null, 'Lids'])
    expect(madeFromOther(fitting, heading({ ...all, en: 'Lids' }), 'de', 'en')).toBeNull()
    expect(madeFromOther(fitting, heading({ ...all, en: 'Every lid' }), 'de', 'en')).toBe('All lids')
  })

  it('goes with the words it first stood beside when they changed, whatever has happened since', () => {
    const anyForm = fc.record({ en: fc.constantFrom('A', 'B', 'C', ''), de: fc.constantFrom('x', 'x', 'y', '') })
    let older = 0
    fc.assert(
      fc.property(fc.array(anyForm, { minLength: 3, maxLength: 8 }), forms => {
        const now = forms.at(-1)!
        const pairs = forms.slice(1).map((after, i) => [forms[i]!, after] as const)
        const left = pairs.find(([before, after]) => before.en && before.de === now.de && after.de === now.de && before.en !== after.en)
        const isOlder = Boolean(now.en && now.de && left && left[0].en !== now.en)
        expect(olderAfter(forms)).toBe(isOlder ? left![0].en : null)
        older += Number(isOlder)
      }),
      { numRuns: 1000 },
    )
    expect(older).toBeGreaterThan(100)
  })

  it('of one text says nothing of another', () => {
    const button = (text: Text): NamedText => ({ key: 'button', what: 'the button', text })
    const all = { en: 'All lids', de: 'Deckel' }
    const known = withReworded([], [heading({ ...all, en: 'Lids' }), button(all)], [heading(all), button(all)], 'en')
    expect([heading, button].map(text => madeFromOther(known, text(all), 'de', 'en'))).toEqual(['Lids', null])
  })
})
