import type { LinkKind } from '../links/kind'
import type { Change } from './change'
import { isEmpty } from './change'
import type { Command } from './command'
import type { BrandMarkContext } from './planBrandMarks'
import { planBrandMarks } from './planBrandMarks'
import type { BundleContext } from './planBundles'
import { planBundles } from './planBundles'
import type { CheckContext } from './planChecks'
import { planChecks } from './planChecks'
import { planKinds } from './planKinds'
import { planLooks } from './planLooks'
import type { NeighboursContext } from './planNeighbours'
import { planNeighbours } from './planNeighbours'
import { planPagePlans } from './planPagePlans'
import type { OfferContext } from './planOffers'
import { planOffers } from './planOffers'
import type { ReleaseContext } from './planReleases'
import { planReleases } from './planReleases'
import { planSections } from './planSections'
import type { SwitchContext } from './planSwitch'
import { planSwitch } from './planSwitch'
import type { LaneContext } from './planLanes'
import { planLanes } from './planLanes'

/** What planning a command needs to know of the shop. */
export interface CommandContext extends LaneContext, NeighboursContext, SwitchContext, ReleaseContext, BrandMarkContext, BundleContext, OfferContext, CheckContext {
  /** All kinds in their order. */
  kinds(): readonly LinkKind[]
}

/**
 * Works out what a command does, without doing it.
 * @returns what it changes; nothing when everything is already as it asks for
 * @throws CommandError when it can't be carried out as asked
 */
export function planCommand(command: Command, context: CommandContext): Change[] {
  return plan(command, context).filter(change => !isEmpty(change))
}

function plan(command: Command, context: CommandContext): Change[] {
  switch (command.type) {
    case 'addKind': case 'changeKind': case 'orderKinds': case 'retireKind': case 'restoreKind': return planKinds(command, context.kinds())
    case 'setNeighbours': return planNeighbours(command, context)
    case 'addSection': case 'changeSection': case 'removeSection': case 'publish': case 'discard': return planSections(command, context)
    case 'addPlan': case 'changePlan': case 'removePlan': case 'rankPlan': case 'placeSection': case 'unplaceSection': case 'switchInPlan':
      return planPagePlans(command, context)
    case 'addLook': case 'changeLook': case 'removeLook': return planLooks(command, context)
    case 'goBack': case 'schedulePublish': case 'cancelSchedule': case 'runSchedule': return planReleases(command, context)
    case 'putAside': case 'takeUp': case 'mend': return planChecks(command, context)
    case 'addBundle': case 'changeBundle': case 'removeBundle': return planBundles(command, context)
    case 'addOffer': case 'changeOffer': case 'removeOffer': case 'rankOffer': return planOffers(command, context)
    case 'setBrandMark': return planBrandMarks(command, context)
    case 'switchSection': return planSwitch(command, context)
    default: return planLanes(command, context)
  }
}
