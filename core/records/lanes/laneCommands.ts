import { z } from 'zod'
import { sku } from '../../catalogue/sku'
import type { CommandContext } from '../../journal/commandContext'
import type { CommandGroup } from '../../journal/commandGroup'
import { mostNamed, placeSchema } from '../../journal/commandParts'
import { namesIn } from '../../journal/names'
import { kindKey } from '../../links/kind'
import type { LinkDetails } from '../../links/lane'
import { linkDetails } from '../../links/lane'
import type { LanePage } from '../../links/pageLanes'
import { laneSource, pageOfSource } from '../../links/pageLanes'
import { listed } from '../../text/sentence'
import type { Text } from '../../text/text'
import { textIn } from '../../text/text'
import { planLanes } from './planLanes'

const targets = z.array(sku).min(1, 'Name at least one target.').max(mostNamed)

/**
 * Which lanes a command is about: one kind, on one or several products, or on articles or categories. `seen` are the target SKUs that its sender saw there:
 * an edit of a lane that has changed since is refused. Without it the lane is taken as it is.
 */
const onLanes = {
  kind: kindKey,
  on: z.array(z.strictObject({ source: laneSource, seen: z.array(sku).optional() })).min(1, 'Name at least one product.').max(mostNamed),
}

/** Commands on lanes of links, or of dismissed targets. */
const laneCommandSchema = z.discriminatedUnion('type', [
  /** Adds links at a place, or at the end, to every lane that doesn't have them. */
  z.strictObject({
    type: z.literal('link'), ...onLanes, targets, place: placeSchema.optional(),
    /** Adds the links back from the targets too, at the end of their lanes. */
    bothWays: z.boolean().optional(),
  }),
  z.strictObject({ type: z.literal('unlink'), ...onLanes, targets }),
  /** Puts one link at another place. */
  z.strictObject({ type: z.literal('move'), ...onLanes, target: sku, place: placeSchema }),
  /** Puts the links into this order; those that are not named come after, as they stood. */
  z.strictObject({ type: z.literal('arrange'), ...onLanes, order: targets }),
  /** Sets dates or the note of links. */
  z.strictObject({ type: z.literal('detail'), ...onLanes, targets, details: linkDetails.partial() }),
  /** Keeps targets from being suggested; and lets them be suggested again. */
  z.strictObject({ type: z.literal('dismiss'), ...onLanes, targets }),
  z.strictObject({ type: z.literal('bringBack'), ...onLanes, targets }),
  /** Copies the lanes of a product to others. */
  z.strictObject({
    type: z.literal('copy'), from: sku, kinds: z.array(kindKey).min(1, 'Name at least one kind.'), to: z.array(sku).min(1, 'Name at least one product.').max(mostNamed),
    /** In the place of the links that stand there; otherwise behind them. */
    replace: z.boolean(),
  }),
])
export type LaneCommand = z.infer<typeof laneCommandSchema>
type OnLanes = Exclude<LaneCommand, { type: 'copy' }>

export const laneCommands: CommandGroup<typeof laneCommandSchema> = { schema: laneCommandSchema, plan: planLanes, words: laneWords }

function laneWords(command: LaneCommand, context: CommandContext, language: string): string {
  const { name, kind, plural } = namesIn(context, language)
  const things = (skus: readonly string[]) => skus.length === 1 ? name(skus[0]!) : `${skus.length} products`
  if (command.type === 'copy') {
    return `Copied the ${listed(command.kinds.map(plural))} of ${name(command.from)} to ${things(command.to)}${command.replace ? ', in the place of what stood there' : ''}`
  }
  const page = pageOfSource(command.on[0]!.source)
  if (page) return pageLaneWords(command, page.page, context, language)
  const on = things(command.on.map(each => each.source))
  const as = kind(command.kind)
  switch (command.type) {
    case 'link': return `Linked ${things(command.targets)} to ${on} as ${as}${command.bothWays ? ', and back' : ''}`
    case 'unlink': return `Removed ${things(command.targets)} as ${as} of ${on}`
    case 'dismiss': return `Dismissed ${things(command.targets)} as suggested ${as} of ${on}`
    case 'bringBack': return `Brought back ${things(command.targets)} as suggested ${as} of ${on}`
    case 'move': return `Moved ${name(command.target)} to place ${command.place} as ${as} of ${on}`
    case 'arrange': return `Put the ${plural(command.kind)} of ${on} in order`
    case 'detail': return `Set ${detailWords(command.details)} of ${things(command.targets)} as ${as} of ${on}`
  }
}

/** “Added Gloves to the article ‘Spring’”, “Moved Smokers to place 1 of the categories related to ‘Hives’” */
function pageLaneWords(command: OnLanes, page: LanePage, context: CommandContext, language: string): string {
  const words = (text: Text | undefined, key: string) => (text && textIn(text, language, language)) || key
  const nameOf = (target: string) => page === 'article' ? words(context.item(target)?.product.name, target) : words(context.category(target)?.name, target)
  const names = command.on.map(({ source }) => {
    const { key } = pageOfSource(source)!
    return `“${words(page === 'article' ? context.article(key)?.title : context.category(key)?.name, key)}”`
  })
  const lane = page === 'article' ? `the article ${listed(names)}` : `the categories related to ${listed(names)}`
  const several = (targets: readonly string[]) => page === 'article' ? `${targets.length} products` : `${targets.length} categories`
  const things = (targets: readonly string[]) => targets.length === 1 ? nameOf(targets[0]!) : several(targets)
  switch (command.type) {
    case 'link': return `Added ${things(command.targets)} to ${lane}`
    case 'unlink': return `Took ${things(command.targets)} out of ${lane}`
    case 'move': return `Moved ${nameOf(command.target)} to place ${command.place} of ${lane}`
    case 'arrange': return page === 'article' ? `Put the products of ${lane} in order` : `Put ${lane} in order`
    // Planning refuses these on pages.
    case 'detail': case 'dismiss': case 'bringBack': throw new Error(`Pages have no command “${command.type}”.`)
  }
}

function detailWords({ from, until, note }: Partial<LinkDetails>): string {
  const dates = [from, until].filter(date => date !== undefined).length
  return listed([...dates ? ['the dates'] : [], ...note === undefined ? [] : ['the note']])
}
