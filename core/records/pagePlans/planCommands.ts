import type { CommandContext } from '../../journal/commandContext'
import type { CommandGroup } from '../../journal/commandGroup'
import { namesIn } from '../../journal/names'
import { blockName, isOfOffers, otherOffers } from '../../pagePlans/block'
import { planDifferences } from '../../pagePlans/planDifferences'
import { listed } from '../../text/sentence'
import { planPagePlans } from './planPagePlans'
import type { PlanCommand } from './planCommandSchema'
import { planCommandSchema } from './planCommandSchema'

export const planCommands: CommandGroup<typeof planCommandSchema> = { schema: planCommandSchema, plan: planPagePlans, words: planWords }

function planWords(command: PlanCommand, context: CommandContext, language: string): string {
  const { plan, drafted, text: words } = namesIn(context, language)
  const block = (name: string) =>
    name === otherOffers ? 'all other offers' : `the ${isOfOffers(name) ? 'offer' : 'section'} ${blockName(name, drafted)}`
  switch (command.type) {
    case 'addPlan':
      return `Added the page plan “${words(command.name)}”`
    case 'changePlan': {
      const before = context.versions.plans.get(command.key)!.draft!
      return (
        `Changed the page plan ${plan(command.key)}: it ` +
        `${listed(planDifferences(before, { ...before, ...command.settings }, key => key)) || 'is as it was'}`
      )
    }
    case 'removePlan':
      return `Removed the page plan ${plan(command.key)}`
    case 'rankPlan':
      return `Moved the page plan ${plan(command.key)} to place ${command.place}`
    case 'placeBlock':
      return `Put ${block(command.block)} on the plan ${plan(command.plan)}`
    case 'unplaceBlock':
      return `Took ${block(command.block)} off the plan ${plan(command.plan)}`
    case 'switchInPlan':
      return `Switched ${block(command.block)} ${command.off ? 'off' : 'on again'} in the plan ${plan(command.plan)}`
  }
}
