import { z } from 'zod'
import type { CommandContext } from '../../journal/commandContext'
import type { CommandGroup } from '../../journal/commandGroup'
import { placeSchema } from '../../journal/commandParts'
import { namesIn } from '../../journal/names'
import { pageKind, planScope, planSettings } from '../../pagePlans/pagePlan'
import { planDifferences } from '../../pagePlans/planDifferences'
import { keySchema } from '../../text/key'
import { listed } from '../../text/sentence'
import { text } from '../../text/text'
import { planPagePlans } from './planPagePlans'

/** Commands on page plans. They change drafts alone. */
const planCommandSchema = z.discriminatedUnion('type', [
  /** With the sections of another plan of this kind of page; of the default one, when none is named. */
  z.strictObject({ type: z.literal('addPlan'), page: pageKind, name: text, scope: planScope, like: keySchema.optional() }),
  /** Sets parts of a plan. `seen` is how its sender saw them: if they have changed since, the command is refused. */
  z.strictObject({ type: z.literal('changePlan'), key: keySchema, settings: planSettings.partial(), seen: planSettings.partial() }),
  z.strictObject({ type: z.literal('removePlan'), key: keySchema }),
  /** Moves a plan to a place among the plans for some pages of its kind: of equal ones, the first wins. */
  z.strictObject({ type: z.literal('rankPlan'), key: keySchema, place: placeSchema }),
  /** Puts a section into a zone of a plan, at a place or last. */
  z.strictObject({ type: z.literal('placeSection'), key: keySchema, plan: keySchema, zone: z.string().min(1).max(64), place: placeSchema.optional() }),
  /** Takes a section out of a plan. */
  z.strictObject({ type: z.literal('unplaceSection'), key: keySchema, plan: keySchema }),
  /** Switches a section off, or on again, in one plan. */
  z.strictObject({ type: z.literal('switchInPlan'), key: keySchema, plan: keySchema, off: z.boolean() }),
])
export type PlanCommand = z.infer<typeof planCommandSchema>

export const planCommands: CommandGroup<typeof planCommandSchema> = { schema: planCommandSchema, plan: planPagePlans, words: planWords }

function planWords(command: PlanCommand, context: CommandContext, language: string): string {
  const { plan, section, text: words } = namesIn(context, language)
  switch (command.type) {
    case 'addPlan': return `Added the page plan “${words(command.name)}”`
    case 'changePlan': {
      const before = context.planVersions().get(command.key)!.draft!
      return `Changed the page plan ${plan(command.key)}: it ${listed(planDifferences(before, { ...before, ...command.settings }, key => key)) || 'is as it was'}`
    }
    case 'removePlan': return `Removed the page plan ${plan(command.key)}`
    case 'rankPlan': return `Moved the page plan ${plan(command.key)} to place ${command.place}`
    case 'placeSection': return `Put the section ${section(command.key)} on the plan ${plan(command.plan)}`
    case 'unplaceSection': return `Took the section ${section(command.key)} off the plan ${plan(command.plan)}`
    case 'switchInPlan': return `Switched the section ${section(command.key)} ${command.off ? 'off' : 'on again'} in the plan ${plan(command.plan)}`
  }
}
