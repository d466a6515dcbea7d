import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { anyPlainShop, shopOf } from '../selection/anyShop.testing'
import { skus } from '../fillSteps/naiveStep.testing'
import { completed } from '../steps'
import type { LinkIndex } from './linkIndex'
import { PackedLinks, packing } from './packedLinks'

const kinds = ['upsell', 'accessory']

describe('packed links', () => {
  it('are the links of the index, but for those to products that are gone', () => {
    fc.assert(
      fc.property(anyPlainShop, fc.constantFrom(...skus), (plain, changed) => {
        const shop = shopOf(plain)
        const links = shop.links as LinkIndex
        const positionOf = (sku: string) => shop.index.postings.positionOf(sku)!
        const packed = new PackedLinks(
          kinds.map(kind => completed(packing(kind, links, shop.catalogue, positionOf))),
          shop.catalogue,
          positionOf,
        )
        const lanes = (from: Pick<LinkIndex, 'lane'>) =>
          skus.map(sku => kinds.map(kind => from.lane(sku, kind).filter(link => shop.catalogue.item(link.target))))
        expect(lanes(packed)).toEqual(lanes(links))

        const items = () =>
          skus.map(sku =>
            kinds.map(kind => [packed.items(sku, kind), packed.lane(sku, kind).map(link => shop.catalogue.item(link.target))]),
          )
        for (const lane of items().flat()) expect(lane[0]).toEqual(lane[1])

        for (const each of [links, packed]) each.setLane(changed, 'upsell', [{ target: 'A-1' }, { target: 'B', from: '2026-05-02' }])
        expect(lanes(packed)).toEqual(lanes(links))
        for (const lane of items().flat()) expect(lane[0]).toEqual(lane[1])
        expect(packed.detailedLane(changed, 'upsell')).toEqual(links.lane(changed, 'upsell'))
        for (const sku of skus) {
          const linking = skus.filter(source =>
            kinds.some(kind => links.lane(source, kind).some(link => shop.catalogue.item(link.target)?.product.sku === sku)),
          )
          const found = [...packed.sourcesOf(sku)].map(position => shop.index.productAt(position).sku)
          // A changed lane may be named although it links there no longer: it is counted once too often, never too seldom.
          expect(found).toEqual(expect.arrayContaining(linking))
          expect(found.every(each => linking.includes(each) || each === changed)).toBe(true)
        }
      }),
      { numRuns: 300 },
    )
  })
})
