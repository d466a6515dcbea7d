import type { CommandGroup } from '../../journal/commandGroup'
import { brandMarkRecord } from './brandMarkRecord'
import { planBrandMarks } from './planBrandMarks'
import { brandMarkCommandSchema } from './brandMarkCommandSchema'

export const brandMarkCommands: CommandGroup<typeof brandMarkCommandSchema> = {
  schema: brandMarkCommandSchema,
  // Shoppers get it at once.
  role: () => 'publisher',
  plan: (command, context) =>
    planBrandMarks(command, { ...context, brandMark: brand => context.states.of(brandMarkRecord).get(brand) ?? null }),
  words: ({ brand, image }) => `${image === null ? 'Took the mark away from' : 'Set the mark of'} the brand ${brand}`,
}
