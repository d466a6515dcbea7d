import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { Catalogue } from '../catalogue/catalogue'
import { makeProduct, makeVariant } from '../catalogue/makeProduct.testing'
import type { Link } from './lane'
import { LinkIndex } from './linkIndex'

const skus = ['A', 'B', 'C', 'D', 'E-1', 'E-2']
const kinds = ['upsell', 'accessory', 'related']
const anyLink = fc.record(
  { target: fc.constantFrom(...skus), from: fc.constant('2026-05-02'), note: fc.constant('for the summer') },
  { requiredKeys: ['target'] },
)
const anyLane = fc.uniqueArray(anyLink, { selector: link => link.target, maxLength: 6 })
const changes = fc.array(fc.tuple(fc.constantFrom(...skus), fc.constantFrom(...kinds), anyLane), { maxLength: 60 })

describe('all lanes of the shop', () => {
  it('say what the lanes last were, and who links where', () => {
    fc.assert(
      fc.property(changes, all => {
        const index = new LinkIndex()
        const plain = new Map<string, readonly Link[]>()
        for (const [source, kind, lane] of all) {
          index.setLane(source, kind, lane)
          plain.set(`${source} ${kind}`, lane)
        }
        const laneOf = (source: string, kind: string) => plain.get(`${source} ${kind}`) ?? []
        for (const source of skus) {
          for (const kind of kinds) {
            expect(index.lane(source, kind)).toEqual(laneOf(source, kind))
            expect(index.laneLength(source, kind)).toBe(laneOf(source, kind).length)
          }
          const filled = kinds.filter(kind => laneOf(source, kind).length)
          expect(new Map(index.lanes(source))).toEqual(new Map(filled.map(kind => [kind, laneOf(source, kind)])))
        }
        for (const target of skus) {
          const sources = skus.flatMap(source =>
            kinds.filter(kind => laneOf(source, kind).some(link => link.target === target)).map(() => source),
          )
          expect(index.sourcesOf(target).sort()).toEqual(sources.sort())
          expect(index.timesTarget(target)).toBe(sources.length)
        }
        for (const kind of kinds) {
          const lanes = skus.map(source => laneOf(source, kind)).filter(lane => lane.length)
          expect(index.extentOf(kind)).toEqual({ links: lanes.flat().length, products: lanes.length })
        }
      }),
      { numRuns: 300 },
    )
  })

  it('lead to what the catalogue has, also when that has other numbers, or changes', () => {
    const sized = makeProduct('E', { variants: [makeVariant('E-1'), makeVariant('E-2')] })
    fc.assert(
      fc.property(changes, fc.boolean(), (all, areSame) => {
        const index = new LinkIndex()
        for (const [source, kind, lane] of all) index.setLane(source, kind, lane)
        const catalogue = new Catalogue([makeProduct('D'), makeProduct('A'), sized], [], [], areSame ? index.numbers : undefined)
        catalogue.put([{ position: 1, product: makeProduct('A', { stock: 3 }) }])
        for (const source of skus) {
          for (const kind of kinds) {
            const lane = index.lane(source, kind)
            expect(index.items(source, kind, catalogue)).toEqual(lane.map(link => catalogue.item(link.target)))
            expect(index.detailedLane(source, kind)).toEqual(lane.some(link => link.from ?? link.note) ? lane : undefined)
          }
        }
        expect(catalogue.item('B')).toBeUndefined()
        expect(catalogue.item('E-2')).toEqual({ product: sized, variant: sized.variants[1] })
      }),
      { numRuns: 200 },
    )
  })

  it('know nothing of a SKU that was never linked', () => {
    const index = new LinkIndex()
    expect([index.lane('A', 'upsell'), index.sourcesOf('A'), index.timesTarget('A'), index.lanes('A').size]).toEqual([[], [], 0, 0])
  })
})
