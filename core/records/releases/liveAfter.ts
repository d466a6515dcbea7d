import { isEqual } from 'es-toolkit'
import type { AnyChange, ChangeOf } from '../../journal/record'
import type { AllVersions } from '../../releases/draftedSorts'
import { draftedSortNames, draftedSorts, forEachSort } from '../../releases/draftedSorts'
import type { ReleaseContent } from '../../releases/release'
import type { Versions } from '../../sections/versions'

const drafted = new Set<string>(draftedSortNames.map(sort => draftedSorts[sort].of))
const isDrafted = (change: AnyChange): change is ChangeOf<string, Versions<unknown> | null> => drafted.has(change.of)

/** What shoppers get after changes. */
export function liveAfter(changes: readonly AnyChange[], versions: AllVersions): ReleaseContent {
  return forEachSort(sort => {
    const all = new Map<string, Versions<unknown>>(versions[sort])
    for (const change of changes) {
      if (change.of !== draftedSorts[sort].of) continue
      if (change.after) all.set(change.key, change.after as Versions<unknown>)
      else all.delete(change.key)
    }
    return [...all.values()].flatMap(({ live }) => (live === null ? [] : [live]))
  }) as unknown as ReleaseContent
}

/** Whether changes give shoppers anything else. */
export const areForShoppers = (changes: readonly AnyChange[]) =>
  changes.some(change => isDrafted(change) && !isEqual(change.before?.live ?? null, change.after?.live ?? null))
