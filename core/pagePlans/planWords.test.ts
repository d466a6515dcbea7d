import { describe, expect, it } from 'vitest'
import { emptyScope } from './pagePlan'
import { precedenceWords, reasonWords, scopeParts, scopeWords } from './planWords'

const names = { category: (key: string) => key.toUpperCase(), money: (amount: number) => `€${amount / 100}` }

describe('the words of page plans', () => {
  it('say what a plan is for', () => {
    expect(scopeWords(null, names)).toBe('all that no other plan is for')
    expect(scopeWords(emptyScope, names)).toBe('nothing yet')
    expect(scopeWords({ products: ['A'], tags: ['live'], brands: [], categories: ['bees'], price: { to: 3000 } }, names)).toBe(
      '1 chosen product, tag live, category BEES and below, or price at most €30',
    )
    expect(scopeParts({ ...emptyScope, tags: ['live', 'gift'], price: { from: 100, to: 200 } }, names)).toEqual([
      { of: 'tags', name: 'live', words: 'tag live' },
      { of: 'tags', name: 'gift', words: 'tag gift' },
      { of: 'price', name: '', words: 'price €1 to €2' },
    ])
  })

  it('say why a page gets one and not another', () => {
    expect(reasonWords({ by: 'category', name: 'bees', depth: 1 }, names)).toBe('it is in BEES')
    expect(reasonWords({ by: 'default' }, names)).toBe('no other plan is for it')
    expect(precedenceWords({ by: 'tag', name: 'live' }, { by: 'category', name: 'bees', depth: 4 })).toBe('a tag says more than a category')
    expect(precedenceWords({ by: 'category', name: 'hives', depth: 2 }, { by: 'category', name: 'bees', depth: 1 })).toBe(
      'the deeper category says more',
    )
    expect(precedenceWords({ by: 'tag', name: 'a' }, { by: 'tag', name: 'b' })).toBe('it stands higher in the list of plans')
  })
})
