import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { completed, sorting } from './steps'

describe('sorting', () => {
  it('sorts as the language does, equal ones in the order they came, and leaves what it was given', () => {
    fc.assert(
      fc.property(fc.array(fc.nat(60), { maxLength: 200 }), keys => {
        const given = Uint32Array.from(keys.keys())
        const sorted = completed(sorting(given, (a, b) => (keys[a]! >> 2) - (keys[b]! >> 2)))
        expect([...sorted]).toEqual([...keys.keys()].sort((a, b) => (keys[a]! >> 2) - (keys[b]! >> 2)))
        expect([...given]).toEqual([...keys.keys()])
      }),
    )
  })

  it('pauses on the way', () => {
    const steps = sorting(
      Uint32Array.from({ length: 50_000 }, (_, i) => (i * 7919) % 50_000),
      (a, b) => a - b,
    )
    let pauses = 0
    while (!steps.next().done) pauses++
    expect(pauses).toBeGreaterThan(20)
  })
})
