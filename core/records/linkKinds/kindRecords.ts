import { isEqual } from 'es-toolkit'
import { asItIs, keyedRecord } from '../../journal/keyed'
import type { ChangeOf, StoredRecord } from '../../journal/record'
import type { LinkKind } from '../../links/kind'

/** The kinds of links, held in their order. */
export const kindRecord = keyedRecord<'kind', LinkKind>(
  {
    of: 'kind',
    called: 'the same kind',
    live: (_, effects) => effects.kindsChanged(),
    counting: {
      isCopied: true,
      fill: (_, stale) => stale.everything(),
      findings(_, stale) {
        stale.allProducts()
        stale.sameShown()
      },
    },
    usedBy({ key: kind, after }, { links, dismissed }) {
      if (after || links.extentOf(kind).links + dismissed.extentOf(kind).links === 0) return null
      return { about: kind, words: 'products are linked as this kind. Retire it instead; that keeps its links.' }
    },
  },
  stored => ({ ...stored, retired: stored.retired ?? false }),
)
export type KindChange = ChangeOf<'kind', LinkKind | null>

/** The keys of all kinds in their order. */
export const kindOrderRecord: StoredRecord<'kindOrder', readonly string[]> = {
  of: 'kindOrder',
  called: 'the order of the kinds',
  upgrade: asItIs,
  isSame: isEqual,
  begin: () => null,
  read: (_, { kinds }) => [...kinds.keys()],
  apply({ after }, states) {
    const kinds = states.of(kindRecord)
    const inOrder = after.map(key => kinds.get(key)!)
    kinds.clear()
    for (const kind of inOrder) kinds.set(kind.key, kind)
  },
}
export type KindOrderChange = ChangeOf<'kindOrder', readonly string[]>
