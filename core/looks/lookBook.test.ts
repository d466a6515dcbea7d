import { wcagContrast } from 'culori'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { baseParts, basePage, builtInLooks } from './builtInLooks'
import { minContrast } from './colour'
import type { Look, LookParts } from './look'
import { lookSchema, lookPartsSchema } from './look'
import { LookBook } from './lookBook'
import { lookProblems } from './lookProblems'
import { badgeColours, buttonColours, groundsOf, lookStyle } from './lookStyle'
import { lookDifferences } from './lookWords'

const anyColour = fc.integer({ min: 0, max: 0xffffff }).map(number => `#${number.toString(16).padStart(6, '0')}`)
const anyParts: fc.Arbitrary<Partial<LookParts>> = fc.record(
  {
    accent: anyColour,
    ground: fc.option(anyColour),
    card: fc.option(anyColour),
    ink: anyColour,
    soft: anyColour,
    badgeColour: anyColour,
    border: fc.constantFrom(...lookPartsSchema.shape.border.options),
    button: fc.constantFrom(...lookPartsSchema.shape.button.options),
    badge: fc.constantFrom(...lookPartsSchema.shape.badge.options),
    corner: fc.integer({ min: 0, max: 32 }),
  },
  { requiredKeys: [] },
)
const house = (parts: Partial<LookParts>): Look => ({ ...builtInLooks[0]!, parts })
const tray = (parts: Partial<LookParts>): Look => ({ key: 'tray', name: { en: 'Tray' }, parts, page: null })

describe('a look book', () => {
  it('takes each part from the section, else its preset, else the shop, else what Manada begins with', () => {
    fc.assert(
      fc.property(anyParts, anyParts, anyParts, (shop, preset, own) => {
        const parts = new LookBook([house(shop), tray(preset)]).partsOf({ preset: 'tray', own })
        for (const name of Object.keys(baseParts) as (keyof LookParts)[]) {
          const said = [own, preset, shop, baseParts].find(each => name in each)!
          expect(parts[name]).toBe(said[name])
        }
      }),
    )
  })

  it('says of a section what is not as the shop’s own, so that both together are all of its look', () => {
    fc.assert(
      fc.property(anyParts, anyParts, (shop, preset) => {
        const book = new LookBook([house(shop), tray(preset)])
        const of = { preset: 'tray', own: {} }
        const style = book.styleOf(of)
        expect({ ...book.houseStyle, ...style }).toMatchObject(lookStyle(book.partsOf(of), book.page))
        for (const [name, value] of Object.entries(style)) expect(book.houseStyle[name]).not.toBe(value)
      }),
    )
    const plain = new LookBook(builtInLooks)
    expect(plain.styleOf({ preset: 'plain', own: {} })).toEqual({})
    expect(plain.styleOf({ preset: 'plain', own: { corner: 4 } })).toEqual({ '--section-corner': '4px', '--picture-corner': '4px' })
  })

  it('shows a section whose look is gone like the shop itself, and a shop without looks as Manada begins', () => {
    expect(new LookBook(builtInLooks).styleOf({ preset: 'gone', own: {} })).toEqual({})
    expect(new LookBook([]).houseStyle).toEqual(new LookBook(builtInLooks).houseStyle)
  })
})

describe('the problems of a look', () => {
  it('are told exactly when a text has too little contrast, and are gone when they are mended', () => {
    fc.assert(
      fc.property(anyParts, said => {
        const parts = { ...baseParts, ...said }
        const grounds = Object.values(groundsOf(parts, basePage))
        const [button, badge] = [buttonColours(parts), badgeColours(parts, basePage)]
        const isEnough = (text: string, on: string[]) => on.every(ground => wcagContrast(text, ground) >= minContrast)
        const expected = [
          ...(isEnough(parts.ink, grounds) ? [] : ['The text']),
          ...(isEnough(parts.soft, grounds) ? [] : ['The second text']),
          ...(isEnough(parts.accent, button.ground ? [grounds[0]!] : grounds) ? [] : ['Links']),
          ...(isEnough(badge.ink, [badge.ground ?? grounds[1]!]) ? [] : ['The badge']),
        ]
        const problems = lookProblems(parts, basePage)
        expect(problems.map(each => each.words.replace(/ (and buttons )?ha(s|ve) .*/, ''))).toEqual(expected)
        expect(isEnough(button.ink, [button.ground ?? parts.accent])).toBe(button.ground !== null)
        for (const { mend } of problems) {
          if (mend) expect(lookProblems({ ...parts, [mend.part]: mend.colour }, basePage).length).toBeLessThan(problems.length)
        }
      }),
      { numRuns: 200 },
    )
  })

  it('say how much is missing', () => {
    expect(lookProblems({ ...baseParts, ink: '#777777' }, { ...basePage, ground: '#ffffff' }).map(each => [each.words, each.mend])).toEqual(
      [
        [
          'The text has a contrast of 4.4 to 1 with what is behind; 4.5 to 1 is needed to be read well (WCAG 2.2 AA).',
          { part: 'ink', colour: '#767676' },
        ],
      ],
    )
  })

  it('are none in the looks that Manada starts with', () => {
    const book = new LookBook(builtInLooks.map(each => lookSchema.parse(each)))
    for (const { key } of builtInLooks) expect([key, lookProblems(book.partsOf({ preset: key, own: {} }), book.page)]).toEqual([key, []])
  })
})

describe('what of a look is another', () => {
  it('is told in words', () => {
    const [own, , framed] = builtInLooks as [Look, Look, Look]
    expect(lookDifferences(framed, { ...framed, name: { en: 'Boxed' }, parts: { border: 'section', corner: 3, gap: 8 } })).toEqual([
      'the name',
      'the background',
      'the corners',
      'the gaps',
    ])
    expect(lookDifferences(own, { ...own, page: { ...own.page!, headFont: 'figtree', ground: '#ffffff' } })).toEqual([
      'the background of pages',
      'the fonts',
    ])
    expect(lookDifferences(own, own)).toEqual([])
  })
})
