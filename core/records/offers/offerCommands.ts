import type { CommandContext } from '../../journal/commandContext'
import type { CommandGroup } from '../../journal/commandGroup'
import { namesIn } from '../../journal/names'
import { offerDifferences } from '../../offers/offerWords'
import { listed } from '../../text/sentence'
import { offerRecord } from './offerRecord'
import { planOffers } from './planOffers'
import type { OfferCommand } from './offerCommandSchema'
import { offerCommandSchema } from './offerCommandSchema'

export const offerCommands: CommandGroup<typeof offerCommandSchema> = {
  schema: offerCommandSchema,
  // Shoppers get it at once.
  role: () => 'publisher',
  plan: (command, context) => planOffers(command, { ...context, offers: () => context.states.of(offerRecord) }),
  words: offerWords,
}

function offerWords(command: OfferCommand, context: CommandContext, language: string): string {
  const { text } = namesIn(context, language)
  const offers = context.states.of(offerRecord)
  const name = (key: string) => `“${text(offers.get(key)!.heading) || key}”`
  switch (command.type) {
    case 'addOffer':
      return `Added the together offer “${text(command.settings.heading)}”`
    case 'changeOffer': {
      const before = offers.get(command.key)!
      const after = { ...before, ...command.settings }
      const changed = offerDifferences(before, after)
      if (changed.length === 1 && before.active !== after.active)
        return `Switched the together offer ${name(command.key)} ${after.active ? 'on' : 'off'}`
      return `Changed ${listed(changed) || 'nothing'} of the together offer ${name(command.key)}`
    }
    case 'removeOffer':
      return `Removed the together offer ${name(command.key)}`
    case 'rankOffer':
      return `Moved the together offer ${name(command.key)} to place ${command.place}`
  }
}
