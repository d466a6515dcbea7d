import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { Catalogue } from '../../../catalogue/catalogue'
import { makeProduct, makeVariant } from '../../../catalogue/makeProduct.testing'
import type { LaneChange } from '../../../records/lanes/laneRecords'
import { LinkIndex } from '../../../links/linkIndex'
import type { Link } from '../../../links/lane'
import { makeKind } from '../../../links/makeKind.testing'
import type { Change } from '../../../records/registry'
import { steppedThrough } from '../../../steps'
import { RowError } from '../../fileRow'
import type { FileRow } from '../../fileRow'
import { linkFileRow, readLinkRow } from './linkRow'
import { planLinkImport } from './planLinkImport'

const catalogue = new Catalogue(
  [
    ...['S', 'T', 'A', 'B', 'C', 'D', 'E'].map(sku => makeProduct(sku)),
    makeProduct('GLO', { variants: [makeVariant('GLO-M')] }),
    makeProduct('OLD', { status: 'retired' }),
  ],
  [],
  [],
)
const kinds = [makeKind('upsell'), makeKind('gone', { retired: true })]
const line = (csv: string): FileRow =>
  Object.fromEntries(csv.split(',').map((cell, i) => [['source', 'kind', 'target', 'place', 'from', 'until', 'note'][i]!, cell]))

function planned(rows: readonly FileRow[], lanes: Record<string, Link[]> = {}) {
  const links = new LinkIndex()
  for (const [key, lane] of Object.entries(lanes)) links.setLane(key, 'upsell', lane)
  links.setLane('T', 'gone', [{ target: 'A' }])
  const changes: Change[] = []
  const summary = steppedThrough(
    planLinkImport(
      rows.map((row, i) => ({ line: i + 2, row: readLinkRow(row) })),
      {
        timeZone: 'UTC',
        item: sku => catalogue.item(sku),
        kind: key => kinds.find(each => each.key === key),
        lane: (source, kind) => links.lane(source, kind),
      },
    ),
    part => changes.push(...part.changes),
  )
  return { ...summary, changes }
}
const lane = (...targets: string[]): Link[] => targets.map(target => ({ target }))
/** What becomes of S's lane, and how the rows are counted. */
function outcome(given: string, ...rows: string[]) {
  const plan = planned(
    rows.map(row => line(`S,upsell,${row}`)),
    { S: lane(...given) },
  )
  const change = plan.changes.find(each => each.owner === 'S') as LaneChange | undefined
  return [
    (change?.after ?? lane(...given)).map(link => link.target).join(''),
    `${plan.created} new, ${plan.updated} changed, ${plan.unchanged} same`,
    ...plan.rejections.map(each => `${each.line} ${each.column}: ${each.reason}`),
  ]
}

describe('planLinkImport', () => {
  it('puts links at their places, new ones without a place at the end, and leaves the rest in order', () => {
    expect(outcome('', 'A', 'B')).toEqual(['AB', '2 new, 0 changed, 0 same'])
    expect(outcome('AB', 'C', 'D')).toEqual(['ABCD', '2 new, 0 changed, 0 same'])
    expect(outcome('ABC', 'D,2')).toEqual(['ADBC', '1 new, 0 changed, 0 same'])
    expect(outcome('ABC', 'C,1', 'D')).toEqual(['CABD', '1 new, 1 changed, 0 same'])
    expect(outcome('ABC', 'B')).toEqual(['ABC', '0 new, 0 changed, 1 same'])
  })

  it('takes rows that name the whole lane without places as its order', () => {
    expect(outcome('ABC', 'C', 'A', 'D', 'B')).toEqual(['CADB', '1 new, 3 changed, 0 same'])
    expect(outcome('ABC', 'C', 'A')).toEqual(['ABC', '0 new, 0 changed, 2 same'])
  })

  it('refuses a place that another row has, and takes the others', () => {
    expect(outcome('A', 'B,1', 'C,1')).toEqual(['BA', '1 new, 0 changed, 0 same', '3 place: Line 2 has place 1 of this lane already.'])
    expect(outcome('', 'A,1', 'NO,2', 'B,3')).toEqual([
      'AB',
      '2 new, 0 changed, 0 same',
      '3 target: There is no product or variant with the SKU NO.',
    ])
  })

  it('takes places with gaps for an order', () => {
    expect(outcome('', 'C,30', 'A,10', 'B,20')).toEqual(['ABC', '3 new, 0 changed, 0 same'])
    expect(outcome('DE', 'A,10', 'B,20', 'E,5')).toEqual(['DEAB', '2 new, 0 changed, 1 same'])
    expect(outcome('A', 'B,2', 'C,5')).toEqual(['ABC', '2 new, 0 changed, 0 same'])
    expect(outcome('ABC', 'D,1', 'A,900')).toEqual(['DBCA', '1 new, 1 changed, 0 same'])
  })

  it('says all that is wrong with a row', () => {
    const faultsOf = (row: string) => planned([line(row)]).rejections.map(({ column, more }) => [column, ...more.map(each => each.column)])
    expect(faultsOf('NO,none,GONE,,2026-05-01,2026-04-30')).toEqual([['source', 'kind', 'target', 'until']])
    expect(faultsOf('GLO-M,upsell,GONE')).toEqual([['source', 'target']])
  })

  it('keeps a link to what is retired, and says that nobody sees it', () => {
    const { notes, ...plan } = planned([line('S,upsell,OLD')])
    expect(plan).toMatchObject({ created: 1, rejections: [] })
    expect(notes).toEqual([{ line: 2, column: 'target', words: 'OLD is retired: the link is kept, and shoppers don’t see it.' }])
    expect(planned([line('S,upsell,OLD')], { S: lane('OLD') }).notes).toEqual([])
  })

  it('says of every row that can’t be taken why', () => {
    const { rejections } = planned(
      [
        'NO,upsell,A',
        'GLO-M,upsell,A',
        'S,none,A',
        'S,upsell,NO',
        'S,upsell,S',
        'S,upsell,A',
        'S,upsell,A',
        'S,upsell,OLD',
        'S,gone,A',
        'S,upsell,B,,2026-05-01,2026-04-30',
        'T,gone,A',
        'T,upsell,S',
        'GLO,upsell,GLO-M',
      ].map(line),
    )
    expect(rejections.map(each => `${each.line} ${each.column}: ${each.reason}`)).toEqual([
      '2 source: There is no product with the SKU NO.',
      '3 source: GLO-M is a variant. Links start from its product, GLO.',
      '4 kind: There is no link kind “none”.',
      '5 target: There is no product or variant with the SKU NO.',
      '6 target: A product can’t be linked to itself or to one of its own variants.',
      '8 target: Line 7 has the same link.',
      '10 kind: The kind “gone” is retired; it gets no new links.',
      '11 until: With these dates the link would never be shown: it ends before it begins.',
      '14 target: A product can’t be linked to itself or to one of its own variants.',
    ])
    expect(rejections[0]!.row).toEqual({ source: 'NO', kind: 'upsell', target: 'A', place: '' })
  })

  it('sets, changes and takes away details; a column that is missing leaves them', () => {
    const given = { S: [{ target: 'A', note: 'mild', from: '2026-01-01' }] }
    const after = (row: FileRow) => (planned([row], given).changes[0] as LaneChange | undefined)?.after[0]
    expect(after(line('S,upsell,A'))).toBeUndefined()
    expect(after(line('S,upsell,A,,,2026-02-01,strong'))).toEqual({ target: 'A', until: '2026-02-01', note: 'strong' })
    expect(after({ ...line('S,upsell,A'), note: '' })).toEqual({ target: 'A', from: '2026-01-01' })
  })

  it('refuses cells that can’t be read, with their column', () => {
    const problem = (csv: string) => {
      try {
        readLinkRow(line(csv))
        return null
      } catch (error) {
        return error instanceof RowError ? error.column : String(error)
      }
    }
    expect(
      [
        'S,upsell,A',
        ',upsell,A',
        'S,Up sell,A',
        'S,upsell,A|B',
        'S,upsell,A,0',
        'S,upsell,A,1.5',
        'S,upsell,A,,01.03.2026',
        'S,upsell,A,,,soon',
        `S,upsell,A,,,,${'x'.repeat(501)}`,
      ].map(problem),
    ).toEqual([null, 'source', 'kind', 'target', 'place', 'place', 'from', 'until', 'note'])
  })

  const anyLane = fc
    .uniqueArray(
      fc.record({
        target: fc.constantFrom('A', 'B', 'C', 'D', 'GLO-M', 'OLD'),
        from: fc.constantFrom(undefined, '2026-05-01'),
        note: fc.constantFrom(undefined, '=1+1', 'mild'),
      }),
      { selector: each => each.target },
    )
    .map(all => all.map(each => JSON.parse(JSON.stringify(each)) as Link))

  it('changes nothing when what was exported is imported again, in any order of the rows', () => {
    fc.assert(
      fc.property(fc.record({ S: anyLane, T: anyLane }), fc.infiniteStream(fc.nat()), (lanes, random) => {
        const rows = Object.entries(lanes).flatMap(([source, links]) => links.map((link, i) => linkFileRow(source, 'upsell', i + 1, link)))
        const order = new Map(rows.map(row => [row, random.next().value as number]))
        const plan = planned(
          rows.toSorted((a, b) => order.get(a)! - order.get(b)!),
          lanes,
        )
        expect(plan).toEqual({ changes: [], created: 0, updated: 0, unchanged: rows.length, effects: [], rejections: [], notes: [] })
      }),
    )
  })

  it('keeps every lane whole: places 1…n, nothing lost, nothing double, and every row counted once', () => {
    const row = fc
      .record({
        target: fc.constantFrom('A', 'B', 'C', 'D', 'E', 'S', 'OLD', 'NO'),
        place: fc.option(fc.constantFrom(1, 2, 3, 4, 6, 10, 20)),
      })
      .map(({ target, place }) => line(`S,upsell,${target},${place ?? ''}`))
    fc.assert(
      fc.property(anyLane, fc.array(row, { maxLength: 8 }), (given, rows) => {
        const plan = planned(rows, { S: given })
        const after = (plan.changes[0] as LaneChange | undefined)?.after ?? given
        const rejected = new Set(plan.rejections.map(each => each.line))
        const taken = rows.flatMap((each, i) => (rejected.has(i + 2) ? [] : [each]))
        expect(new Set(after.map(link => link.target))).toEqual(
          new Set([...given.map(link => link.target), ...taken.map(each => each.target!)]),
        )
        expect(new Set(after.map(link => link.target)).size).toBe(after.length)
        const places = taken.flatMap(each => (each.place ? [Number(each.place)] : []))
        for (const each of taken.filter(one => one.place)) {
          const behind = places.filter(place => place > Number(each.place)).length
          expect(after[Math.min(Number(each.place), after.length - behind) - 1]!.target).toBe(each.target)
        }
        // Links that the file doesn't name keep their order.
        const named = new Set(taken.map(each => each.target))
        const unnamed = (links: readonly Link[]) =>
          links.map(link => link.target).filter(target => !named.has(target) && given.some(link => link.target === target))
        expect(unnamed(after)).toEqual(unnamed(given))
        expect(plan.created + plan.updated + plan.unchanged + plan.rejections.length).toBe(rows.length)
        expect(plan.created).toBe(after.length - given.length)
      }),
      { numRuns: 1000 },
    )
  })
})
