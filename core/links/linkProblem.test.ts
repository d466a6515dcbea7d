import { describe, expect, it } from 'vitest'
import { Catalogue } from '../catalogue/catalogue'
import { makeProduct, makeVariant } from '../catalogue/makeProduct.testing'
import type { LinkKind } from './kind'
import { LinkIndex } from './linkIndex'
import { countProblems, linkProblem } from './linkProblem'
import { makeKind } from './makeKind.testing'
import { momentIn } from '../time/moment'

const at = momentIn('UTC', Date.parse('2026-05-01T10:00:00Z'))
const kindOf = (expectation: LinkKind['expectation']) => makeKind('k', { expectation })
const source = makeProduct('S', { price: 1000 })
const glove = makeProduct('GLO', { variants: [makeVariant('GLO-S', { stock: 0 }), makeVariant('GLO-M', { price: 900 })] })

describe('linkProblem', () => {
  it.each([
    [makeProduct('A', { status: 'retired' }), 'dearer', 'retired'],
    [makeProduct('A', { status: 'draft' }), 'dearer', 'notForSale'],
    [makeProduct('A', { released: '2026-05-02' }), 'none', 'notForSale'],
    [makeProduct('A', { stock: 0 }), 'none', 'outOfStock'],
    [makeProduct('A', { price: 999 }), 'dearer', 'cheaperThanSource'],
    [makeProduct('A', { price: 999 }), 'cheaper', null],
    [makeProduct('A', { price: 1001 }), 'cheaper', 'dearerThanSource'],
    [makeProduct('A', { price: 1000 }), 'dearer', null],
    [makeProduct('A', { price: 1000 }), 'cheaper', null],
  ] as const)('%j as a link that should be %s: %s', (product, expectation, problem) => {
    expect(linkProblem({ target: 'A' }, kindOf(expectation), source, { product, variant: null }, at)).toBe(problem)
  })

  it('says first that a link is over; one that is still to come is no problem', () => {
    const product = makeProduct('A', { stock: 0 })
    expect(linkProblem({ target: 'A', until: '2026-04-30' }, kindOf('none'), source, { product, variant: null }, at)).toBe('over')
    expect(
      linkProblem({ target: 'A', from: '2026-06-01' }, kindOf('none'), source, { product: makeProduct('A'), variant: null }, at),
    ).toBeNull()
  })

  it('looks at the variant that is linked', () => {
    const [small, medium] = glove.variants as [never, never]
    expect(linkProblem({ target: 'GLO' }, kindOf('dearer'), source, { product: glove, variant: small }, at)).toBe('outOfStock')
    expect(linkProblem({ target: 'GLO' }, kindOf('dearer'), source, { product: glove, variant: medium }, at)).toBe('cheaperThanSource')
  })
})

describe('countProblems', () => {
  it('counts what is wrong as of a moment', () => {
    const links = new LinkIndex()
    const catalogue = new Catalogue(
      [source, glove, makeProduct('NEW', { released: '2026-05-02' }), makeProduct('GONE', { stock: 0 })],
      [],
      [],
    )
    const shop = { catalogue, links, kinds: new Map([['k', kindOf('none')]]) }
    links.setLane('S', 'k', [{ target: 'NEW' }, { target: 'GONE' }, { target: 'GLO' }, { target: 'NOT-THERE' }])
    expect([
      countProblems('S', shop, at),
      countProblems('S', shop, momentIn('UTC', at.ms + 86_400_000)),
      countProblems('UNKNOWN', shop, at),
    ]).toEqual([2, 1, 0])
  })
})

describe('LinkIndex', () => {
  it('counts how often something is a target', () => {
    const links = new LinkIndex()
    links.setLane('S', 'k', [{ target: 'A' }, { target: 'B' }])
    links.setLane('S', 'l', [{ target: 'A' }])
    links.setLane('S', 'k', [{ target: 'B' }])
    expect([links.timesTarget('A'), links.timesTarget('B'), links.timesTarget('C')]).toEqual([1, 1, 0])
  })
})
