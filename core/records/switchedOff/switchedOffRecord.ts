import { asItIs } from '../../journal/keyed'
import type { ChangeOf, StoredRecord } from '../../journal/record'

/** Whether a section is switched off on the page of a product. Held are the keys of the sections that are, by SKU. */
export const switchedOffRecord: StoredRecord<'switchedOff', boolean, Map<string, Set<string>>> = {
  of: 'switchedOff',
  called: 'the same switch',
  upgrade: asItIs,
  isSame: (a, b) => a === b,
  begin: () => new Map(),
  read: ({ owner: source, key: kind }, shop) => shop.switchedOff(source).has(kind),
  apply({ owner: source, key: kind, after }, states) {
    const all = states.of(switchedOffRecord)
    const sections = all.get(source) ?? new Set()
    if (after) sections.add(kind)
    else sections.delete(kind)
    if (sections.size) all.set(source, sections)
    else all.delete(source)
  },
  counting: {
    isCopied: true,
    fill: ({ owner: source }, stale) => stale.page(source),
    findings: (_, stale) => stale.sameShown(),
  },
}
export type SwitchChange = ChangeOf<'switchedOff', boolean>
