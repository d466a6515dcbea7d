import { expect, it } from 'vitest'
import { findingKey, findingOf } from './check'
import { PutAside } from './putAside'

it('keeps the reasons of what is put aside, by source, and none of what is taken up again', () => {
  const finding = { check: 'returnMissing' as const, source: 'A B', kind: 'related', target: 'C/1' }
  expect(findingOf(finding.source, findingKey(finding))).toEqual(finding)
  const aside = new PutAside()
  const take = (after: string | null) => aside.take({ of: 'putAside', source: finding.source, kind: findingKey(finding), before: null, after })
  take('on purpose')
  expect([aside.reason(finding), aside.reason({ ...finding, target: 'D' }), aside.reason({ ...finding, source: 'A' })]).toEqual(['on purpose', null, null])
  // A copy goes its own way.
  const copy = new PutAside(aside.bySource)
  take(null)
  expect([aside.reason(finding), aside.bySource.size, copy.reason(finding)]).toEqual([null, 0, 'on purpose'])
})
