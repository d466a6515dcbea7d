import { makeSettings } from '../catalogue/makeSettings.testing'
import { describe, expect, it } from 'vitest'
import { makeProduct } from '../catalogue/makeProduct.testing'
import { LinkIndex } from '../links/linkIndex'
import { builtInLooks } from '../looks/builtInLooks'
import { LookBook } from '../looks/lookBook'
import { makeShop, makeShopper } from '../selection/makeShop.testing'
import { explainPage } from '../selection/resolvePage'
import { pageAnswer } from './pageAnswer'
import type { ExplainedCandidate, HeldBackReason, HiddenReason, IdleReason, PageAnswer, DeliveredStep } from './contract/pages'
import { pageAnswerSchema } from './contract/pages'
import type { DeliveredItem } from './contract/pages'
import { heldBackWords, hiddenWords, idleWords, shownWords, stepWords } from './whyWords'

describe('the words for why', () => {
  it('name the offer above that shows what a section does not', () => {
    const item = (sku: string) => ({ sku }) as DeliveredItem
    const page = {
      sections: [{ key: 's', heading: 'Goes with it', zone: 'foot', items: [item('OTHER')] }],
      offers: [{ key: 'take', heading: 'Take it along', zone: 'belowBuy', sectionsAbove: 0, items: [item('BRUSH')] }],
    } as unknown as PageAnswer
    expect(heldBackWords('shownEarlier', 'BRUSH', page, 's')).toBe('already shown in “Take it along” above')
    expect(heldBackWords('shownEarlier', 'OTHER', page, 's')).toBe('already shown above')
  })

  it('tell of a page what is shown, what is not, and where it is shown instead', () => {
    const links = new LinkIndex()
    links.setLane('SRC', 'accessory', [{ target: 'SOLD-OUT' }, { target: 'BRUSH' }])
    links.setLane('SRC', 'related', [{ target: 'BRUSH' }])
    const shop = makeShop([makeProduct('SRC'), makeProduct('BRUSH'), makeProduct('SOLD-OUT', { stock: 0 })], {
      links,
      switchedOff: () => new Set(['upsells']),
    })
    const settings = makeSettings()
    const page = pageAnswer(
      'product',
      explainPage(shop, { kind: 'product', sku: 'SRC' }, makeShopper()),
      { catalogue: shop.catalogue, looks: new LookBook(builtInLooks), brandMarks: new Map() },
      settings,
      'en',
    )

    const [accessories] = page.sections
    const [step] = accessories!.steps!
    expect(step!.taken.map(each => shownWords(step!, each, () => 'Accessory'))).toEqual(['linked by hand as accessory, place 2'])
    expect(step!.heldBack.map(each => heldBackWords(each.reason, each.sku, page, accessories!.key))).toEqual([
      'out of stock since it has 0 left',
    ])
    expect(page.hidden!.map(each => [each.key, hiddenWords(each.reason)])).toEqual([
      ['bundles-with-it', 'nothing to show'],
      ['upsells', 'switched off for this product'],
      ['related', 'nothing to show'],
    ])
    const related = page.hidden![2]!
    expect(related.steps![0]!.heldBack.map(each => heldBackWords(each.reason, each.sku, page, related.key))).toEqual([
      'already shown in “Goes with it” above',
    ])
  })

  const candidate: ExplainedCandidate = { sku: 'A', variant: null, name: 'A', source: null, place: 1, strength: 1 }
  const story = (part: Partial<DeliveredStep>): DeliveredStep => ({
    from: 'links',
    kind: 'upsell',
    subjects: 'page',
    idle: null,
    taken: [],
    heldBack: [],
    more: false,
    ...part,
  })
  const kindName = () => 'Upsell'

  it.each<[Partial<DeliveredStep>, Partial<ExplainedCandidate>, string, string]>([
    [{}, { place: 3 }, 'linked by hand as upsell, place 3', 'linked by hand as upsell'],
    [{ subjects: 'cart' }, {}, 'linked by hand as upsell, place 1', 'linked by hand as upsell to what is in the cart'],
    [{ from: 'traits' }, {}, 'shares a trait', 'products that share traits'],
    [{ from: 'traits' }, { strength: 3 }, 'shares 3 traits', 'products that share traits'],
    [{ from: 'bestSellers' }, {}, 'the best seller', 'best sellers'],
    [{ from: 'bestSellers' }, { place: 4 }, 'best seller number 4', 'best sellers'],
    [{ from: 'newest' }, { place: 2 }, 'number 2 of the newest', 'the newest products'],
    [{ from: 'chosen' }, { place: 2 }, 'chosen for this section, place 2', 'products chosen for this section'],
  ])('%j %j: %s; %s', (step, part, shown, looked) => {
    expect([shownWords(story(step), { ...candidate, ...part }, kindName), stepWords(story(step), kindName)]).toEqual([shown, looked])
  })

  it('have words for every code that an answer can have, and no two the same', () => {
    const section = pageAnswerSchema.shape.sections.element
    const step = section.shape.steps.unwrap().element
    const empty: PageAnswer = { page: { kind: 'cart', subjects: [] }, plan: { key: 'p', name: '' }, style: {}, sections: [] }
    const all = (codes: readonly string[], words: (code: string) => string) => {
      const said = codes.map(words)
      expect(said.filter(each => !each)).toEqual([])
      expect(new Set(said).size).toBe(codes.length)
    }
    all(step.shape.heldBack.element.shape.reason.options, code => heldBackWords(code as HeldBackReason, 'A', empty, 's'))
    all(pageAnswerSchema.shape.hidden.unwrap().element.shape.reason.options, code => hiddenWords(code as HiddenReason))
    all(step.shape.idle.unwrap().options, code => idleWords(code as IdleReason))
    all(step.shape.from.options, code => stepWords(story({ from: code as DeliveredStep['from'] }), kindName))
    all(step.shape.from.options, code => shownWords(story({ from: code as DeliveredStep['from'] }), candidate, kindName))
  })
})
