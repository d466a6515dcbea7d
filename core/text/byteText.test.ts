import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { byteText } from './byteText'

describe('the bytes of a text', () => {
  it('are those of UTF-8, whatever is in it', () => {
    const any = fc.oneof(fc.string(), fc.string({ unit: 'binary' }), fc.constantFrom('Füße', '€ 12', '蜂蜜', '🐝', '', '\0'))
    fc.assert(
      fc.property(fc.array(any), texts => {
        const bytes = texts.map(byteText).join('')
        expect(Buffer.from(bytes, 'latin1')).toEqual(Buffer.concat(texts.map(each => Buffer.from(each, 'utf8'))))
      }),
    )
  })

  it('may be many', () => {
    expect(Buffer.from(byteText('ü€'.repeat(100_000)), 'latin1').toString('utf8')).toBe('ü€'.repeat(100_000))
  })
})
