import { expect, it } from 'vitest'
import { findingKey, findingOf } from './check'
import { PutAside } from './putAside'

it('keeps the reasons of what is put aside, by source, and looks at them as they are', () => {
  const finding = { check: 'returnMissing' as const, source: 'A B', kind: 'related', target: 'C/1' }
  expect(findingOf(finding.source, findingKey(finding))).toEqual(finding)
  const bySource = new Map([[finding.source, new Map([[findingKey(finding), 'on purpose']])]])
  const aside = new PutAside(bySource)
  expect([aside.reason(finding), aside.reason({ ...finding, target: 'D' }), aside.reason({ ...finding, source: 'A' })]).toEqual([
    'on purpose',
    null,
    null,
  ])
  bySource.delete(finding.source)
  expect(aside.reason(finding)).toBeNull()
})
