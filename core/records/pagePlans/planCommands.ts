import type { CommandContext } from '../../journal/commandContext'
import type { CommandGroup } from '../../journal/commandGroup'
import { namesIn } from '../../journal/names'
import { planDifferences } from '../../pagePlans/planDifferences'
import { listed } from '../../text/sentence'
import { planPagePlans } from './planPagePlans'
import type { PlanCommand } from './planCommandSchema'
import { planCommandSchema } from './planCommandSchema'

export const planCommands: CommandGroup<typeof planCommandSchema> = { schema: planCommandSchema, plan: planPagePlans, words: planWords }

function planWords(command: PlanCommand, context: CommandContext, language: string): string {
  const { plan, section, text: words } = namesIn(context, language)
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
    case 'placeSection':
      return `Put the section ${section(command.key)} on the plan ${plan(command.plan)}`
    case 'unplaceSection':
      return `Took the section ${section(command.key)} off the plan ${plan(command.plan)}`
    case 'switchInPlan':
      return `Switched the section ${section(command.key)} ${command.off ? 'off' : 'on again'} in the plan ${plan(command.plan)}`
  }
}
