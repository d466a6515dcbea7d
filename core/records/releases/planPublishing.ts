import type { CatalogueItem } from '../../catalogue/catalogue'
import { CommandError } from '../../journal/commandError'
import type { DraftedSort } from '../../releases/draftedSorts'
import { draftedSortNames, draftedSorts, nameIn, obstacleOf, whyItMustStay } from '../../releases/draftedSorts'
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

type Named = Partial<Record<DraftedSort, readonly string[]>>

/** @throws CommandError when something is unknown */
const allNamed = (command: Named, context: DraftContext): NamedDraft[] =>
  draftedSortNames.flatMap(sort =>
    (command[sort] ?? []).map(key => ({ sort, key, before: known(context, sort, key) as Versions<unknown> })),
  )

/** All that a command names. @throws CommandError when nothing of it is unpublished, or it is unknown */
export function namedDrafts(command: Named, context: DraftContext): NamedDraft[] {
  const named = allNamed(command, context)
  if (!named.some(({ before }) => isUnpublished(before)))
    throw new CommandError('nothing-to-publish', 'Nothing of this is unpublished: shoppers have it already.')
  return named
}

/** What publishing needs to know of the shop. */
export interface PublishContext extends DraftContext {
  item(sku: string): CatalogueItem | undefined
}

/** All that is to be published. @throws CommandError when nothing of it is unpublished, or something can't be sold as it is */
export function publishable(command: Named, context: PublishContext): NamedDraft[] {
  const named = namedDrafts(command, context)
  for (const { sort, key, before } of named) {
    const obstacle = before.draft && obstacleOf(sort, before.draft as never, context.item)
    if (obstacle) throw new CommandError('cannot-be-published', `${called(sort, key, before.draft)} can’t be published. ${obstacle}`, [key])
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

/**
 * Takes from shoppers what is live; it stays as a draft.
 * @throws CommandError when nothing of it is live, it is unknown, or shoppers can't do without it
 */
export function planUnpublishing(command: Extract<ReleaseCommand, { type: 'unpublish' }>, context: DraftContext): DraftChange[] {
  const named = allNamed(command, context)
  if (named.every(({ before }) => before.live === null))
    throw new CommandError('nothing-to-publish', 'Nothing of this is live: shoppers have none of it.')
  return named.map(({ sort, key, before: { live, draft } }) => {
    const reason = live && whyItMustStay(sort, live as never, context.versions)
    if (reason) throw new CommandError('must-stay', `${called(sort, key, live)} can’t be taken from shoppers. ${reason}`, [key])
    return draftChange(sort, key, { live, draft } as never, { live: null, draft: draft ?? live } as never) as DraftChange
  })
}

/** “The together offer “Take it along”” */
const called = (sort: DraftedSort, key: string, thing: unknown) =>
  `The ${draftedSorts[sort].noun} “${Object.values(nameIn(sort, thing as never))[0] ?? key}”`
