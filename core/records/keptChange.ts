import type { Difference } from '../journal/record'
import type { Change, Changed } from './registry'
import { isAs, recordOf, upgradeChange } from './registry'

/** A change as the journal keeps it: with both values, or, when that is less, with what differs between them. */
export type KeptChange = Change | KeptDifference
interface KeptDifference extends Changed {
  difference: Difference
}

const isDifference = (kept: KeptChange): kept is KeptDifference => 'difference' in kept

/** What the journal keeps of a change. */
export function keptOf(change: Change): KeptChange {
  const difference = recordOf(change).differing?.between(change.before, change.after)
  return difference ? ({ of: change.of, owner: change.owner, key: change.key, difference } as KeptDifference) : change
}

/** A kept change as the journal of any version has it, in today's form. */
export const upgradeKept = (kept: KeptChange): KeptChange => (isDifference(kept) ? kept : upgradeChange(kept))

/** Whether somebody may ask the journal later who made it: what changes all the time is no answer to anything. */
export function isSoughtLater(kept: KeptChange): boolean {
  return !(isDifference(kept) && recordOf(kept).differing!.isEveryday(kept.difference))
}

/** What takes kept changes back: the last one first, for a later one may stand on an earlier. */
export function keptBackwards(kept: readonly KeptChange[]): KeptChange[] {
  return kept.toReversed().map(each => {
    if (isDifference(each)) return { ...each, difference: recordOf(each).differing!.turnedRound(each.difference) }
    return { ...each, before: each.after, after: each.before } as Change
  })
}

/**
 * A kept change, made to a thing as it is now.
 * @returns null when the thing is not as the change begins with
 */
export function ontoNow(kept: KeptChange, now: unknown): Change | null {
  if (!isDifference(kept)) return isAs(kept, now) ? kept : null
  const after = now === null ? null : recordOf(kept).differing!.onto(now, kept.difference)
  return after === null ? null : ({ of: kept.of, owner: kept.owner, key: kept.key, before: now, after } as Change)
}

/** Whether a thing is already as a kept change leaves it. */
export function isMade(kept: KeptChange, now: unknown): boolean {
  if (!isDifference(kept)) return isAs({ ...kept, before: kept.after } as Change, now)
  const { differing } = recordOf(kept)
  return now !== null && differing!.onto(now, differing!.turnedRound(kept.difference)) !== null
}

/** A kept change once more as it was made, for those who follow: what it says nothing of is as it is now. */
export function madeBefore(kept: KeptChange, now: unknown): Change {
  if (!isDifference(kept)) return kept
  const before = recordOf(kept).differing!.before(now, kept.difference)
  return { of: kept.of, owner: kept.owner, key: kept.key, before, after: now } as Change
}

/** SKUs of the products that have to be read before these changes can be made. */
export const neededFor = (kept: readonly KeptChange[]): string[] => kept.filter(each => each.of === 'product').map(each => each.owner)
