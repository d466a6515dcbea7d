import { describe, expect, it } from 'vitest'
import { ruleProblems } from './ruleProblems'
import type { Rule } from './rule'
import { ruleSchema } from './rule'
import { ruleWords } from './ruleWords'

const known = {
  kind: (key: string) => key,
  category: (key: string) => key[0]!.toUpperCase() + key.slice(1),
  product: (sku: string) => sku,
  money: (amount: number) => `€${(amount / 100).toFixed(2)}`,
  number: (value: number) => value.toLocaleString('en'),
  isKnown: ({ name }: { name: string }) => name !== 'gone',
  hasAttribute: (name: string) => name !== 'gone',
}
const whole = (part: Partial<Rule>) => ruleSchema.parse({ when: { all: [] }, pick: { all: [] }, ...part })

describe('a rule in words', () => {
  it.each<[Partial<Rule>, string]>([
    [{}, 'products of any sort'],
    [{ pick: { brand: 'same' } }, 'products of the same brand'],
    [
      { pick: { all: [{ attribute: 'fits', sourceAttribute: 'standard' }, { pricePercent: { from: 5, to: 60 } }] } },
      'products whose fits contains this product’s standard and priced 5 % to 60 % of this one',
    ],
    [{ pick: { attribute: 'standard', sourceAttribute: 'standard' } }, 'products with the same standard'],
    [{ pick: { any: [{ sharedTags: 1 }, { sharedTags: 2 }] } }, 'products that share at least 1 tag or that share at least 2 tags'],
    [
      { pick: { all: [{ category: 'different' }, { none: [{ has: { of: 'tag', name: 'gift' } }, { price: { to: 500 } }] }] } },
      'products of another category and (not tagged gift or priced at most €5.00)',
    ],
    [
      { pick: { newer: true }, when: { all: [{ has: { of: 'category', name: 'hives' } }, { stock: { from: 3 } }] } },
      'products newer than this one, when this product is in Hives and with at least 3 in stock',
    ],
    [
      {
        pick: {
          all: [
            { has: { of: 'attribute', name: 'thread' } },
            { has: { of: 'attribute', name: 'thread', value: 'TO 63' } },
            { has: { of: 'brand', name: 'Fenn' } },
          ],
        },
      },
      'products with any thread, with thread TO 63, and of the brand Fenn',
    ],
    [
      { pick: { all: [{ releasedWithin: 1 }, { sold: { from: 1, to: 2000 } }] } },
      'products released in the last day and sold 1 to 2,000 times',
    ],
    [{ pick: { any: [] } }, 'products of no sort'],
  ])('%j', (part, words) => {
    expect(ruleWords(whole(part), known)).toBe(words)
  })
})

describe('what is wrong with a rule', () => {
  it.each<[Partial<Rule>, [string, string][]]>([
    [{ pick: { all: [{ pricePercent: { from: 20, to: 50 } }, { brand: 'same' }] } }, []],
    [{ pick: { all: [{ pricePercent: { from: 50, to: 20 } }] } }, [['pick.0', 'From 50 % to 20 % there is nothing: swap the two.']]],
    [{ when: { price: { from: 900, to: 500 } } }, [['when', 'From €9.00 to €5.00 there is nothing: swap the two.']]],
    [{ pick: { any: [{ all: [{ has: { of: 'tag', name: 'gone' } }] }] } }, [['pick.0.0', 'No product is tagged gone any more.']]],
    [{ pick: { attribute: 'gone', sourceAttribute: 'standard' } }, [['pick', 'No product has the attribute “gone” any more.']]],
    [{ pick: { any: [] } }, [['pick', 'Nothing can be any of nothing: add a condition, or take this group away.']]],
    [{ pick: { all: [{ brand: 'same' }, { brand: 'different' }] } }, [['pick', 'No product has both the same and another brand.']]],
    [{ pick: { any: [{ brand: 'same' }, { brand: 'different' }] } }, []],
    [{ pick: { all: [{ price: { to: 500 } }, { price: { from: 900 } }] } }, [['pick', 'No price is at least €9.00 and at most €5.00.']]],
    [
      { pick: { all: [{ pricePercent: { from: 110 } }, { pricePercent: { to: 100 } }] } },
      [['pick', 'No price is at least 110 % and at most 100 %.']],
    ],
  ])('%j', (part, problems) => {
    expect(ruleProblems(whole(part), known).map(({ path, words }) => [path, words])).toEqual(problems)
  })
})
