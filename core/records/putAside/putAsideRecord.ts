import { asItIs } from '../../journal/keyed'
import type { ChangeOf, StoredRecord } from '../../journal/record'

/**
 * Why a finding of the checks was put aside; null: it is not. It stands on what the finding is about; its key tells it from others there.
 */
export const putAsideRecord: StoredRecord<'putAside', string | null, Map<string, Map<string, string>>> = {
  of: 'putAside',
  called: 'the same finding',
  upgrade: asItIs,
  isSame: (a, b) => a === b,
  begin: () => new Map(),
  read: ({ owner: source, key: kind }, { states }) => states.of(putAsideRecord).get(source)?.get(kind) ?? null,
  apply({ owner: source, key: kind, after }, states) {
    const all = states.of(putAsideRecord)
    const reasons = all.get(source) ?? new Map<string, string>()
    if (after === null) reasons.delete(kind)
    else reasons.set(kind, after)
    if (reasons.size) all.set(source, reasons)
    else all.delete(source)
  },
  counting: { isCopied: true, findings: ({ owner: source }, stale) => stale.product(source) },
}
export type PutAsideChange = ChangeOf<'putAside', string | null>
