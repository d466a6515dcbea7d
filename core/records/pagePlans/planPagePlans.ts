import { isEqual } from 'es-toolkit'
import { isOfOffers, offerOf } from '../../pagePlans/block'
import type { PagePlan } from '../../pagePlans/pagePlan'
import { hasBlock } from '../../pagePlans/pagePlan'
import { pageTypes, zonesOf } from '../../pageTypes/registry'
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
    case 'placeBlock': {
      const before = draft(command.plan)
      checkBlock(command.block, before, context)
      if (!zonesOf(before.page).includes(command.zone))
        throw new CommandError('unknown-zone', `This page has no zone “${command.zone}”.`, [command.zone])
      return [changed(placed(withoutBlock(before, command.block), command.block, command.zone, command.place))]
    }
    case 'unplaceBlock':
      return [changed(withoutBlock(inPlan(draft(command.plan), command.block), command.block, true))]
    case 'switchInPlan': {
      const before = inPlan(draft(command.plan), command.block)
      const off = before.off.filter(block => block !== command.block)
      return [changed({ ...before, off: command.off ? [...off, command.block] : off })]
    }
  }
}

/** Takes a block out of the drafts of all plans. */
export function takenOut(block: string, plans: Plans): PlanChange[] {
  return [...plans].flatMap(([key, versions]) =>
    versions.draft && hasBlock(versions.draft, block)
      ? draftChange('plans', key, versions, { ...versions, draft: withoutBlock(versions.draft, block, true) })
      : [],
  )
}

const draftsOf = (plans: Plans, page: PagePlan['page']) => [...plans.values()].flatMap(({ draft }) => (draft?.page === page ? draft : []))

/** The plans for some pages of a kind, in the order of their ranks. */
const assignedTo = (plans: Plans, page: PagePlan['page']) =>
  draftsOf(plans, page)
    .filter(each => each.scope !== null)
    .sort((a, b) => a.rank - b.rank || (a.key < b.key ? -1 : 1))

/** @throws CommandError when there is no such section or offer, or the plan is for a kind of page without offers */
function checkBlock(block: string, { page }: PagePlan, context: DraftContext): void {
  const offer = offerOf(block)
  if (!isOfOffers(block)) draftOf(context, 'sections', block)
  else if (!pageTypes[page].hasOffers)
    throw new CommandError('no-offers-here', `Together offers stand on pages about products: not on this one (${pageTypes[page].words}).`, [
      block,
    ])
  else if (offer !== null) draftOf(context, 'offers', offer)
}

function inPlan(plan: PagePlan, block: string): PagePlan {
  if (!hasBlock(plan, block)) throw new CommandError('not-in-plan', `The plan ${plan.key} doesn’t have the block ${block}.`, [block])
  return plan
}

/** @param forGood forgets also that it is switched off there */
const withoutBlock = (plan: PagePlan, block: string, forGood = false): PagePlan => ({
  ...plan,
  zones: plan.zones.map(zone => ({ ...zone, blocks: zone.blocks.filter(each => each !== block) })).filter(zone => zone.blocks.length),
  ...(forGood && { off: plan.off.filter(each => each !== block) }),
})

/** @param place counted from 1; none: the last one */
function placed(plan: PagePlan, block: string, zone: string, place: number | undefined): PagePlan {
  const zones = zonesOf(plan.page).map(each => plan.zones.find(known => known.key === each) ?? { key: each, blocks: [] })
  return {
    ...plan,
    zones: zones
      .map(each =>
        each.key === zone
          ? { key: zone, blocks: each.blocks.toSpliced(place === undefined ? each.blocks.length : place - 1, 0, block) }
          : each,
      )
      .filter(each => each.blocks.length),
  }
}
