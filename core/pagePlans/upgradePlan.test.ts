import { describe, expect, it } from 'vitest'
import { makePlan } from '../sections/makeSection.testing'
import { upgradeRelease } from '../releases/upgradeRelease'
import type { PageKind } from '../pageTypes/registry'
import { otherOffers } from './block'
import type { PagePlan } from './pagePlan'
import { upgradePlan } from './upgradePlan'

const older = (page: PageKind, zones: { key: string; sections: string[] }[]) =>
  upgradePlan({ key: 'p', page, name: { en: 'P' }, repeats: true, off: ['x'], zones })

describe('page plans as older versions wrote them', () => {
  it('have offers, and bundles with the product, where the page had them', () => {
    expect(
      older('product', [
        { key: 'aboveBuy', sections: ['a'] },
        { key: 'foot', sections: ['b', 'c'] },
      ]),
    ).toEqual({
      ...makePlan('product', [], { key: 'p', name: { en: 'P' }, repeats: true, off: ['x'] }),
      zones: [
        { key: 'aboveBuy', blocks: ['a'] },
        { key: 'belowBuy', blocks: [otherOffers, 'bundles-with-it'] },
        { key: 'foot', blocks: ['b', 'c'] },
      ],
    })
    // Offers stood beside the lines, above what stands below the total and below the lines.
    expect(
      older('cart', [
        { key: 'belowLines', sections: ['a'] },
        { key: 'belowTotal', sections: ['b'] },
      ]).zones,
    ).toEqual([
      { key: 'belowTotal', blocks: [otherOffers, 'b'] },
      { key: 'belowLines', blocks: ['a'] },
    ])
    expect(older('home', [{ key: 'homeFoot', sections: ['a'] }]).zones).toEqual([{ key: 'homeFoot', blocks: ['a'] }])
  })

  it('lose no zone that their page doesn’t have any more, and stay as they are once they are of today', () => {
    expect(older('home', [{ key: 'attic', sections: ['a'] }]).zones).toEqual([{ key: 'attic', blocks: ['a'] }])
    const today = makePlan('product', ['a'])
    expect(upgradePlan(today)).toBe(today)
  })

  it('bring the list of bundles along where a release comes back', () => {
    const plans = [{ ...makePlan('product', []), zones: [{ key: 'foot', sections: [] }] }] as unknown as PagePlan[]
    expect(upgradeRelease({ sections: [], plans }).sections.map(each => each.key)).toEqual(['bundles-with-it'])
    expect(upgradeRelease({ sections: [], plans: [makePlan('product', ['bundles-with-it'])] }).sections).toEqual([])
  })
})
