import { isEqual } from 'es-toolkit'
import type { CatalogueItem } from '../../catalogue/catalogue'
import type { LinkKind } from '../../links/kind'
import type { Offer, Offered, OfferSettings } from '../../offers/offer'
import { inOfferOrder } from '../../offers/offered'
import { amountTokens, unknownTokens } from '../../offers/offerTexts'
import { offerBlock } from '../../pagePlans/block'
import type { DraftContext } from '../drafts/drafts'
import { draftChange, draftOf, settled } from '../drafts/drafts'
import { keyFor } from '../../text/keyFor'
import { listed } from '../../text/sentence'
import { takenOut } from '../pagePlans/planPagePlans'
import type { PlanChange } from '../pagePlans/planRecord'
import type { OfferCommand } from './offerCommandSchema'
import type { OfferChange } from './offerRecord'
import { CommandError } from '../../journal/commandError'

/** What planning a command on together offers needs to know of the shop. */
export interface OfferContext extends DraftContext {
  item(sku: string): CatalogueItem | undefined
  kind(key: string): LinkKind | undefined
}

/** Works out what a command on together offers does. @throws CommandError when it can't be carried out as asked */
export function planOffers(command: OfferCommand, context: OfferContext): (OfferChange | PlanChange)[] {
  const { offers } = context.versions
  const inOrder = inOfferOrder([...offers.values()].flatMap(({ draft }) => draft ?? []))
  const change = (key: string, draft: Offer) => draftChange('offers', key, offers.get(key)!, { ...offers.get(key)!, draft })
  if (command.type === 'addOffer') {
    checkOffered(command.settings, null, context)
    checkTexts(command.settings)
    const key = keyFor(Object.values(command.settings.heading)[0] ?? '', taken => offers.has(taken), 'offer')
    const draft = { ...command.settings, key, rank: (inOrder.at(-1)?.rank ?? 0) + 1 }
    return [draftChange('offers', key, null, { live: null, draft })]
  }
  const { key } = command
  const before = draftOf(context, 'offers', key)
  switch (command.type) {
    case 'changeOffer': {
      const { settings, seen } = command
      if (Object.entries(seen).some(([part, value]) => !isEqual(before[part as keyof Offer], value))) {
        throw new CommandError(
          'offer-changed',
          'This offer was changed in the meantime. It is shown as it is now; nothing was overwritten.',
          [key],
        )
      }
      const after = { ...before, ...settings }
      checkOffered(after, before, context)
      checkTexts(settings)
      return [change(key, after)]
    }
    case 'removeOffer':
      return [
        draftChange('offers', key, offers.get(key)!, settled({ ...offers.get(key)!, draft: null })),
        ...takenOut(offerBlock(key), context.versions.plans),
      ]
    case 'rankOffer': {
      const others = inOrder.filter(each => each !== before)
      return others
        .toSpliced(Math.min(command.place, others.length + 1) - 1, 0, before)
        .map((each, i) => change(each.key, { ...each, rank: i + 1 }))
    }
  }
}

function checkTexts({ texts }: Partial<OfferSettings>): void {
  const [unknown] = texts ? unknownTokens(Object.values(texts), amountTokens) : []
  if (unknown !== undefined)
    throw new CommandError(
      'unknown-token',
      `Nothing stands for {${unknown}} here. There are ${listed(amountTokens.map(each => `{${each}}`))}.`,
      [unknown],
    )
}

/** What was offered before may stay, also when the shop doesn't have it any more: it is passed over. */
function checkOffered({ offered, fallbacks }: OfferSettings, before: Offer | null, context: OfferContext): void {
  const skusIn = (ways: readonly Offered[]) => ways.flatMap(each => (each.by === 'chosen' ? each.skus : []))
  const ways = [offered, ...fallbacks]
  for (const each of ways) {
    if (each.by === 'links' && !context.kind(each.kind))
      throw new CommandError('unknown-kind', `There is no link kind “${each.kind}”.`, [each.kind])
  }
  const known = new Set(before ? skusIn([before.offered, ...before.fallbacks]) : [])
  const unknown = skusIn(ways).filter(sku => !known.has(sku) && !context.item(sku))
  if (unknown.length)
    throw new CommandError('unknown-product', `The shop has no product with the SKU ${unknown.slice(0, 3).join(', ')}.`, unknown)
}
