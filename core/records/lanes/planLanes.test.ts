import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { Catalogue } from '../../catalogue/catalogue'
import { makeProduct, makeVariant } from '../../catalogue/makeProduct.testing'
import { allCount } from '../../catalogue/neighbours'
import { LinkIndex } from '../../links/linkIndex'
import { makeKind } from '../../links/makeKind.testing'
import type { Link } from '../../links/lane'
import { targetsOf } from '../../links/lane'
import type { LaneChange } from './laneRecords'
import { commandSchema } from '../registry'
import type { ShopView } from '../../journal/shopView'
import { HeldStates } from '../../journal/states'
import { CommandError } from '../../journal/commandError'
import { describeCommand } from '../registry'
import type { CommandContext } from '../../journal/commandContext'
import { planCommand } from '../registry'
import { noDrafts } from '../../releases/noDrafts.testing'

const accessory = makeKind('accessory', { plural: { en: 'Accessories' }, expectation: 'cheaper' })
const catalogue = new Catalogue(
  [
    makeProduct('S', { variants: [makeVariant('S-1', { options: { size: 'small' } })] }),
    ...['A', 'B', 'C', 'D', 'E'].map(sku => makeProduct(sku)),
    makeProduct('GLO', {
      name: { en: 'Gloves' },
      variants: [makeVariant('GLO-M', { options: { size: 'M' } }), makeVariant('GLO-X', { status: 'retired' })],
    }),
    makeProduct('OLD', { status: 'retired' }),
  ],
  ['hives', 'frames', 'tools'].map(key => ({ key, name: { en: key.toUpperCase() }, parent: null })),
  [{ key: 'spring', title: { en: 'In spring' }, body: {}, image: null, products: ['A', 'B'] }],
)
const pageLanes: Record<string, string[]> = { 'article:spring': ['A', 'B'], 'category:hives': ['frames'] }

function contextOf(targets: string[]): CommandContext {
  const links = new LinkIndex()
  links.setLane(
    'S',
    'accessory',
    targets.map(target => ({ target })),
  )
  return {
    shop: {} as ShopView,
    states: new HeldStates(),
    timeZone: 'UTC',
    item: sku => catalogue.item(sku),
    kind: key => (key === 'accessory' ? accessory : undefined),
    kinds: () => [accessory],
    lane: (source, kind) => links.lane(source, kind),
    category: key => catalogue.category(key),
    hasBrand: () => false,
    article: key => catalogue.article(key),
    pageLane: source => pageLanes[source]!.map(target => ({ target })),
    neighbours: () => allCount,
    versions: { ...noDrafts },

    release: () => undefined,
    stored: () => undefined,
    isSwitchedOff: () => false,
    dismissed: () => [{ target: 'E' }],
  }
}

const planned = (edit: object, context: CommandContext) => planCommand(commandSchema.parse(edit), context) as LaneChange[]

const lane = { kind: 'accessory', on: [{ source: 'S', seen: [] as string[] }] }
const after = (given: string[], edit: Record<string, unknown>) => {
  const changes = planned({ ...lane, on: [{ source: 'S', seen: given }], ...edit }, contextOf(given))
  return changes[0] ? targetsOf(changes[0].after) : given
}
const refusal = (given: string[], edit: Record<string, unknown>) => {
  try {
    after(given, edit)
  } catch (error) {
    if (error instanceof CommandError) return { code: error.code, about: error.about, message: error.message }
    throw error
  }
  return null
}

describe('planCommand', () => {
  it('links at the end or at a place, unlinks, and moves', () => {
    expect(after(['A', 'B'], { type: 'link', targets: ['C', 'GLO-M'] })).toEqual(['A', 'B', 'C', 'GLO-M'])
    expect(after(['A', 'B'], { type: 'link', targets: ['C', 'D'], place: 2 })).toEqual(['A', 'C', 'D', 'B'])
    expect(after(['A', 'B', 'C'], { type: 'unlink', targets: ['C', 'A'] })).toEqual(['B'])
    expect(after(['A', 'B', 'C'], { type: 'move', target: 'C', place: 1 })).toEqual(['C', 'A', 'B'])
  })

  it('reports no change when a link stands at its place already', () => {
    expect(
      planCommand(commandSchema.parse({ ...lane, on: [{ source: 'S' }], type: 'move', target: 'B', place: 2 }), contextOf(['A', 'B'])),
    ).toEqual([])
  })

  it.each([
    ['unknown-product', { type: 'link', targets: ['A', 'NOPE'] }, ['NOPE']],
    ['unknown-product', { type: 'link', on: [{ source: 'NOPE' }], targets: ['A'] }, ['NOPE']],
    ['source-is-variant', { type: 'link', on: [{ source: 'S-1' }], targets: ['A'] }, ['S-1']],
    ['unknown-kind', { type: 'link', kind: 'sidekick', on: [{ source: 'S' }], targets: ['A'] }, ['sidekick']],
    ['self-link', { type: 'link', targets: ['A', 'S'] }, ['S']],
    ['self-link', { type: 'link', targets: ['S-1'] }, ['S-1']],
    ['already-linked', { type: 'link', targets: ['A', 'B'] }, ['B']],
    ['already-linked', { type: 'link', targets: ['A', 'A'] }, ['A']],
    ['retired-target', { type: 'link', targets: ['OLD'] }, ['OLD']],
    ['retired-target', { type: 'link', targets: ['GLO-X'] }, ['GLO-X']],
    ['no-such-place', { type: 'link', targets: ['A'], place: 3 }, []],
    ['no-such-place', { type: 'move', target: 'B', place: 2 }, []],
    ['not-linked', { type: 'unlink', targets: ['B', 'C'] }, ['C']],
    ['not-linked', { type: 'move', target: 'C', place: 1 }, ['C']],
    ['lane-changed', { type: 'link', targets: ['A'], on: [{ source: 'S', seen: [] }] }, []],
    ['lane-changed', { type: 'unlink', targets: ['B'], on: [{ source: 'S', seen: ['B', 'C'] }] }, []],
  ])('refuses: %s (%j)', (code, edit, about) => {
    const found = refusal(['B'], edit)
    expect(found).toMatchObject({ code, about })
    expect(found!.message).toMatch(/^[A-Z].*\.$/)
  })

  it('keeps lanes free of doubles and self-links, whatever is asked of it', () => {
    const anySku = fc.constantFrom('A', 'B', 'C', 'D', 'E', 'GLO', 'GLO-M', 'S', 'OLD', 'NOPE')
    const edit = fc.oneof(
      fc.record({
        type: fc.constant('link'),
        targets: fc.array(anySku, { minLength: 1, maxLength: 3 }),
        place: fc.option(fc.integer({ min: 1, max: 8 }), { nil: undefined }),
      }),
      fc.record({ type: fc.constant('unlink'), targets: fc.array(anySku, { minLength: 1, maxLength: 3 }) }),
      fc.record({ type: fc.constant('move'), target: anySku, place: fc.integer({ min: 1, max: 8 }) }),
    )
    fc.assert(
      fc.property(fc.array(edit, { maxLength: 30 }), edits => {
        let now: string[] = []
        for (const each of edits) {
          if (refusal(now, each) === null) now = after(now, each)
          expect(new Set(now).size).toBe(now.length)
          expect(now.filter(target => ['S', 'OLD', 'NOPE'].includes(target))).toEqual([])
        }
      }),
    )
  })
})

describe('planCommand on several lanes', () => {
  const given: Record<string, Link[]> = {
    A: [{ target: 'C' }, { target: 'D', note: 'mild' }],
    B: [{ target: 'D' }],
    C: [],
    E: [{ target: 'B' }],
  }
  const plan = (edit: object) => {
    const changes = planned(edit, { ...contextOf([]), lane: source => given[source] ?? [] })
    return Object.fromEntries(
      changes.map(({ owner: source, after }) => [
        source,
        after.map(link => (link.note ? `${link.target} (${link.note})` : link.target)).join(' '),
      ]),
    )
  }
  const on = (...sources: string[]) => ({ kind: 'accessory', on: sources.map(source => ({ source })) })

  it('completes a link where it is missing, never links a product to itself, and puts it where there is room', () => {
    expect(plan({ ...on('A', 'B', 'C'), type: 'link', targets: ['C', 'GLO'], place: 2 })).toEqual({
      A: 'C GLO D (mild)',
      B: 'D C GLO',
      C: 'GLO',
    })
    expect(() => plan({ ...on('A', 'B'), type: 'link', targets: ['D'] })).toThrow('D stands in all of these lanes already.')
  })
  it('removes, moves and arranges where there is something to remove, move and arrange', () => {
    expect(plan({ ...on('A', 'B', 'C'), type: 'unlink', targets: ['D'] })).toEqual({ A: 'C', B: '' })
    expect(plan({ ...on('A', 'B', 'C'), type: 'move', target: 'D', place: 1 })).toEqual({ A: 'D (mild) C' })
    expect(plan({ ...on('A', 'B'), type: 'arrange', order: ['D', 'C'] })).toEqual({ A: 'D (mild) C' })
    expect(() => plan({ ...on('A', 'B'), type: 'unlink', targets: ['E'] })).toThrow('E doesn’t stand in any of these lanes.')
  })
  it('links back, once for each pair, also among the products themselves', () => {
    expect(plan({ ...on('A', 'C'), type: 'link', targets: ['E'], bothWays: true })).toEqual({ A: 'C D (mild) E', C: 'E', E: 'B A C' })
    expect(plan({ ...on('A', 'B'), type: 'link', targets: ['B'], bothWays: true })).toEqual({ A: 'C D (mild) B', B: 'D A' })
  })
  it('copies lanes with what their links carry, behind what stands there or in its place, and never to itself', () => {
    expect(plan({ type: 'copy', from: 'A', kinds: ['accessory'], to: ['B', 'C', 'D'], replace: false })).toEqual({
      B: 'D C',
      C: 'D (mild)',
      D: 'C',
    })
    expect(plan({ type: 'copy', from: 'A', kinds: ['accessory'], to: ['B'], replace: true })).toEqual({ B: 'C D (mild)' })
    expect(() => plan({ type: 'copy', from: 'A', kinds: ['accessory'], to: ['A'], replace: true })).toThrow('can’t be copied to itself')
  })
  it('sets dates and notes, takes them away, and refuses dates that leave no time', () => {
    const details = (part: object) =>
      planned({ ...on('A'), type: 'detail', targets: ['D'], details: part }, { ...contextOf([]), lane: source => given[source] ?? [] })[0]
        ?.after[1]
    expect(details({ from: '2026-03-01', until: '2026-03-01' })).toEqual({
      target: 'D',
      note: 'mild',
      from: '2026-03-01',
      until: '2026-03-01',
    })
    expect(details({ note: ' ' })).toEqual({ target: 'D' })
    expect(details({ note: 'mild', from: null })).toBeUndefined()
    expect(() => details({ from: '2026-03-02', until: '2026-03-01' })).toThrow('ends before it begins')
  })
})

describe('planCommand on suggestions', () => {
  const plan = (type: string, ...targets: string[]) =>
    planCommand(commandSchema.parse({ ...lane, on: [{ source: 'S' }], type, targets }), contextOf(['A']))
  it('dismisses and brings back, and leaves the links alone', () => {
    expect(plan('dismiss', 'B', 'E')).toEqual([
      { of: 'dismissed', owner: 'S', key: 'accessory', before: [{ target: 'E' }], after: [{ target: 'E' }, { target: 'B' }] },
    ])
    expect(plan('bringBack', 'E')).toEqual([{ of: 'dismissed', owner: 'S', key: 'accessory', before: [{ target: 'E' }], after: [] }])
    expect(plan('dismiss', 'E')).toEqual([])
    expect(() => plan('dismiss', 'NOPE')).toThrow('no product with the SKU NOPE')
  })
})

describe('planCommand on what an article names, and on related categories', () => {
  const article = { kind: 'named', on: [{ source: 'article:spring' }] }
  const hives = { kind: 'related-categories', on: [{ source: 'category:hives', seen: ['frames'] }] }
  const plan = (edit: object) => {
    const [change] = planCommand(commandSchema.parse(edit), contextOf([])) as LaneChange[]
    return change && [change.of, change.owner, ...targetsOf(change.after)]
  }
  const words = (edit: object) => describeCommand(commandSchema.parse(edit), contextOf([]), 'en')
  it('adds, removes, moves and puts in order', () => {
    expect(plan({ ...article, type: 'link', targets: ['C'], place: 1 })).toEqual(['pageLinks', 'article:spring', 'C', 'A', 'B'])
    expect(plan({ ...article, type: 'unlink', targets: ['A'] })).toEqual(['pageLinks', 'article:spring', 'B'])
    expect(plan({ ...article, type: 'move', target: 'B', place: 1 })).toEqual(['pageLinks', 'article:spring', 'B', 'A'])
    expect(plan({ ...hives, type: 'link', targets: ['tools'] })).toEqual(['pageLinks', 'category:hives', 'frames', 'tools'])
  })
  it.each([
    [{ ...article, type: 'link', targets: ['NOPE'] }, 'no product with the SKU NOPE'],
    [{ ...article, type: 'link', targets: ['A'] }, 'stands in this lane already'],
    [{ ...article, type: 'link', targets: ['OLD'] }, 'retired'],
    [{ ...article, type: 'link', targets: ['GLO-M'] }, 'GLO-M is a variant. Articles name products: GLO.'],
    [{ ...article, type: 'link', targets: ['C'], bothWays: true }, 'Only links of products have'],
    [{ ...article, type: 'detail', targets: ['A'], details: { note: 'x' } }, 'Only links of products have'],
    [{ ...article, on: [{ source: 'article:autumn' }], type: 'unlink', targets: ['A'] }, 'There is no article with the key autumn.'],
    [{ ...article, kind: 'accessory', type: 'unlink', targets: ['A'] }, 'The lane of an article is “named”'],
    [{ ...article, on: [{ source: 'article:spring' }, { source: 'S' }], type: 'unlink', targets: ['A'] }, 'not edited together'],
    [{ ...hives, type: 'link', targets: ['hives'] }, 'A category can’t be related to itself.'],
    [{ ...hives, type: 'link', targets: ['A'] }, 'no category with the key A'],
    [{ ...hives, on: [{ source: 'category:hives', seen: [] }], type: 'unlink', targets: ['frames'] }, 'changed elsewhere'],
  ])('refuses %j', (edit, words) => {
    expect(() => plan(edit)).toThrow(words)
  })
  it('says it in plain words', () => {
    expect(words({ ...article, type: 'link', targets: ['GLO'] })).toBe('Added Gloves to the article “In spring”')
    expect(words({ ...article, type: 'unlink', targets: ['A', 'B'] })).toBe('Took 2 products out of the article “In spring”')
    expect(words({ ...hives, type: 'move', target: 'frames', place: 1 })).toBe(
      'Moved FRAMES to place 1 of the categories related to “HIVES”',
    )
    expect(words({ ...hives, type: 'arrange', order: ['frames'] })).toBe('Put the categories related to “HIVES” in order')
    expect(words({ ...article, type: 'arrange', order: ['B'] })).toBe('Put the products of the article “In spring” in order')
  })
})

describe('command', () => {
  it.each([
    [{ ...lane, type: 'link', targets: [] }],
    [{ ...lane, type: 'link', targets: ['A'], on: [] }],
    [{ ...lane, type: 'move', target: 'A', place: 0 }],
    [{ ...lane, type: 'move', target: 'A', place: 1.5 }],
    [{ ...lane, type: 'drop', targets: ['A'] }],
    [{ ...lane, type: 'unlink', targets: ['A'], also: 1 }],
    [{ ...lane, type: 'detail', targets: ['A'], details: { from: '2026-02-30' } }],
    [{ ...lane, type: 'detail', targets: ['A'], details: { note: 'x'.repeat(501) } }],
    [null],
  ])('does not let through %j', value => {
    expect(commandSchema.safeParse(value).success).toBe(false)
  })
})

describe('describeCommand', () => {
  const words = (edit: object) => describeCommand(commandSchema.parse({ ...lane, ...edit }), contextOf([]), 'en')
  it('says what was done in plain words', () => {
    expect(words({ type: 'link', targets: ['GLO-M'] })).toBe('Linked Gloves, M to S as accessory')
    expect(words({ type: 'unlink', targets: ['A', 'B'] })).toBe('Removed 2 products as accessory of S')
    expect(words({ type: 'move', target: 'A', place: 3 })).toBe('Moved A to place 3 as accessory of S')
    expect(words({ type: 'link', on: [{ source: 'A' }, { source: 'B' }], targets: ['C'], bothWays: true })).toBe(
      'Linked C to 2 products as accessory, and back',
    )
    expect(words({ type: 'arrange', order: ['A'] })).toBe('Put the accessories of S in order')
    expect(words({ type: 'detail', targets: ['A'], details: { from: null, until: '2026-03-01', note: 'spring' } })).toBe(
      'Set the dates and the note of A as accessory of S',
    )
    expect(
      describeCommand(
        commandSchema.parse({ type: 'copy', from: 'A', kinds: ['accessory'], to: ['B', 'C'], replace: true }),
        contextOf([]),
        'en',
      ),
    ).toBe('Copied the accessories of A to 2 products, in the place of what stood there')
  })
})
