import { describe, expect, it } from 'vitest'
import { fromAddress, isFiltered, toggled, valuesOf, withoutFilters, withPart } from './listQuery'

describe('a list’s query', () => {
  it('takes several brands, tags and attributes at once, and one of everything else', () => {
    expect(toggled(toggled({ q: 'x' }, 'tag', 'metal'), 'tag', 'winter')).toEqual({ q: 'x', tag: ['metal', 'winter'] })
    expect(toggled(toggled({}, 'stock', 'in'), 'stock', 'out')).toEqual({ stock: 'out' })
  })
  it('loses a value that is chosen again, and the whole part with its last value', () => {
    expect(toggled({ tag: ['metal', 'winter'] }, 'tag', 'metal')).toEqual({ tag: ['winter'] })
    expect(toggled({ q: 'x', tag: 'metal' }, 'tag', 'metal')).toEqual({ q: 'x' })
    expect(withPart({ q: 'x', links: 'problem' }, 'links', null)).toEqual({ q: 'x' })
  })
  it('comes from the address', () => {
    expect(fromAddress({ q: 'x', tag: ['a', 'b'], brand: ['Tarn'], flag: null })).toEqual({ q: 'x', tag: ['a', 'b'], brand: 'Tarn' })
  })
  it('knows its filters from its words', () => {
    expect([isFiltered({ q: 'x', sort: 'name' }), isFiltered({ brand: 'Tarn' })]).toEqual([false, true])
    expect(withoutFilters({ q: 'x', sort: 'name', brand: 'Tarn', unlinked: '1' })).toEqual({ q: 'x', sort: 'name' })
    expect([valuesOf({ tag: 'a' }, 'tag'), valuesOf({}, 'tag')]).toEqual([['a'], []])
  })
})
