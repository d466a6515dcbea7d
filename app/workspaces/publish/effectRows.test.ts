import { describe, expect, it } from 'vitest'
import type { Effects, SectionEffect } from '../../../core/effects/effects'
import { makeSection } from '../../../core/sections/makeSection.testing'
import type { Section } from '../../../core/sections/section'
import { effectRows } from './effectRows'

const pages = (...some: string[]) => ({ count: some.length, some })
const fill = (full: number, thin: number, blank: number) => ({ full, thin, blank })
const effect = (part: Partial<SectionEffect>): SectionEffect => ({
  section: 'low',
  page: 'product',
  before: fill(0, 0, 0),
  after: fill(0, 0, 0),
  gone: pages(),
  fewer: pages(),
  more: pages(),
  others: pages(),
  lostTo: [],
  ...part,
})
const nothing: Effects = { pages: 3, less: 0, more: 0, sections: [], nowhere: [], unmade: [], moves: [], offers: [], bundles: [] }
const said = (part: Partial<Effects>, section: Section = makeSection('low')) =>
  effectRows({ ...nothing, ...part }, { nameOf: (_, key) => key, sectionAfter: () => section, money: amount => `€${amount}` }).map(
    ({ tone, title, words }) => [tone, title, words].join(' | '),
  )
const ofSection = (part: Partial<SectionEffect>, section?: Section) => said({ sections: [effect(part)] }, section)

describe('what publishing does, in words', () => {
  it('names first what is lost, on how many pages, and who shows it above', () => {
    const loses = effect({
      before: fill(3, 0, 0),
      after: fill(1, 1, 1),
      gone: pages('A'),
      fewer: pages('B'),
      lostTo: [{ block: 'high', pages: 2 }],
    })
    const gains = effect({ section: 'high', after: fill(2, 0, 1), more: pages('A', 'B') })
    expect(said({ sections: [gains, loses] })).toEqual([
      'less | “low” loses products on 2 product pages | Above it “high” shows the same ones. On 1 product page nothing is left of it.',
      'more | “high” comes to 3 product pages | It is full on 2, thin on 0, blank on 1.',
    ])
  })

  it('says what a section is left with, or gets', () => {
    const [before, after] = [fill(2, 0, 0), fill(0, 0, 2)]
    expect(ofSection({ before, after, gone: pages('A', 'B') })).toEqual(['less | “low” shows nothing any more on 2 product pages | '])
    expect(ofSection({ before, gone: pages('A', 'B') })).toEqual(['less | “low” goes from 2 product pages | '])
    expect(ofSection({ before, after: before, others: pages('A') })).toEqual([
      'others | “low” shows other products on 1 product page, or in another order | ',
    ])
    expect(ofSection({ before: fill(0, 2, 0), after: before, more: pages('A', 'B') })).toEqual([
      'more | “low” shows more on 2 product pages | ',
    ])
    expect(ofSection({ before, after: before })).toEqual(['others | “low” shows on 2 product pages what it showed | '])
  })

  it('tells a section that nobody will see from one that hangs on who looks', () => {
    expect(ofSection({ after: fill(0, 0, 2) })).toEqual([
      'look | “low” shows nothing anywhere | It stands on 2 product pages and finds nothing for any of them.',
    ])
    const seen = makeSection('low', { steps: [{ from: 'recentlyViewed', order: 'hand', subjects: 'page', cap: null, off: false }] })
    expect(ofSection({ after: fill(0, 0, 2) }, seen)).toEqual([
      'look | “low” depends on who looks | What it shows on 2 product pages follows from the cart, or from what somebody looked at before.',
    ])
    expect(said({ nowhere: ['low'] })).toEqual([
      'look | “low” stands on no page | Nobody sees it before a page plan has it: put it on one in Pages.',
    ])
  })

  it('tells of plans and offers', () => {
    expect(said({ unmade: ['tick'] })).toEqual([
      'look | The offer “tick” comes up on no page | ' +
        'No product of the shop is one it is for, or what it offers is shown above it already, or can’t be had.',
    ])
    expect(said({ moves: [{ page: 'product', from: 'default', to: 'jars', pages: pages('A', 'B') }] })).toEqual([
      'moves | 2 product pages get “jars” | They had “default”.',
    ])
    const offer = { offer: 'tick', page: 'cart' as const, before: 2, after: 2, gone: pages(), come: pages(), others: pages('A') }
    const ofOffer = (part: Partial<typeof offer>) => said({ offers: [{ ...offer, ...part }] })
    expect(ofOffer({})).toEqual(['others | The offer “tick” has other products on 1 cart with one product | '])
    expect(ofOffer({ before: 0 })).toEqual(['more | The offer “tick” comes to 2 carts with one product | '])
    expect(ofOffer({ after: 0 })).toEqual(['less | The offer “tick” goes from 2 carts with one product | '])
    expect(ofOffer({ after: 1 })).toEqual(['less | The offer “tick” is on 1 cart with one product, before on 2 | '])
  })

  it('tells what bundles cost, before and after', () => {
    const sold = { price: 90, was: 100, isFrom: false }
    const ofBundle = (before: typeof sold | null, after: typeof sold | null) => said({ bundles: [{ bundle: 'SET', before, after }] })
    expect(ofBundle(null, sold)).toEqual(['more | The bundle “SET” is sold for €90 | Its parts cost €100 by themselves.'])
    expect(ofBundle(sold, null)).toEqual(['less | The bundle “SET” is sold no more | It costs €90 now.'])
    expect(ofBundle(sold, { ...sold, price: 80, isFrom: true })).toEqual([
      'others | The bundle “SET” costs from €80, before €90 | Its parts cost €100 by themselves.',
    ])
    expect(ofBundle(null, null)).toEqual(['look | The bundle “SET” is not sold | '])
  })
})
