import { describe, expect, it } from 'vitest'
import { skuSchema } from './sku'

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
