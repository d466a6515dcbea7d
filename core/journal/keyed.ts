import { isEqual } from 'es-toolkit'
import type { StoredRecord } from './record'

type Given<Of extends string, Value> = Pick<StoredRecord<Of, Value | null, Map<string, Value>>, 'of' | 'called'> &
  Partial<Pick<StoredRecord<Of, Value | null, Map<string, Value>>, 'follows' | 'live' | 'counting' | 'usedBy'>>

/**
 * A record whose things have a key and stand on nothing else; null: there is none of this key. It is held as a map.
 * @param upgrade brings a thing as any version of Manada has written it up to date
 */
export function keyedRecord<Of extends string, Value>(
  given: Given<Of, Value>,
  upgrade: (stored: Value) => Value,
): StoredRecord<Of, Value | null, Map<string, Value>> {
  const record: StoredRecord<Of, Value | null, Map<string, Value>> = {
    ...given,
    upgrade: stored => (stored === null ? null : upgrade(stored)),
    isSame: isEqual,
    begin: () => new Map(),
    read: ({ key }, { states }) => states.of(record).get(key) ?? null,
    apply({ key, after }, states) {
      if (after === null) states.of(record).delete(key)
      else states.of(record).set(key, after)
    },
  }
  return record
}

/** For what has had one form in all versions. */
export const asItIs = <Value>(stored: Value): Value => stored
