import { describe, expect, it } from 'vitest'
import { makeProduct } from '../catalogue/makeProduct.testing'
import type { FillStep } from '../fillSteps/fillStep'
import type { Nearness } from '../fillSteps/relatedCategories/relatedCategoriesStep'
import { PlanBook } from '../pagePlans/planBook'
import { makePlan, makeSection } from '../sections/makeSection.testing'
import type { Section } from '../sections/section'
import { makeIndex, makeShop, makeShopper } from './makeShop.testing'
import { explainPage, resolvePage } from './resolvePage'

const keys = ['hives', 'frames', 'tools', 'jars', 'books']
const categories = [
  ...keys.map(key => ({ key, name: { en: key }, parent: null })),
  { key: 'deep-frames', name: { en: 'deep frames' }, parent: 'frames' },
  { key: 'empty', name: { en: 'empty' }, parent: 'frames' },
]
const products = [
  makeProduct('FRAME', { categories: ['deep-frames'] }),
  makeProduct('BRUSH', { categories: ['tools'] }),
  makeProduct('KNIFE', { categories: ['tools'] }),
  makeProduct('JAR', { categories: ['jars'] }),
  makeProduct('OLD-BOOK', { categories: ['books'], status: 'retired' }),
]
const sold: Record<string, number> = { KNIFE: 9, BRUSH: 2 }
const related = (of: Nearness, part: Partial<FillStep> = {}) =>
  ({ from: 'relatedCategories', of, order: 'best-selling', subjects: 'page', cap: null, off: false, ...part }) as FillStep

function shopWithTiles(part: Partial<Section>, chosen: Record<string, string[]> = {}) {
  return makeShop(products, {
    categories,
    index: makeIndex(products, { sold: sku => sold[sku] ?? 0 }),
    relatedCategories: key => chosen[key] ?? [],
    sections: new Map([['tiles', makeSection('tiles', { layout: 'tiles', ...part })]]),
    plans: new PlanBook([makePlan('category', ['tiles']), makePlan('product', ['tiles'])]),
  })
}
function tilesOn(key: string, part: Partial<Section>, chosen?: Record<string, string[]>) {
  const shop = shopWithTiles(part, chosen)
  const page = { kind: 'category', key } as const
  const resolved = resolvePage(shop, page, makeShopper())
  const explained = explainPage(shop, page, makeShopper())
  // What is told beside it must not change what is shown.
  expect(resolved.sections).toEqual(explained.sections)
  const reports = explained.steps.get('tiles')!
  return {
    shown: resolved.sections[0]?.tiles.map(tile => tile.key) ?? [],
    hidden: resolved.hidden.map(each => each.reason),
    pictures: resolved.sections[0]?.tiles.map(tile => tile.product.sku) ?? [],
    heldBack: reports.flatMap(({ tiles }) => tiles!.heldBack.map(each => `${each.key} ${each.reason}`)),
    idle: reports.map(each => each.idle),
  }
}

describe('a section of tiles', () => {
  it('shows the categories beside the page’s, in their order, without those in which nothing is for sale', () => {
    const { shown, heldBack } = tilesOn('hives', { steps: [related('beside')], places: 8 })
    expect(shown).toEqual(['frames', 'tools', 'jars'])
    expect(heldBack).toEqual(['books emptyCategory'])
  })

  it('shows those right below it', () => {
    expect(tilesOn('frames', { steps: [related('below')], places: 8 })).toMatchObject({
      shown: ['deep-frames'],
      heldBack: ['empty emptyCategory'],
    })
  })

  it('shows those that were chosen, in their order, and passes over what the shop no longer has', () => {
    expect(tilesOn('hives', { steps: [related('chosen')], places: 8 }, { hives: ['jars', 'gone', 'tools'] }).shown).toEqual([
      'jars',
      'tools',
    ])
  })

  it('takes the picture of the best seller, also of a category below', () => {
    expect(tilesOn('hives', { steps: [related('beside')], places: 8 }).pictures).toEqual(['FRAME', 'KNIFE', 'JAR'])
  })

  it('shows none twice, and no more than it has places', () => {
    const { shown, heldBack } = tilesOn('hives', { steps: [related('chosen'), related('beside')], places: 2 }, { hives: ['tools'] })
    expect(shown).toEqual(['tools', 'frames'])
    expect(heldBack).toEqual(['tools duplicate', 'jars noRoom', 'books emptyCategory'])
  })

  it('lets its steps take turns, and keeps to their caps', () => {
    const chosen = { hives: ['jars', 'tools'] }
    const steps = [related('chosen'), related('beside')]
    expect(tilesOn('hives', { steps, places: 3, takeTurns: true }, chosen).shown).toEqual(['jars', 'frames', 'tools'])
    expect(tilesOn('hives', { steps: [related('chosen', { cap: 1 }), related('beside')], places: 8 }, chosen).shown).toEqual([
      'jars',
      'frames',
      'tools',
    ])
  })

  it('passes over steps that find products, and those that are off', () => {
    const { shown, idle } = tilesOn(
      'hives',
      {
        steps: [
          { from: 'bestSellers', of: 'all', subjects: 'page', cap: null, off: false },
          related('chosen', { off: true }),
          related('beside'),
        ],
        places: 1,
      },
      { hives: ['jars'] },
    )
    expect(shown).toEqual(['frames'])
    expect(idle).toEqual(['noTiles', 'off', null])
  })

  it('is hidden under its minimum, and where there is none', () => {
    expect(tilesOn('frames', { steps: [related('below')], minimum: 2 }).hidden).toEqual(['belowMinimum'])
    expect(tilesOn('hives', { steps: [related('below')] }).hidden).toEqual(['nothingFound'])
  })

  it('is not on the page of a product, which is about no category', () => {
    const explained = explainPage(shopWithTiles({ steps: [related('beside')] }), { kind: 'product', sku: 'JAR' }, makeShopper())
    expect(explained.hidden.map(each => each.reason)).toEqual(['nothingFound'])
    expect(explained.steps.get('tiles')!.map(each => each.idle)).toEqual(['noCategory'])
  })
})
