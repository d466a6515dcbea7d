import type { Look } from '../../looks/look'
import type { PagePlan } from '../../pagePlans/pagePlan'
import type { Section } from '../../sections/section'
import type { Versions } from '../../sections/versions'
import { CommandError } from '../../journal/commandError'
import type { ChangeOf } from '../../journal/record'

/** What planning a command on drafts needs to know of the shop. */
export interface DraftContext {
  sectionVersions(): ReadonlyMap<string, Versions<Section>>
  planVersions(): ReadonlyMap<string, Versions<PagePlan>>
  lookVersions(): ReadonlyMap<string, Versions<Look>>
}

type VersionsChange<Of extends string, Thing> = ChangeOf<Of, Versions<Thing> | null>

/*
 * What commands on sections, page plans and looks have in common: they look for drafts, and change them.
 */

/** A thing that is neither live nor a draft is none. */
export const settled = <T>(versions: Versions<T>): Versions<T> | null =>
  versions.live === null && versions.draft === null ? null : versions

export const sectionChange = (
  key: string,
  before: Versions<Section> | null,
  after: Versions<Section> | null,
): VersionsChange<'section', Section> => ({ of: 'section', owner: '', key: key, before, after })
export const planChange = (
  key: string,
  before: Versions<PagePlan> | null,
  after: Versions<PagePlan> | null,
): VersionsChange<'plan', PagePlan> => ({ of: 'plan', owner: '', key: key, before, after })

export const lookChange = (key: string, before: Versions<Look> | null, after: Versions<Look> | null): VersionsChange<'look', Look> => ({
  of: 'look',
  owner: '',
  key: key,
  before,
  after,
})

const names = { section: ['unknown-section', 'section'], plan: ['unknown-plan', 'page plan'], look: ['unknown-look', 'look'] } as const
type Drafted = keyof typeof names

/** @throws CommandError when there is none */
export function known<T>(things: ReadonlyMap<string, Versions<T>>, key: string, of: Drafted): Versions<T> {
  const versions = things.get(key)
  if (!versions) throw new CommandError(names[of][0], `There is no ${names[of][1]} with the key ${key}.`, [key])
  return versions
}

/** @throws CommandError when there is none, or it is to be taken away */
export function draftOf<T>(things: ReadonlyMap<string, Versions<T>>, key: string, of: Drafted): T {
  const { draft } = known(things, key, of)
  if (draft === null)
    throw new CommandError(names[of][0], `The ${names[of][1]} ${key} is to be taken away. Discard that first to change it.`, [key])
  return draft
}
