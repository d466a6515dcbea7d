import { z } from 'zod'
import { pictureAddressSchema } from '../../catalogue/pictureType'

/** Sets the picture that a brand is known by. */
export const brandMarkCommandSchema = z.discriminatedUnion('type', [
  z.strictObject({ type: z.literal('setBrandMark'), brand: z.string().min(1).max(256), image: pictureAddressSchema.nullable() }),
])
export type BrandMarkCommand = z.infer<typeof brandMarkCommandSchema>
