import { z } from 'zod'
import { chosenPictureSchema } from '../../catalogue/pictureAddress'

/** Sets the picture that a brand is known by. */
export const brandMarkCommandSchema = z.discriminatedUnion('type', [
  z.strictObject({ type: z.literal('setBrandMark'), brand: z.string().min(1).max(256), image: chosenPictureSchema.nullable() }),
])
export type BrandMarkCommand = z.infer<typeof brandMarkCommandSchema>
