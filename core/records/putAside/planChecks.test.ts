import { describe, expect, it } from 'vitest'
import { Catalogue } from '../../catalogue/catalogue'
import { makeProduct, makeVariant } from '../../catalogue/makeProduct.testing'
import type { Finding } from '../../checks/check'
import { checkSchema, mendOf } from '../../checks/check'
import { mendedWords } from '../../checks/checkWords'
import { LinkIndex } from '../../links/linkIndex'
import { targetsOf } from '../../links/lane'
import { makeKind } from '../../links/makeKind.testing'
import type { LaneChange } from '../lanes/laneRecords'
import { commandSchema } from '../registry'
import type { CheckContext } from './planChecks'
import { planChecks } from './planChecks'

const catalogue = new Catalogue(
  [...['A', 'B', 'C'].map(sku => makeProduct(sku)), makeProduct('V', { variants: [makeVariant('V-1'), makeVariant('V-2')] })],
  [],
  [],
)
const kinds = new Map([makeKind('related', { mutual: true, ceiling: 2 }), makeKind('old', { retired: true })].map(kind => [kind.key, kind]))
const links = new LinkIndex()
const lane = (...targets: string[]) => targets.map(target => ({ target }))
links.setLane('A', 'related', lane('B', 'V-1', 'C'))
links.setLane('B', 'related', lane('C'))
links.setLane('V', 'related', lane('A'))
links.setLane('A', 'old', lane('B'))
const context: CheckContext = {
  item: sku => catalogue.item(sku),
  kind: key => kinds.get(key),
  lane: (source, kind) => links.lane(source, kind),
  asideReason: ({ source }) => (source === 'B' ? 'on purpose' : null),
}
const at = (which: Finding['check'], source: string, kind = '', target = ''): Finding => ({ check: which, source, kind, target })
const mended = (...findings: Finding[]) =>
  (planChecks(commandSchema.parse({ type: 'mend', findings }) as never, context) as LaneChange[]).map(
    ({ owner: source, after }) => `${source}: ${targetsOf(after).join(' ')}`,
  )

describe('mending findings', () => {
  it('unlinks what is never shown, several of one lane together', () => {
    expect(
      mended(at('targetRetired', 'A', 'related', 'B'), at('targetRetired', 'A', 'related', 'C'), at('targetRetired', 'B', 'related', 'C')),
    ).toEqual(['A: V-1', 'B: '])
  })

  it('links back, behind what is there, and only where no link leads back', () => {
    expect(
      mended(
        at('returnMissing', 'A', 'related', 'B'),
        at('returnMissing', 'A', 'related', 'V-1'),
        at('returnMissing', 'A', 'related', 'C'),
      ),
    ).toEqual(['B: C A', 'C: A'])
    expect(mended(at('returnMissing', 'A', 'related', 'C'), at('returnMissing', 'B', 'related', 'C'))).toEqual(['C: A B'])
  })

  it('shortens a lane to its ceiling', () => {
    expect(mended(at('overCeiling', 'A', 'related'), at('overCeiling', 'B', 'related'))).toEqual(['A: B V-1'])
  })

  it('leaves alone what is not as it was found any more, and what is retired or gone', () => {
    expect(
      mended(
        at('linkOver', 'B', 'related', 'A'),
        at('linkOver', 'A', 'old', 'B'),
        at('linkOver', 'GONE', 'related', 'B'),
        at('linkOver', 'V-1', 'related', 'A'),
      ),
    ).toEqual([])
  })

  it('refuses what needs a choice', () => {
    expect(() => mended(at('notLinkedTo', 'A'))).toThrow('needs a choice')
  })

  it('says of every mend what it did', () => {
    for (const which of checkSchema.options) expect(mendedWords(which, 2) !== '').toBe(mendOf(which) !== null)
  })
})

describe('putting findings aside', () => {
  it('keeps the reason, and what was there before', () => {
    const findings = [at('notLinkedTo', 'A'), at('notLinkedTo', 'B')]
    expect(planChecks({ type: 'putAside', findings, reason: 'sold on request' }, context)).toEqual([
      { of: 'putAside', owner: 'A', key: 'notLinkedTo||', before: null, after: 'sold on request' },
      { of: 'putAside', owner: 'B', key: 'notLinkedTo||', before: 'on purpose', after: 'sold on request' },
    ])
    expect(planChecks({ type: 'reopen', findings }, context).map(each => each.after)).toEqual([null, null])
  })

  it('wants a reason', () => {
    expect(commandSchema.safeParse({ type: 'putAside', findings: [at('notLinkedTo', 'A')], reason: '  ' }).success).toBe(false)
  })
})
