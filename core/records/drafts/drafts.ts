import { CommandError } from '../../journal/commandError'
import type { ChangeOf } from '../../journal/record'
import type { AllVersions, DraftedSort, DraftedThings } from '../../releases/draftedSorts'
import { draftedSorts } from '../../releases/draftedSorts'
import type { Versions } from '../../sections/versions'

/*
 * What commands on things that are drafted and published have in common: they look for drafts, and change them.
 */

/** What planning a command on drafts needs to know of the shop. */
export interface DraftContext {
  versions: AllVersions
}

export type DraftChangeOf<Sort extends DraftedSort> = ChangeOf<(typeof draftedSorts)[Sort]['of'], Versions<DraftedThings[Sort]> | null>
export type DraftChange = { [Sort in DraftedSort]: DraftChangeOf<Sort> }[DraftedSort]

/** A thing that is neither live nor a draft is none. */
export const settled = <T>(versions: Versions<T>): Versions<T> | null =>
  versions.live === null && versions.draft === null ? null : versions

export const draftChange = <Sort extends DraftedSort>(
  sort: Sort,
  key: string,
  before: Versions<DraftedThings[Sort]> | null,
  after: Versions<DraftedThings[Sort]> | null,
): DraftChangeOf<Sort> => ({ of: draftedSorts[sort].of, owner: '', key, before, after })

/** @throws CommandError when there is none */
export function known<Sort extends DraftedSort>({ versions }: DraftContext, sort: Sort, key: string): Versions<DraftedThings[Sort]> {
  const found = versions[sort].get(key)
  const { of, noun } = draftedSorts[sort]
  if (!found) throw new CommandError(`unknown-${of}`, `There is no ${noun} with the key ${key}.`, [key])
  return found
}

/** @throws CommandError when there is none, or it is to be taken away */
export function draftOf<Sort extends DraftedSort>(context: DraftContext, sort: Sort, key: string): DraftedThings[Sort] {
  const { draft } = known(context, sort, key)
  const { of, noun } = draftedSorts[sort]
  if (draft === null)
    throw new CommandError(`unknown-${of}`, `The ${noun} ${key} is to be taken away. Discard that first to change it.`, [key])
  return draft
}
