import { z } from 'zod'
import { pictureAddress } from '../../catalogue/pictureType'
import type { CommandGroup } from '../../journal/commandGroup'
import { brandMarkRecord } from './brandMarkRecord'
import { planBrandMarks } from './planBrandMarks'

/** Sets the picture that a brand is known by. */
const brandMarkCommandSchema = z.discriminatedUnion('type', [
  z.strictObject({ type: z.literal('setBrandMark'), brand: z.string().min(1).max(256), image: pictureAddress.nullable() }),
])
export type BrandMarkCommand = z.infer<typeof brandMarkCommandSchema>

export const brandMarkCommands: CommandGroup<typeof brandMarkCommandSchema> = {
  schema: brandMarkCommandSchema,
  plan: (command, context) => planBrandMarks(command, { ...context, brandMark: brand => context.states.of(brandMarkRecord).get(brand) ?? null }),
  words: ({ brand, image }) => `${image === null ? 'Took the mark away from' : 'Set the mark of'} the brand ${brand}`,
}
