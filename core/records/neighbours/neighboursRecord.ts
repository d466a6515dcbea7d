import { isEqual } from 'es-toolkit'
import type { NeighbourSettings } from '../../catalogue/neighbours'
import { asItIs } from '../../journal/keyed'
import type { ChangeOf, StoredRecord } from '../../journal/record'

/** What counts for the neighbours of a product. Products of which nothing is said are not held. */
export const neighboursRecord: StoredRecord<'neighbours', NeighbourSettings, Map<string, NeighbourSettings>> = {
  of: 'neighbours',
  called: 'what counts for the same product',
  upgrade: asItIs,
  isSame: isEqual,
  begin: () => new Map(),
  read: ({ owner: source }, shop) => shop.neighboursOf(source),
  apply({ owner: source, after }, states) {
    if (after.ignored.length || after.leaveOut.length) states.of(neighboursRecord).set(source, after)
    else states.of(neighboursRecord).delete(source)
  },
  counting: {
    isCopied: true,
    fill: ({ owner: source }, stale) => stale.page(source),
    findings: (_, stale) => stale.rules(),
  },
}
export type NeighboursChange = ChangeOf<'neighbours', NeighbourSettings>
