import { z } from 'zod'

/** How what is offered stands: beside each other, below each other, or as a list to tick. Only of a list to tick a part can be taken. */
export const offerLayoutSchema = z.enum(['row', 'list', 'checklist'])
export type OfferLayout = z.infer<typeof offerLayoutSchema>

/** What is shown of each product. */
export const offerPartSchema = z.enum(['picture', 'name', 'price', 'was'])
export type OfferPart = z.infer<typeof offerPartSchema>

export const offerPartsSchema = z
  .array(offerPartSchema)
  .refine(parts => parts.includes('picture') || parts.includes('name'), 'An offer shows the pictures of its products, or their names.')

export const allOfferParts: OfferPart[] = [...offerPartSchema.options]
