import { CommandError } from '../../journal/commandError'
import type { DraftedSort } from '../../releases/draftedSorts'
import { draftedSortNames } from '../../releases/draftedSorts'
import type { Versions } from '../../sections/versions'
import { isUnpublished } from '../../sections/versions'
import type { DraftChange, DraftContext } from '../drafts/drafts'
import { draftChange, known, settled } from '../drafts/drafts'
import type { ReleaseCommand } from './releaseCommandSchema'

/** What is named of a sort, as it is now. */
export interface NamedDraft {
  sort: DraftedSort
  key: string
  before: Versions<unknown>
}

/** All that a command names. @throws CommandError when nothing of it is unpublished, or it is unknown */
export function namedDrafts(command: Partial<Record<DraftedSort, readonly string[]>>, context: DraftContext): NamedDraft[] {
  const named = draftedSortNames.flatMap(sort =>
    (command[sort] ?? []).map(key => ({ sort, key, before: known(context, sort, key) as Versions<unknown> })),
  )
  if (!named.some(({ before }) => isUnpublished(before)))
    throw new CommandError('nothing-to-publish', 'Nothing of this is unpublished: shoppers have it already.')
  return named
}

/** Makes live what is a draft, or the draft what is live. @throws CommandError when nothing of it is unpublished, or it is unknown */
export function planPublishing(command: Extract<ReleaseCommand, { type: 'publish' | 'discard' }>, context: DraftContext): DraftChange[] {
  const isLive = command.type === 'publish'
  return namedDrafts(command, context).map(({ sort, key, before: { live, draft } }) => {
    const both = isLive ? draft : live
    return draftChange(sort, key, { live, draft } as never, settled({ live: both, draft: both }) as never) as DraftChange
  })
}
