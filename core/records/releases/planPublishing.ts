import { CommandError } from '../../journal/commandError'
import type { Versions } from '../../sections/versions'
import { isUnpublished } from '../../sections/versions'
import type { DraftContext } from '../drafts/drafts'
import { known, lookChange, planChange, sectionChange, settled } from '../drafts/drafts'
import type { LookChange } from '../looks/lookRecord'
import type { PlanChange } from '../pagePlans/planRecord'
import type { SectionChange } from '../sections/sectionRecord'
import type { ReleaseCommand } from './releaseCommandSchema'

export type DraftChange = SectionChange | PlanChange | LookChange

/** Makes live what is a draft, or the draft what is live. @throws CommandError when nothing of it is unpublished, or it is unknown */
export function planPublishing(command: Extract<ReleaseCommand, { type: 'publish' | 'discard' }>, context: DraftContext): DraftChange[] {
  const after = <T>({ live, draft }: Versions<T>): Versions<T> | null =>
    settled(command.type === 'publish' ? { live: draft, draft } : { live, draft: live })
  const sections = command.sections.map(key => ({ key, before: known(context.sectionVersions(), key, 'section') }))
  const plans = command.plans.map(key => ({ key, before: known(context.planVersions(), key, 'plan') }))
  const looks = (command.looks ?? []).map(key => ({ key, before: known(context.lookVersions(), key, 'look') }))
  if (![...sections, ...plans, ...looks].some(({ before }) => isUnpublished<unknown>(before)))
    throw new CommandError('nothing-to-publish', 'Nothing of this is unpublished: shoppers have it already.')
  return [
    ...looks.map(({ key, before }) => lookChange(key, before, after(before))),
    ...sections.map(({ key, before }) => sectionChange(key, before, after(before))),
    ...plans.map(({ key, before }) => planChange(key, before, after(before))),
  ]
}
