import type { CommandContext } from '../../journal/commandContext'
import type { CommandGroup } from '../../journal/commandGroup'
import { namesIn } from '../../journal/names'
import { offerDifferences } from '../../offers/offerWords'
import { listed } from '../../text/sentence'
import { planOffers } from './planOffers'
import type { OfferCommand } from './offerCommandSchema'
import { offerCommandSchema } from './offerCommandSchema'

export const offerCommands: CommandGroup<typeof offerCommandSchema> = {
  schema: offerCommandSchema,
  plan: planOffers,
  words: offerWords,
}

function offerWords(command: OfferCommand, context: CommandContext, language: string): string {
  const { text, offer } = namesIn(context, language)
  switch (command.type) {
    case 'addOffer':
      return `Added the together offer “${text(command.settings.heading)}”`
    case 'changeOffer': {
      const before = context.versions.offers.get(command.key)!.draft!
      const changed = listed(offerDifferences(before, { ...before, ...command.settings })) || 'nothing'
      return `Changed ${changed} of the together offer ${offer(command.key)}`
    }
    case 'removeOffer':
      return `Removed the together offer ${offer(command.key)}`
    case 'rankOffer':
      return `Moved the together offer ${offer(command.key)} to place ${command.place}`
  }
}
