import { z } from 'zod'
import type { CommandContext } from '../../journal/commandContext'
import type { CommandGroup } from '../../journal/commandGroup'
import { placeSchema } from '../../journal/commandParts'
import { namesIn } from '../../journal/names'
import { offerSettings } from '../../offers/offer'
import { offerDifferences } from '../../offers/offerWords'
import { keySchema } from '../../text/key'
import { listed } from '../../text/sentence'
import { offerRecord } from './offerRecord'
import { planOffers } from './planOffers'

/** Commands on together offers. Shoppers have what they change at once. */
const offerCommandSchema = z.discriminatedUnion('type', [
  z.strictObject({ type: z.literal('addOffer'), settings: offerSettings }),
  /** Sets parts of an offer. `seen` is how its sender saw them: if they have changed since, the command is refused. */
  z.strictObject({ type: z.literal('changeOffer'), key: keySchema, settings: offerSettings.partial(), seen: offerSettings.partial() }),
  z.strictObject({ type: z.literal('removeOffer'), key: keySchema }),
  /** Moves an offer to a place among the others: of several for one product, the first comes first. */
  z.strictObject({ type: z.literal('rankOffer'), key: keySchema, place: placeSchema }),
])
export type OfferCommand = z.infer<typeof offerCommandSchema>

export const offerCommands: CommandGroup<typeof offerCommandSchema> = { schema: offerCommandSchema, plan: (command, context) => planOffers(command, { ...context, offers: () => context.states.of(offerRecord) }), words: offerWords }

function offerWords(command: OfferCommand, context: CommandContext, language: string): string {
  const { text } = namesIn(context, language)
  const offers = context.states.of(offerRecord)
  const name = (key: string) => `“${text(offers.get(key)!.heading) || key}”`
  switch (command.type) {
    case 'addOffer': return `Added the together offer “${text(command.settings.heading)}”`
    case 'changeOffer': {
      const before = offers.get(command.key)!
      const after = { ...before, ...command.settings }
      const changed = offerDifferences(before, after)
      if (changed.length === 1 && before.active !== after.active) return `Switched the together offer ${name(command.key)} ${after.active ? 'on' : 'off'}`
      return `Changed ${listed(changed) || 'nothing'} of the together offer ${name(command.key)}`
    }
    case 'removeOffer': return `Removed the together offer ${name(command.key)}`
    case 'rankOffer': return `Moved the together offer ${name(command.key)} to place ${command.place}`
  }
}
