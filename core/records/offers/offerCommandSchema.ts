import { z } from 'zod'
import { placeSchema } from '../../journal/commandParts'
import { offerSettingsSchema } from '../../offers/offer'
import { keySchema } from '../../text/key'

/** Commands on together offers. They change drafts alone: shoppers see nothing of it. */
export const offerCommandSchema = z.discriminatedUnion('type', [
  z.strictObject({ type: z.literal('addOffer'), settings: offerSettingsSchema }),
  /** Sets parts of an offer. `seen` is how its sender saw them: if they have changed since, the command is refused. */
  z.strictObject({
    type: z.literal('changeOffer'),
    key: keySchema,
    settings: offerSettingsSchema.partial(),
    seen: offerSettingsSchema.partial(),
  }),
  z.strictObject({ type: z.literal('removeOffer'), key: keySchema }),
  /** Moves an offer to a place among the others: of several for one product, the first comes first. */
  z.strictObject({ type: z.literal('rankOffer'), key: keySchema, place: placeSchema }),
])
export type OfferCommand = z.infer<typeof offerCommandSchema>
