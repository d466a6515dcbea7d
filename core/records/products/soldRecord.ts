import { asItIs } from '../../journal/keyed'
import type { ChangeOf, StoredRecord } from '../../journal/record'

/** Units sold of a product, variant or bundle by its own SKU. They follow from the orders, which are stored; no command changes them. */
export const soldRecord: StoredRecord<'sold', number> = {
  of: 'sold',
  called: 'the same product',
  upgrade: asItIs,
  isSame: (a, b) => a === b,
  begin: () => null,
  read: ({ owner: source }, shop) => shop.unitsSold(source),
  live: ({ owner: source, after }, effects) => effects.unitsSold(source, after),
  counting: {
    isCopied: false,
    apply({ owner: source, after }, shop) {
      shop.setUnitsSold(source, after)
      return true
    },
    fill: (_, stale) => stale.heeds('sold') && stale.everything(),
    findings: (_, stale) => stale.heeds('sold') && stale.rules(),
  },
}
export type SoldChange = ChangeOf<'sold', number>
