import { isEqual } from 'es-toolkit'
import { CommandError } from '../../journal/commandError'
import type { AllVersions, DraftedSort, DraftedThings } from '../../releases/draftedSorts'
import { draftedSortNames, forEachSort } from '../../releases/draftedSorts'
import type { ReleaseContent, Schedule } from '../../releases/release'
import { withKept } from '../../releases/withKept'
import type { Versions } from '../../sections/versions'
import type { DraftChange } from '../drafts/drafts'
import { draftChange, settled } from '../drafts/drafts'
import type { PublishContext } from './planPublishing'
import { planPublishing, planUnpublishing, publishable } from './planPublishing'
import type { ReleaseCommand } from './releaseCommandSchema'
import type { ScheduleChange } from './scheduleRecord'

/** What planning a command on releases needs to know of the shop. */
export interface ReleaseContext extends PublishContext {
  /** What shoppers got with a release. */
  release(number: number): ReleaseContent | undefined
  schedules(): ReadonlyMap<string, Schedule>
}

/** Works out what a command on releases does. @throws CommandError when it can't be carried out as asked */
export function planReleases(command: ReleaseCommand, context: ReleaseContext): (DraftChange | ScheduleChange)[] {
  switch (command.type) {
    case 'publish':
    case 'discard':
      return planPublishing(command, context)
    case 'unpublish':
      return planUnpublishing(command, context)
    case 'goBack': {
      const release = context.release(command.release)
      if (!release) throw new CommandError('unknown-release', `There is no release ${command.release}.`, [String(command.release)])
      const then = withKept(release, context.versions)
      const changes = draftedSortNames.flatMap(sort => wentBack(sort, context.versions, then[sort]))
      if (changes.every(change => isEqual(change.before, change.after)))
        throw new CommandError('nothing-to-publish', `Shoppers have all of release ${command.release} already.`)
      return changes
    }
    case 'schedulePublish': {
      const named = publishable(command, context)
      const numbers = [...context.schedules().keys()].map(Number)
      const key = String(Math.max(0, ...numbers) + 1)
      const drafts = forEachSort(sort =>
        Object.fromEntries(named.filter(each => each.sort === sort).map(each => [each.key, each.before.draft])),
      ) as unknown as Pick<Schedule, DraftedSort>
      return [scheduleChange(key, null, { key, at: command.at, note: command.note, ...drafts })]
    }
    case 'cancelSchedule':
      return [scheduleChange(command.key, scheduled(context, command.key), null)]
    case 'runSchedule': {
      const due = scheduled(context, command.key)
      return [
        ...draftedSortNames.flatMap(sort =>
          Object.entries(due[sort]).map(([key, frozen]) => wentLive(sort, key, context.versions, frozen)),
        ),
        scheduleChange(command.key, due, null),
      ]
    }
  }
}

/** A thing as it was frozen is live; a draft of it that was changed since stays a draft. */
function wentLive<Sort extends DraftedSort>(
  sort: Sort,
  key: string,
  versions: AllVersions,
  frozen: DraftedThings[Sort] | null,
): DraftChange {
  const before = versions[sort].get(key) ?? null
  return draftChange(sort, key, before, settled({ live: frozen, draft: before ? before.draft : frozen })) as DraftChange
}

const scheduleChange = (key: string, before: Schedule | null, after: Schedule | null): ScheduleChange => ({
  of: 'schedule',
  owner: '',
  key: key,
  before,
  after,
})

function scheduled(context: ReleaseContext, key: string): Schedule {
  const found = context.schedules().get(key)
  if (!found) throw new CommandError('unknown-schedule', 'This publishing was carried out or cancelled already.', [key])
  return found
}

/** Things of a sort as they were in a release; null: it has none of this sort. Drafts stay as they are. */
function wentBack<Sort extends DraftedSort>(sort: Sort, versions: AllVersions, then: readonly DraftedThings[Sort][] | null): DraftChange[] {
  if (!then) return []
  const things: ReadonlyMap<string, Versions<DraftedThings[Sort]>> = versions[sort]
  const live = new Map(then.map(each => [each.key, each]))
  return Array.from(new Set([...things.keys(), ...live.keys()]), key => {
    const before = things.get(key) ?? null
    const now = live.get(key) ?? null
    return draftChange(sort, key, before, settled<DraftedThings[Sort]>({ live: now, draft: before?.draft ?? null })) as DraftChange
  })
}
