import type { CatalogueItem } from '../../catalogue/catalogue'
import { CommandError } from '../../journal/commandError'
import type { DraftedSort } from '../../releases/draftedSorts'
import { draftedSortNames, draftedSorts, nameIn, obstacleOf } from '../../releases/draftedSorts'
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

/** What publishing needs to know of the shop. */
export interface PublishContext extends DraftContext {
  item(sku: string): CatalogueItem | undefined
}

/** All that is to be published. @throws CommandError when nothing of it is unpublished, or something can't be sold as it is */
export function publishable(command: Partial<Record<DraftedSort, readonly string[]>>, context: PublishContext): NamedDraft[] {
  const named = namedDrafts(command, context)
  for (const { sort, key, before } of named) {
    const obstacle = before.draft && obstacleOf(sort, before.draft as never, context.item)
    if (obstacle) {
      const name = Object.values(nameIn(sort, before.draft as never))[0] ?? key
      throw new CommandError('cannot-be-published', `The ${draftedSorts[sort].noun} “${name}” can’t be published. ${obstacle}`, [key])
    }
  }
  return named
}

/**
 * Makes live what is a draft, or the draft what is live.
 * @throws CommandError when nothing of it is unpublished, it is unknown, or it can't be sold as it is
 */
export function planPublishing(command: Extract<ReleaseCommand, { type: 'publish' | 'discard' }>, context: PublishContext): DraftChange[] {
  const isLive = command.type === 'publish'
  return (isLive ? publishable : namedDrafts)(command, context).map(({ sort, key, before: { live, draft } }) => {
    const both = isLive ? draft : live
    return draftChange(sort, key, { live, draft } as never, settled({ live: both, draft: both }) as never) as DraftChange
  })
}
