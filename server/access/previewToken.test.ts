import fc from 'fast-check'
import { expect, it } from 'vitest'
import { isPreviewToken, makePreviewToken } from './previewToken'

const now = Date.parse('2026-05-01T10:00:00Z')
const token = makePreviewToken('secret', now + 60_000)

it('opens drafts until its time', () => {
  expect(isPreviewToken('secret', token, now)).toBe(true)
  expect(isPreviewToken('secret', token, now + 59_000)).toBe(true)
  expect(isPreviewToken('secret', token, now + 60_000)).toBe(false)
})

it('is made by whoever has the secret alone', () => {
  expect(isPreviewToken('another', token, now)).toBe(false)
  fc.assert(
    fc.property(fc.nat(token.length - 1), fc.string({ unit: 'binary', minLength: 1, maxLength: 1 }), (place, letter) => {
      fc.pre(letter !== token[place])
      expect(isPreviewToken('secret', token.slice(0, place) + letter + token.slice(place + 1), now)).toBe(false)
    }),
  )
})

it('is nothing else', () =>
  fc.assert(
    fc.property(fc.string({ maxLength: 100 }), word => {
      expect(isPreviewToken('secret', word, now)).toBe(false)
    }),
  ))
