import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Finding } from '../../core/checks/check'
import { productChecks } from '../../core/checks/check'
import { FindingBook } from '../../core/checks/findingBook'
import { countedOnPages, fillFindings, ruleFindings, sameFindings } from '../../core/checks/sectionFindings'
import type { FillStep } from '../../core/fillSteps/fillStep'
import { linkStep } from '../../core/fillSteps/fillStep'
import { completed } from '../../core/steps'
import type { LiveShop } from '../live/liveShop'
import type { Step } from './followed.testing'
import { followed, settled, skus, tried, walked } from './followed.testing'
import type { Moment } from '../../core/time/moment'
import { momentIn } from '../../core/time/moment'

const sku = fc.constantFrom(...skus)
const kind = fc.constantFrom('related', 'upsell', 'accessory')
const finding = fc.record({
  check: fc.constantFrom('notLinkedTo' as const, 'targetOutOfStock' as const, 'returnMissing' as const),
  source: sku,
  kind: fc.constantFrom('', 'related'),
  target: fc.constantFrom('', 'A', 'B'),
})
const allStock: FillStep = {
  from: 'rule',
  rule: { when: { all: [] }, pick: { price: { from: 1 } } },
  order: 'best-selling',
  subjects: 'page',
  cap: null,
  off: false,
}
const anyStep: fc.Arbitrary<Step> = fc.oneof(
  {
    weight: 4,
    arbitrary: fc.record({
      type: fc.constant('link' as const),
      kind,
      on: sku.map(source => [{ source }]),
      targets: fc.uniqueArray(fc.constantFrom(...skus, 'D-1'), { minLength: 1, maxLength: 3 }),
    }),
  },
  fc.record({ type: fc.constant('unlink' as const), kind, on: sku.map(source => [{ source }]), targets: sku.map(each => [each]) }),
  fc.record({
    type: fc.constant('detail' as const),
    kind,
    on: sku.map(source => [{ source }]),
    targets: sku.map(each => [each]),
    details: fc.constantFrom({ until: '2020-01-01' }, { until: null }),
  }),
  {
    weight: 2,
    arbitrary: fc.record({
      type: fc.constant('putAside' as const),
      findings: finding.map(each => [each]),
      reason: fc.constant('on purpose'),
    }),
  },
  fc.record({ type: fc.constant('reopen' as const), findings: finding.map(each => [each]) }),
  fc.record({ type: fc.constantFrom('retireKind' as const, 'restoreKind' as const), key: fc.constant('related') }),
  fc
    .constantFrom<FillStep[]>([linkStep('accessory')], [linkStep('accessory'), allStock])
    .map(steps => ({ type: 'changeSection' as const, key: 'accessories', settings: { steps }, seen: {} })),
  fc.constant<Step>({ type: 'publish', sections: ['accessories'], plans: [] }),
  {
    weight: 1,
    arbitrary: fc
      .constantFrom(...skus)
      .map(sku => ({ type: 'link' as const, kind: 'named', on: [{ source: 'article:spring' }], targets: [sku] })),
  },
  fc.constantFrom(...skus).map(sku => ({ type: 'unlink' as const, kind: 'named', on: [{ source: 'article:spring' }], targets: [sku] })),
  fc
    .constantFrom(['hives', 'tools'], ['frames', 'hives'], ['hives', 'frames'])
    .map(([key, near]) => ({ type: 'link' as const, kind: 'related-categories', on: [{ source: `category:${key}` }], targets: [near!] })),
  fc.record({ restock: sku, to: fc.constantFrom(0, 2) }),
  { weight: 2, arbitrary: fc.constantFrom('B', 'C', 'D-1').map(sell => ({ sell })) },
)
const inWords = (findings: Iterable<Finding>) =>
  Array.from(findings, each => [each.check, each.source, each.kind, each.target].join(' ')).sort()

/** What a fresh look at the whole live shop finds. */
function fresh(shop: LiveShop, at: Moment): { onProducts: string[]; onSections: string[] } {
  const book = new FindingBook(
    shop,
    each => shop.putAside.reason(each) !== null,
    each => shop.index.postings.positionOf(each),
  )
  completed(book.checking(at) as Generator<never, void>)
  const fills = countedOnPages(shop).flatMap(({ section, page }) => fillFindings(section.key, page, walked(shop, section, page, at)))
  return {
    onProducts: inWords(productChecks.flatMap(check => [...book.findings(check, 0, at)])),
    onSections: inWords([...fills, ...completed(ruleFindings(shop, at)), ...completed(sameFindings(shop, at))]),
  }
}

describe('the checks', () => {
  it('find in another thread what a fresh look at the live shop finds, and follow its changes', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(anyStep, { minLength: 1, maxLength: 10 }), steps =>
        followed(steps, async (thread, shop) => {
          const { counts, onSections } = await settled(() => thread.checks())
          const found = await Promise.all(productChecks.map(check => thread.findings(check, 0, 100)))
          expect(found.map(each => each.length)).toEqual(productChecks.map(check => counts![check]))
          expect({ onProducts: inWords(found.flat()), onSections: inWords(onSections) }).toEqual(fresh(shop, momentIn('UTC')))
        }),
      ),
      { numRuns: 15 },
    )
    expect(tried.done).toBeGreaterThan(tried.refused / 4)
  }, 120_000)
})
