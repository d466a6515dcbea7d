import { isEqual } from 'es-toolkit'
import type { Look } from '../looks/look'
import type { PagePlan } from '../pagePlans/pagePlan'
import type { Section } from '../sections/section'
import type { Versions } from '../sections/versions'
import { isUnpublished } from '../sections/versions'
import { keyFor } from '../text/keyFor'
import type { Change } from './change'
import type { SectionCommand } from './command'
import { CommandError } from './commandError'
import { draftOf, known, lookChange, planChange, sectionChange, settled } from './drafts'
import { takenOut } from './planPagePlans'

/** What planning a command on sections needs to know of the shop. */
export interface SectionContext {
  sectionVersions(): ReadonlyMap<string, Versions<Section>>
  planVersions(): ReadonlyMap<string, Versions<PagePlan>>
  lookVersions(): ReadonlyMap<string, Versions<Look>>
}

/** Works out what a command on sections, or on drafts of any sort, does. @throws CommandError when it can't be carried out as asked */
export function planSections(command: SectionCommand, context: SectionContext): Change[] {
  const sections = context.sectionVersions()
  const plans = context.planVersions()
  switch (command.type) {
    case 'addSection': {
      const key = keyFor(Object.values(command.settings.heading)[0] ?? '', taken => sections.has(taken), 'section')
      return [sectionChange(key, null, { live: null, draft: { key, ...command.settings } })]
    }
    case 'changeSection': {
      const { key, settings, seen } = command
      const before = draftOf(sections, key, 'section')
      const changed = Object.entries(seen).some(([part, value]) => !isEqual(before[part as keyof Section], value))
      if (changed) throw new CommandError('sectionChanged', 'This section was changed in the meantime. It is shown as it is now; nothing was overwritten.', [key])
      return [sectionChange(key, sections.get(key)!, { ...sections.get(key)!, draft: { ...before, ...settings } })]
    }
    case 'removeSection': {
      draftOf(sections, command.key, 'section')
      return [sectionChange(command.key, sections.get(command.key)!, settled({ ...sections.get(command.key)!, draft: null })), ...takenOut(command.key, plans)]
    }
    case 'publish': case 'discard': return settle(command, context)
  }
}

/** Makes live what is a draft, or the draft what is live. */
function settle(command: Extract<SectionCommand, { type: 'publish' | 'discard' }>, context: SectionContext): Change[] {
  const after = <T>({ live, draft }: Versions<T>): Versions<T> | null => settled(command.type === 'publish' ? { live: draft, draft } : { live, draft: live })
  const sections = command.sections.map(key => ({ key, before: known(context.sectionVersions(), key, 'section') }))
  const plans = command.plans.map(key => ({ key, before: known(context.planVersions(), key, 'plan') }))
  const looks = (command.looks ?? []).map(key => ({ key, before: known(context.lookVersions(), key, 'look') }))
  if (![...sections, ...plans, ...looks].some(({ before }) => isUnpublished<unknown>(before))) throw new CommandError('nothingToPublish', 'Nothing of this is unpublished: shoppers have it already.')
  return [
    ...looks.map(({ key, before }) => lookChange(key, before, after(before))),
    ...sections.map(({ key, before }) => sectionChange(key, before, after(before))),
    ...plans.map(({ key, before }) => planChange(key, before, after(before))),
  ]
}
