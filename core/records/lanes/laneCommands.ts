import type { CommandContext } from '../../journal/commandContext'
import type { CommandGroup } from '../../journal/commandGroup'
import { namesIn } from '../../journal/names'
import type { LinkDetails } from '../../links/lane'
import type { LanePage } from '../../links/pageLanes'
import { pageOfSource } from '../../links/pageLanes'
import { listed } from '../../text/sentence'
import type { Text } from '../../text/text'
import { textIn } from '../../text/text'
import { planLanes } from './planLanes'
import type { LaneCommand } from './laneCommandSchema'
import { laneCommandSchema } from './laneCommandSchema'

type OnLanes = Exclude<LaneCommand, { type: 'copy' }>

export const laneCommands: CommandGroup<typeof laneCommandSchema> = { schema: laneCommandSchema, plan: planLanes, words: laneWords }

function laneWords(command: LaneCommand, context: CommandContext, language: string): string {
  const { name, kind, plural } = namesIn(context, language)
  const things = (skus: readonly string[]) => (skus.length === 1 ? name(skus[0]!) : `${skus.length} products`)
  if (command.type === 'copy') {
    return (
      `Copied the ${listed(command.kinds.map(plural))} of ${name(command.from)} to ` +
      `${things(command.to)}${command.replace ? ', in the place of what stood there' : ''}`
    )
  }
  const page = pageOfSource(command.on[0]!.source)
  if (page) return pageLaneWords(command, page.page, context, language)
  const on = things(command.on.map(each => each.source))
  const as = kind(command.kind)
  switch (command.type) {
    case 'link':
      return `Linked ${things(command.targets)} to ${on} as ${as}${command.bothWays ? ', and back' : ''}`
    case 'unlink':
      return `Removed ${things(command.targets)} as ${as} of ${on}`
    case 'dismiss':
      return `Dismissed ${things(command.targets)} as suggested ${as} of ${on}`
    case 'bringBack':
      return `Brought back ${things(command.targets)} as suggested ${as} of ${on}`
    case 'move':
      return `Moved ${name(command.target)} to place ${command.place} as ${as} of ${on}`
    case 'arrange':
      return `Put the ${plural(command.kind)} of ${on} in order`
    case 'detail':
      return `Set ${detailWords(command.details)} of ${things(command.targets)} as ${as} of ${on}`
  }
}

/** “Added Gloves to the article ‘Spring’”, “Moved Smokers to place 1 of the categories related to ‘Hives’” */
function pageLaneWords(command: OnLanes, page: LanePage, context: CommandContext, language: string): string {
  const words = (text: Text | undefined, key: string) => (text && textIn(text, language, language)) || key
  const nameOf = (target: string) =>
    page === 'article' ? words(context.item(target)?.product.name, target) : words(context.category(target)?.name, target)
  const names = command.on.map(({ source }) => {
    const { key } = pageOfSource(source)!
    return `“${words(page === 'article' ? context.article(key)?.title : context.category(key)?.name, key)}”`
  })
  const lane = page === 'article' ? `the article ${listed(names)}` : `the categories related to ${listed(names)}`
  const several = (targets: readonly string[]) => (page === 'article' ? `${targets.length} products` : `${targets.length} categories`)
  const things = (targets: readonly string[]) => (targets.length === 1 ? nameOf(targets[0]!) : several(targets))
  switch (command.type) {
    case 'link':
      return `Added ${things(command.targets)} to ${lane}`
    case 'unlink':
      return `Took ${things(command.targets)} out of ${lane}`
    case 'move':
      return `Moved ${nameOf(command.target)} to place ${command.place} of ${lane}`
    case 'arrange':
      return page === 'article' ? `Put the products of ${lane} in order` : `Put ${lane} in order`
    // Planning refuses these on pages.
    case 'detail':
    case 'dismiss':
    case 'bringBack':
      throw new Error(`Pages have no command “${command.type}”.`)
  }
}

function detailWords({ from, until, note }: Partial<LinkDetails>): string {
  const dates = [from, until].filter(date => date !== undefined).length
  return listed([...(dates ? ['the dates'] : []), ...(note === undefined ? [] : ['the note'])])
}
