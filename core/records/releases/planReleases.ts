import { isEqual } from 'es-toolkit'
import type { PagePlan } from '../../pagePlans/pagePlan'
import { sectionsOf } from '../../pagePlans/pagePlan'
import type { ReleaseContent, Schedule } from '../../releases/release'
import type { Versions } from '../../sections/versions'
import { isUnpublished } from '../../sections/versions'
import { CommandError } from '../../journal/commandError'
import type { DraftChange } from './planPublishing'
import { planPublishing } from './planPublishing'
import { known, lookChange, planChange, sectionChange, settled } from '../drafts/drafts'
import type { DraftContext } from '../drafts/drafts'
import type { ReleaseCommand } from './releaseCommandSchema'
import type { ScheduleChange } from './scheduleRecord'

/** What planning a command on releases needs to know of the shop. */
export interface ReleaseContext extends DraftContext {
  /** What shoppers got with a release. */
  release(number: number): ReleaseContent | undefined
  schedules(): ReadonlyMap<string, Schedule>
}

/** Works out what a command on releases does. @throws CommandError when it can't be carried out as asked */
export function planReleases(command: ReleaseCommand, context: ReleaseContext): (DraftChange | ScheduleChange)[] {
  const sections = context.sectionVersions()
  const plans = context.planVersions()
  const looks = context.lookVersions()
  switch (command.type) {
    case 'publish':
    case 'discard':
      return planPublishing(command, context)
    case 'goBack': {
      const release = context.release(command.release)
      if (!release) throw new CommandError('unknown-release', `There is no release ${command.release}.`, [String(command.release)])
      const kept = keptPlans(plans, release.plans)
      const keptSections = new Set(kept.flatMap(sectionsOf).filter(key => !release.sections.some(each => each.key === key)))
      const changes = [
        ...wentBack(sections, [
          ...release.sections,
          ...[...sections].flatMap(([key, { live }]) => (live && keptSections.has(key) ? [live] : [])),
        ]).map(([key, after]) => sectionChange(key, sections.get(key) ?? null, after)),
        ...wentBack(plans, [...release.plans, ...kept]).map(([key, after]) => planChange(key, plans.get(key) ?? null, after)),
        ...(release.looks ? wentBack(looks, release.looks).map(([key, after]) => lookChange(key, looks.get(key) ?? null, after)) : []),
      ]
      if (changes.every(change => isEqual(change.before, change.after)))
        throw new CommandError('nothing-to-publish', `Shoppers have all of release ${command.release} already.`)
      return changes
    }
    case 'schedulePublish': {
      const drafts = <T>(things: ReadonlyMap<string, Versions<T>>, keys: readonly string[], of: 'section' | 'plan' | 'look') =>
        Object.fromEntries(keys.map(key => [key, known(things, key, of).draft]))
      const pending = [
        ...command.sections.map(key => known(sections, key, 'section')),
        ...command.plans.map(key => known(plans, key, 'plan')),
        ...(command.looks ?? []).map(key => known(looks, key, 'look')),
      ]
      if (!pending.some(each => isUnpublished<unknown>(each)))
        throw new CommandError('nothing-to-publish', 'Nothing of this is unpublished: shoppers have it already.')
      const numbers = [...context.schedules().keys()].map(Number)
      const key = String(Math.max(0, ...numbers) + 1)
      return [
        scheduleChange(key, null, {
          key,
          at: command.at,
          note: command.note,
          sections: drafts(sections, command.sections, 'section'),
          plans: drafts(plans, command.plans, 'plan'),
          looks: drafts(looks, command.looks ?? [], 'look'),
        }),
      ]
    }
    case 'cancelSchedule':
      return [scheduleChange(command.key, scheduled(context, command.key), null)]
    case 'runSchedule': {
      const due = scheduled(context, command.key)
      /** A draft that was changed since stays a draft. */
      const live = <T>(before: Versions<T> | undefined, frozen: T | null): Versions<T> | null =>
        settled({ live: frozen, draft: before ? before.draft : frozen })
      return [
        ...Object.entries(due.sections).map(([key, frozen]) =>
          sectionChange(key, sections.get(key) ?? null, live(sections.get(key), frozen)),
        ),
        ...Object.entries(due.plans).map(([key, frozen]) => planChange(key, plans.get(key) ?? null, live(plans.get(key), frozen))),
        ...Object.entries(due.looks).map(([key, frozen]) => lookChange(key, looks.get(key) ?? null, live(looks.get(key), frozen))),
        scheduleChange(command.key, due, null),
      ]
    }
  }
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

/** Things as they were in a release. A draft of its own stays; what had none follows. */
function wentBack<T extends { key: string }>(things: ReadonlyMap<string, Versions<T>>, then: readonly T[]): [string, Versions<T> | null][] {
  const live = new Map(then.map(each => [each.key, each]))
  return Array.from(new Set([...things.keys(), ...live.keys()]), key => {
    const before = things.get(key) ?? { live: null, draft: null }
    const now = live.get(key) ?? null
    return [key, settled({ live: now, draft: isUnpublished<T>(before) ? before.draft : now })]
  })
}

/** The default plans of those kinds of pages that came after a release: no page is left without a plan. Their sections stay with them. */
const keptPlans = (plans: ReadonlyMap<string, Versions<PagePlan>>, then: readonly PagePlan[]): PagePlan[] =>
  [...plans.values()].flatMap(({ live }) =>
    live?.scope === null && !then.some(each => each.page === live.page && each.scope === null) ? [live] : [],
  )
