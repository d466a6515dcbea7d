import { isEqual } from 'es-toolkit'
import type { AnyChange, ChangeOf } from '../../journal/record'
import type { Look } from '../../looks/look'
import type { PagePlan } from '../../pagePlans/pagePlan'
import type { ReleaseContent } from '../../releases/release'
import type { Section } from '../../sections/section'
import type { Versions } from '../../sections/versions'

const drafted = ['section', 'plan', 'look'] as const
type Drafted = (typeof drafted)[number]
const isDrafted = (change: AnyChange): change is ChangeOf<Drafted, Versions<unknown> | null> =>
  (drafted as readonly string[]).includes(change.of)

interface AllVersions {
  sections: ReadonlyMap<string, Versions<Section>>
  plans: ReadonlyMap<string, Versions<PagePlan>>
  looks: ReadonlyMap<string, Versions<Look>>
}

/** What shoppers get after changes. */
export function liveAfter(changes: readonly AnyChange[], { sections, plans, looks }: AllVersions): ReleaseContent {
  const after = <T>(of: Drafted, things: ReadonlyMap<string, Versions<T>>): T[] => {
    const all = new Map(things)
    for (const change of changes) {
      if (change.of !== of) continue
      if (change.after) all.set(change.key, change.after as Versions<T>)
      else all.delete(change.key)
    }
    return [...all.values()].flatMap(({ live }) => (live === null ? [] : [live]))
  }
  return { sections: after('section', sections), plans: after('plan', plans), looks: after('look', looks) }
}

/** Whether changes give shoppers anything else. */
export const areForShoppers = (changes: readonly AnyChange[]) =>
  changes.some(change => isDrafted(change) && !isEqual(change.before?.live ?? null, change.after?.live ?? null))
