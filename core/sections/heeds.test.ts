import { describe, expect, it } from 'vitest'
import type { FillStep } from '../fillSteps/fillStep'
import { linkStep } from '../fillSteps/fillStep'
import { countHeeds, heeds } from './heeds'
import { makeSection } from './makeSection.testing'

const bestSellers: FillStep = { from: 'bestSellers', of: 'all', subjects: 'page', cap: null, off: false }
const sellingWell: FillStep = {
  from: 'rule',
  rule: { when: { all: [] }, pick: { sold: { from: 10 } } },
  order: 'name',
  subjects: 'page',
  cap: null,
  off: false,
}
const links = linkStep('accessory')
const capped = { ...bestSellers, cap: 1 }

describe('what was sold', () => {
  it.each([
    ['links alone', [links], false, false, false],
    ['a step that is off', [{ ...bestSellers, off: true }], false, false, false],
    ['best sellers', [bestSellers], false, true, false],
    ['links in that order', [{ ...links, order: 'best-selling' } as FillStep], false, true, false],
    ['a rule that asks for it', [sellingWell], false, true, true],
    ['links, then best sellers', [links, bestSellers], false, true, false],
    ['best sellers, of which the last step takes one', [links, capped], false, true, false],
    // The best seller may be the one that is linked: then there is nothing left for the second step.
    ['one best seller, then links', [capped, links], false, true, true],
    ['best sellers and links by turns', [bestSellers, links], true, true, true],
    ['best sellers alone, by turns', [bestSellers, { ...links, off: true }], true, true, false],
  ])('%s', (_, steps, takeTurns, shown, count) => {
    const section = makeSection('s', { steps, takeTurns })
    expect([heeds(section, 'sold'), countHeeds(section, 'sold')]).toEqual([shown, count])
  })

  it('says nothing of how many there are', () => {
    expect(heeds(makeSection('s', { steps: [bestSellers] }), 'stock')).toBe(false)
  })
})
