import fc from 'fast-check'
import { expect, it } from 'vitest'
import { byCode } from './codeOrder'

it('texts stand in the order in which JavaScript sorts them by itself', () => {
  fc.assert(
    fc.property(fc.array(fc.string()), texts => {
      expect(texts.toSorted(byCode)).toEqual(texts.toSorted())
    }),
  )
})
