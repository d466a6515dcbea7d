import { isEqual } from 'es-toolkit'
import type { PagePlan } from '../../pagePlans/pagePlan'
import { hasSection } from '../../pagePlans/pagePlan'
import { zonesOf } from '../../pageTypes/registry'
import type { Versions } from '../../sections/versions'
import { keyFor } from '../../text/keyFor'
import type { PlanCommand } from './planCommandSchema'
import type { PlanChange } from './planRecord'
import { CommandError } from '../../journal/commandError'
import { draftChange, draftOf, known, settled } from '../drafts/drafts'
import type { DraftContext } from '../drafts/drafts'

type Plans = ReadonlyMap<string, Versions<PagePlan>>

/** Works out what a command on page plans does. @throws CommandError when it can't be carried out as asked */
export function planPagePlans(command: PlanCommand, context: DraftContext): PlanChange[] {
  const { plans } = context.versions
  const draft = (key: string) => draftOf(context, 'plans', key)
  const changed = (after: PagePlan) => draftChange('plans', after.key, plans.get(after.key)!, { ...plans.get(after.key)!, draft: after })
  switch (command.type) {
    case 'addPlan': {
      const { page, name, scope } = command
      const key = keyFor(Object.values(name)[0] ?? '', taken => plans.has(taken), 'plan')
      const like = command.like === undefined ? draftsOf(plans, page).find(each => each.scope === null)! : draft(command.like)
      if (like.page !== page) throw new CommandError('other-page', `The plan ${like.key} is for another kind of page.`, [like.key])
      const rank = Math.max(0, ...assignedTo(plans, page).map(each => each.rank)) + 1
      return [draftChange('plans', key, null, { live: null, draft: { ...like, key, name, scope, rank } })]
    }
    case 'changePlan': {
      const { key, settings, seen } = command
      const before = draft(key)
      if (Object.entries(seen).some(([part, value]) => !isEqual(before[part as keyof PagePlan], value))) {
        throw new CommandError(
          'plan-changed',
          'This page plan was changed in the meantime. It is shown as it is now; nothing was overwritten.',
          [key],
        )
      }
      if (settings.scope !== undefined && (settings.scope === null) !== (before.scope === null)) {
        throw new CommandError(
          'default-plan',
          before.scope === null
            ? 'The default plan is for all pages that no other plan is for; add another plan for some of them.'
            : 'There is one default plan for each kind of page. Say what this one is for.',
          [key],
        )
      }
      return [changed({ ...before, ...settings })]
    }
    case 'removePlan': {
      if (draft(command.key).scope === null)
        throw new CommandError('default-plan', 'The default plan stays: every page needs one.', [command.key])
      const before = known(context, 'plans', command.key)
      return [draftChange('plans', command.key, before, settled({ ...before, draft: null }))]
    }
    case 'rankPlan': {
      const moved = draft(command.key)
      if (moved.scope === null) throw new CommandError('default-plan', 'The default plan always comes last.', [command.key])
      const others = assignedTo(plans, moved.page).filter(each => each.key !== moved.key)
      return others.toSpliced(command.place - 1, 0, moved).map((plan, i) => changed({ ...plan, rank: i + 1 }))
    }
    case 'placeSection': {
      draftOf(context, 'sections', command.key)
      const before = draft(command.plan)
      if (!zonesOf(before.page).includes(command.zone))
        throw new CommandError('unknown-zone', `This page has no zone “${command.zone}”.`, [command.zone])
      return [changed(placed(withoutSection(before, command.key), command.key, command.zone, command.place))]
    }
    case 'unplaceSection':
      return [changed(withoutSection(inPlan(draft(command.plan), command.key), command.key, true))]
    case 'switchInPlan': {
      const before = inPlan(draft(command.plan), command.key)
      const off = before.off.filter(key => key !== command.key)
      return [changed({ ...before, off: command.off ? [...off, command.key] : off })]
    }
  }
}

/** Takes a section out of the drafts of all plans. */
export function takenOut(section: string, plans: Plans): PlanChange[] {
  return [...plans].flatMap(([key, versions]) =>
    versions.draft && hasSection(versions.draft, section)
      ? draftChange('plans', key, versions, { ...versions, draft: withoutSection(versions.draft, section, true) })
      : [],
  )
}

const draftsOf = (plans: Plans, page: PagePlan['page']) => [...plans.values()].flatMap(({ draft }) => (draft?.page === page ? draft : []))

/** The plans for some pages of a kind, in the order of their ranks. */
const assignedTo = (plans: Plans, page: PagePlan['page']) =>
  draftsOf(plans, page)
    .filter(each => each.scope !== null)
    .sort((a, b) => a.rank - b.rank || (a.key < b.key ? -1 : 1))

function inPlan(plan: PagePlan, key: string): PagePlan {
  if (!hasSection(plan, key)) throw new CommandError('not-in-plan', `The plan ${plan.key} doesn’t have the section ${key}.`, [key])
  return plan
}

/** @param forGood forgets also that it is switched off there */
const withoutSection = (plan: PagePlan, key: string, forGood = false): PagePlan => ({
  ...plan,
  zones: plan.zones.map(zone => ({ ...zone, sections: zone.sections.filter(each => each !== key) })).filter(zone => zone.sections.length),
  ...(forGood && { off: plan.off.filter(each => each !== key) }),
})

/** @param place counted from 1; none: the last one */
function placed(plan: PagePlan, key: string, zone: string, place: number | undefined): PagePlan {
  const zones = zonesOf(plan.page).map(each => plan.zones.find(known => known.key === each) ?? { key: each, sections: [] })
  return {
    ...plan,
    zones: zones
      .map(each =>
        each.key === zone
          ? { key: zone, sections: each.sections.toSpliced(place === undefined ? each.sections.length : place - 1, 0, key) }
          : each,
      )
      .filter(each => each.sections.length),
  }
}
