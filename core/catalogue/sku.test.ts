import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { isSku, skuSchema } from './sku'

describe('sku', () => {
  it.each(['EX-210', 'ä/ö ü#?%&+', 'a.b', '蜂-1', 'x'.repeat(64)])('accepts %j', value =>
    expect(skuSchema.safeParse(value).success).toBe(true),
  )
  it.each(['', ' A', 'A ', 'A,B', 'A:2', 'A|B', 'A\nB', 'A\u0000', '.', '..', 'x'.repeat(65)])('refuses %j', value => {
    const parsed = skuSchema.safeParse(value)
    expect(parsed.success).toBe(false)
    expect(parsed.error?.issues[0]?.message).toMatch(/^A SKU /)
  })
})

it('says of any text at once what the schema says', () => {
  const letters = fc.string({ unit: fc.constantFrom('a', 'Z', '7', '-', '.', '_', ' ', ',', ':', '|', 'é', '\n'), maxLength: 70 })
  let skus = 0
  fc.assert(
    fc.property(fc.oneof(letters, fc.string(), fc.stringMatching(/^[A-Z]{1,4}-[0-9]{1,62}$/)), text => {
      const isValid = skuSchema.safeParse(text).success
      if (isValid) skus++
      expect(isSku(text)).toBe(isValid)
    }),
    { numRuns: 1000 },
  )
  expect(skus).toBeGreaterThan(200)
})
