import fc from 'fast-check'
import { expect, it } from 'vitest'
import { RecentTexts } from './recentTexts'

const things = Array.from({ length: 6 }, (_, i) => ({ i }))
const textOf = (thing: { i: number }, part: string | null, language: string) => `${thing.i} ${part} ${language}`.padEnd(20, '.')
const asked = fc.tuple(fc.constantFrom(...things), fc.constantFrom(null, 'a', 'b'), fc.constantFrom('en', 'de'))

it('what is kept is what was set, and what was asked for lately is kept', () => {
  const room = 400
  // So many of 20 characters are asked for since; a half is full with ten.
  const surely = room / 2 / 20 - 1
  let found = 0
  let looked = 0
  fc.assert(
    fc.property(fc.array(asked, { minLength: 50, maxLength: 200 }), all => {
      const texts = new RecentTexts<{ i: number }>(room)
      const names = all.map(([{ i }, part, language]) => `${i} ${part} ${language}`)
      for (const [turn, [thing, part, language]] of all.entries()) {
        const text = texts.get(thing, part, language)
        looked++
        if (text === undefined) texts.set(thing, part, language, textOf(thing, part, language))
        else {
          found++
          expect(text).toBe(textOf(thing, part, language))
        }
        const before = names.lastIndexOf(names[turn]!, turn - 1)
        if (turn && before >= 0 && new Set(names.slice(before + 1, turn)).size < surely) expect(text).toBeDefined()
      }
    }),
  )
  // There are 36 of them, and room for 20.
  expect(found / looked).toBeGreaterThan(0.2)
  expect(found / looked).toBeLessThan(0.8)
})
