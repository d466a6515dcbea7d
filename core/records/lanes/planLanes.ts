import type { Article, CatalogueItem, Category } from '../../catalogue/catalogue'
import { isRetired } from '../../catalogue/catalogue'
import type { Lane } from '../../links/lane'
import { arrangeLinks, detailLinks, insertLinks, isNeverShown, moveLink, removeLinks, targetsOf } from '../../links/lane'
import type { LinkKind } from '../../links/kind'
import type { LanePage } from '../../links/pageLanes'
import { pageLaneKinds, pageOfSource, sourceOfPage } from '../../links/pageLanes'
import type { LaneCommand } from './laneCommandSchema'
import type { LaneChange } from './laneRecords'
import { CommandError } from '../../journal/commandError'
import { listed } from '../../text/sentence'
import { withinCeilings } from './wideEdits'

/** What planning a command on lanes needs to know of the shop. */
export interface LaneContext {
  /** Where the days of dates are meant: a name in the IANA time zone database. */
  timeZone: string
  item(sku: string): CatalogueItem | undefined
  kind(key: string): LinkKind | undefined
  lane(source: string, kind: string): Lane
  article(key: string): Article | undefined
  category(key: string): Category | undefined
  /** The lane of an article or category. */
  pageLane(source: string): Lane
  /** Targets that are not to be suggested, as a lane of their own. */
  dismissed(source: string, kind: string): Lane
}

type OnLanes = Exclude<LaneCommand, { type: 'copy' }>

/** What lanes stand on and lead to: products, or what one of the pages has that have lanes too. */
interface Ends {
  of: LaneChange['of']
  page: LanePage | null
  lane(source: string): Lane
  isKnown(target: string): boolean
  /** Whether a link from this source to this target would lead to itself. */
  leadsTo(source: string, target: string): boolean
}

/** Works out what a command on lanes does. @throws CommandError when it can't be carried out as asked */
export function planLanes(command: LaneCommand, context: LaneContext): LaneChange[] {
  const changes = command.type === 'copy' ? planCopy(command, context) : planOnLanes(command, context)
  return 'keepCeilings' in command && command.keepCeilings ? withinCeilings(changes, context.kind) : changes
}

function planOnLanes(command: OnLanes, context: LaneContext): LaneChange[] {
  const { kind, on } = command
  const ends = endsOf(command, context)
  const lanes = new Map(on.map(({ source }) => [source, ends.lane(source)]))
  for (const { source, seen } of on) if (seen) checkSeen(seen, lanes.get(source)!)
  check(command, lanes, ends, context)

  const changes = Array.from(lanes, ([source, before]): LaneChange => ({
    of: ends.of,
    owner: source,
    key: kind,
    before,
    after: changedLane(command, source, before, ends, context.timeZone),
  }))
  return command.type === 'link' && command.bothWays ? [...changes, ...planReturns(changes, context)] : changes
}

/** @throws CommandError when the sources are not all of one sort, are unknown, or have no such lane */
function endsOf(command: OnLanes, context: LaneContext): Ends {
  const { type, kind, on } = command
  const pages = new Set(on.map(({ source }) => pageOfSource(source)?.page ?? null))
  const [page = null] = pages
  if (pages.size > 1)
    throw new CommandError('unknown-kind', 'Products, articles and categories have lanes of their own each; they are not edited together.')
  if (page === null) {
    checkSources(
      on.map(each => each.source),
      context,
    )
    checkKind(kind, context)
    const of = type === 'dismiss' || type === 'bringBack' ? 'dismissed' : 'links'
    return {
      of,
      page,
      lane: source => (of === 'links' ? context.lane(source, kind) : context.dismissed(source, kind)),
      isKnown: sku => context.item(sku) !== undefined,
      leadsTo: (source, target) => leadsTo(source, target, context),
    }
  }
  if (type === 'dismiss' || type === 'bringBack' || type === 'detail' || (type === 'link' && command.bothWays))
    throw new CommandError('not-on-pages', 'Only links of products have dates, notes, a way back and suggestions.')
  if (kind !== pageLaneKinds[page].key)
    throw new CommandError(
      'unknown-kind',
      `The lane of ${page === 'article' ? 'an article' : 'a category'} is “${pageLaneKinds[page].key}”; there is none of “${kind}”.`,
      [kind],
    )
  const keys = on.map(({ source }) => pageOfSource(source)!.key)
  const unknown = keys.filter(key => !context[page](key))
  if (unknown.length)
    throw new CommandError(
      page === 'article' ? 'unknown-article' : 'unknown-category',
      `There is no ${page} with the key ${listed(unknown)}.`,
      unknown,
    )
  return {
    of: 'pageLinks',
    page,
    lane: source => context.pageLane(source),
    isKnown: page === 'article' ? sku => context.item(sku) !== undefined : key => context.category(key) !== undefined,
    leadsTo: (source, target) => page === 'category' && source === sourceOfPage('category', target),
  }
}

/** What holds for all the lanes together: a command that is about something that none of them has is refused. */
function check(command: OnLanes, lanes: ReadonlyMap<string, Lane>, ends: Ends, context: LaneContext): void {
  const all = [...lanes.values()]
  const longest = Math.max(...all.map(lane => lane.length))
  switch (command.type) {
    case 'link':
      checkTargets(command.targets, lanes, ends, context)
      checkPlace(command.place ?? 1, longest + 1)
      break
    case 'unlink':
    case 'detail':
      checkLinked(command.targets, all)
      break
    case 'move':
      checkLinked([command.target], all)
      checkPlace(command.place, longest)
      break
    case 'arrange':
      checkLinked(command.order, all)
      break
    case 'dismiss':
    case 'bringBack':
      checkKnown(command.targets, context)
  }
}

function changedLane(command: OnLanes, source: string, before: Lane, ends: Ends, timeZone: string): Lane {
  switch (command.type) {
    case 'link': {
      const missing = command.targets.filter(target => !ends.leadsTo(source, target) && !has(before, target))
      return insertLinks(
        before,
        missing.map(target => ({ target })),
        command.place && Math.min(command.place, before.length + 1),
      )
    }
    case 'dismiss':
      return insertLinks(
        before,
        command.targets.filter(target => !has(before, target)).map(target => ({ target })),
      )
    case 'unlink':
    case 'bringBack':
      return removeLinks(before, command.targets)
    case 'move':
      return has(before, command.target) ? moveLink(before, command.target, Math.min(command.place, before.length)) : before
    case 'arrange':
      return arrangeLinks(before, command.order)
    case 'detail': {
      const after = detailLinks(before, command.targets, command.details)
      if (after.some((link, i) => link !== before[i] && isNeverShown(link, timeZone))) {
        throw new CommandError('dates-reversed', 'With these dates the link would never be shown: it ends before it begins.')
      }
      return after
    }
  }
}

/** The links back from what was linked, in lanes of the same kind. */
function planReturns(changes: readonly LaneChange[], context: LaneContext): LaneChange[] {
  const returns = new Map<string, LaneChange>()
  for (const { owner: source, key: kind, before, after } of changes) {
    for (const { target } of after) {
      if (has(before, target)) continue
      const { sku } = context.item(target)!.product
      // A target may be a source too; its lane then already has what was just linked to it.
      const known = changes.find(each => each.owner === sku) ?? returns.get(sku)
      const lane = known?.after ?? context.lane(sku, kind)
      if (lane.some(link => leadsTo(source, link.target, context))) continue
      const withReturn = insertLinks(lane, [{ target: source }])
      if (known) known.after = withReturn
      else returns.set(sku, { of: 'links', owner: sku, key: kind, before: lane, after: withReturn })
    }
  }
  return [...returns.values()]
}

function planCopy({ from, kinds, to, replace }: Extract<LaneCommand, { type: 'copy' }>, context: LaneContext): LaneChange[] {
  checkSources([from, ...to], context)
  for (const kind of kinds) checkKind(kind, context)
  if (to.includes(from)) throw new CommandError('self-link', 'A product’s lanes can’t be copied to itself.', [from])
  return to.flatMap(source =>
    kinds.map(kind => {
      const before = context.lane(source, kind)
      const links = context
        .lane(from, kind)
        .filter(link => !leadsTo(source, link.target, context) && (replace || !has(before, link.target)))
      return { of: 'links' as const, owner: source, key: kind, before, after: replace ? links : insertLinks(before, links) }
    }),
  )
}

const has = (lane: Lane, target: string) => lane.some(link => link.target === target)

/** Whether a link from this product to this target would lead to itself. */
const leadsTo = (source: string, target: string, context: LaneContext) => context.item(target)?.product.sku === source

function checkKnown(skus: readonly string[], context: LaneContext): void {
  const unknown = skus.filter(sku => !context.item(sku))
  if (unknown.length) throw unknownProducts(unknown)
}

function checkSources(sources: readonly string[], context: LaneContext): void {
  checkKnown(sources, context)
  const variant = sources.find(source => context.item(source)!.variant)
  if (variant !== undefined) {
    throw new CommandError(
      'source-is-variant',
      `${variant} is a variant. Links start from its product, ${context.item(variant)!.product.sku}.`,
      [variant],
    )
  }
}

function checkKind(kind: string, context: LaneContext): void {
  const known = context.kind(kind)
  if (!known) throw new CommandError('unknown-kind', `There is no link kind “${kind}”.`, [kind])
  if (known.retired) throw new CommandError('retired-kind', 'This kind is retired. Restore it to change its links.', [kind])
}

function checkSeen(seen: readonly string[], lane: Lane): void {
  const now = targetsOf(lane)
  if (now.length !== seen.length || now.some((target, i) => target !== seen[i])) {
    throw new CommandError('lane-changed', 'This lane was changed elsewhere in the meantime. Nothing was overwritten.')
  }
}

function checkTargets(targets: readonly string[], lanes: ReadonlyMap<string, Lane>, ends: Ends, context: LaneContext): void {
  const unknown = targets.filter(target => !ends.isKnown(target))
  if (unknown.length)
    throw ends.page === 'category'
      ? new CommandError('unknown-category', `There is no category with the key ${listed(unknown)}.`, unknown)
      : unknownProducts(unknown)
  const sources = [...lanes.keys()]
  const self = targets.filter(target => sources.every(source => ends.leadsTo(source, target)))
  if (self.length)
    throw new CommandError(
      'self-link',
      ends.page === 'category'
        ? 'A category can’t be related to itself.'
        : 'A product can’t be linked to itself or to one of its own variants.',
      self,
    )

  const twice = targets.filter((target, i) => targets.indexOf(target) !== i)
  const everywhere = targets.filter(target => sources.every(source => ends.leadsTo(source, target) || has(lanes.get(source)!, target)))
  if (twice.length || everywhere.length) {
    const about = [...new Set([...twice, ...everywhere])]
    throw new CommandError(
      'already-linked',
      `${listed(about)} ${about.length > 1 ? 'stand' : 'stands'} in ${sources.length > 1 ? 'all of these lanes' : 'this lane'} already.`,
      about,
    )
  }

  if (ends.page === 'category') return
  const variant = ends.page === 'article' && targets.find(target => context.item(target)!.variant)
  if (variant)
    throw new CommandError('target-is-variant', `${variant} is a variant. Articles name products: ${context.item(variant)!.product.sku}.`, [
      variant,
    ])
  const retired = targets.filter(target => isRetired(context.item(target)!))
  if (retired.length) {
    throw new CommandError(
      'retired-target',
      `${listed(retired)} ${retired.length > 1 ? 'are' : 'is'} retired and would never be shown.`,
      retired,
    )
  }
}

function checkLinked(targets: readonly string[], lanes: readonly Lane[]): void {
  const missing = targets.filter(target => !lanes.some(lane => has(lane, target)))
  if (missing.length) {
    throw new CommandError(
      'not-linked',
      `${listed(missing)} ${missing.length > 1 ? 'don’t' : 'doesn’t'} stand in ${lanes.length > 1 ? 'any of these lanes' : 'this lane'}.`,
      missing,
    )
  }
}

function checkPlace(place: number, last: number): void {
  if (place > last) throw new CommandError('no-such-place', `There is no place ${place}; the last one is ${last}.`)
}

function unknownProducts(skus: string[]): CommandError {
  return new CommandError('unknown-product', `There is no product with the SKU ${listed(skus)}.`, skus)
}
