import type { CatalogueItem } from '../../../catalogue/catalogue'
import { isRetired } from '../../../catalogue/catalogue'
import type { LaneChange } from '../../../records/lanes/laneRecords'
import type { LinkKind } from '../../../links/kind'
import type { Lane, Link } from '../../../links/lane'
import { detailLinks, isNeverShown, sameLane } from '../../../links/lane'
import type { ImportPart, ImportSummary } from '../../importReport'
import { RowError } from '../../fileRow'
import type { LinkFileRow } from './linkRow'
import { linkRowAgain } from './linkRow'

/** What planning an import of links needs to know of the shop. */
export interface LinkImportContext {
  /** Where the days of dates are meant. */
  timeZone: string
  item(sku: string): CatalogueItem | undefined
  kind(key: string): LinkKind | undefined
  lane(source: string, kind: string): Lane
}

export interface LinkLine {
  /** Line of the file, counted from 1. */
  line: number
  row: LinkFileRow
}

/** Lanes that are planned before a pause. */
const lanesInStep = 20
const linesInStep = 2000

/**
 * Works out what a file of links asks for. Links that it doesn't name stay. In a lane
 * - a row with a place puts its link at that place of the finished lane;
 * - a row without one leaves a link where it stands among the others, and puts a new one at the end, in the file's order;
 * - rows that name every link of the lane, all without a place, are its order.
 * A step is some lanes, each worked out on the lane as it is then; the caller may pause between them.
 * @returns how the rows are counted; the steps are what is changed by those that can be taken
 */
export function* planLinkImport(lines: readonly LinkLine[], context: LinkImportContext): Generator<ImportPart, ImportSummary> {
  const plan: ImportSummary = { created: 0, updated: 0, unchanged: 0, effects: [], rejections: [] }
  let part: ImportPart = nothing()
  let lanes = 0
  for (const lane of yield* byLane(lines)) {
    const change = planLane(lane, context, plan)
    if (change) part.changes.push(change)
    part.rows += lane.length
    if (++lanes % lanesInStep !== 0) continue
    yield part
    part = nothing()
  }
  yield part
  plan.rejections.sort(byLine)
  plan.effects.sort(byLine)
  return plan
}

const nothing = (): ImportPart => ({ changes: [], rows: 0 })

function* byLane(lines: readonly LinkLine[]): Generator<ImportPart, Iterable<LinkLine[]>> {
  const lanes = new Map<string, LinkLine[]>()
  for (const [i, each] of lines.entries()) {
    if (i % linesInStep === linesInStep - 1) yield nothing()
    // No SKU has a comma.
    const key = `${each.row.source},${each.row.kind}`
    const lane = lanes.get(key)
    if (lane) lane.push(each)
    else lanes.set(key, [each])
  }
  return lanes.values()
}

function planLane(lines: readonly LinkLine[], context: LinkImportContext, plan: ImportSummary): LaneChange | null {
  const { source, kind } = lines[0]!.row
  const before = context.lane(source, kind)
  const links = new Map(before.map(link => [link.target, link]))
  const reject = ({ line, row }: LinkLine, { column, message }: RowError) =>
    plan.rejections.push({ line, column, reason: message, row: linkRowAgain(row) })

  let taken: LinkLine[] = []
  const lineOf = new Map<string, number>()
  for (const each of lines) {
    const problem = problemOf(each.row, links.get(each.row.target), lineOf, context)
    if (problem) reject(each, problem)
    else {
      taken.push(each)
      lineOf.set(each.row.target, each.line)
    }
  }
  for (const [each, problem] of placeProblems(taken, links)) {
    reject(each, problem)
    taken = taken.filter(one => one !== each)
  }
  if (!taken.length) return null

  const rows = new Map(taken.map(({ row }) => [row.target, row]))
  const lineNumber = new Map(taken.map(({ line, row }) => [row.target, line]))
  const order = orderOf(taken, before)
  const after = order.map(target => withDetails(links.get(target) ?? { target }, rows.get(target)))
  const inFileOrder = isOrder(taken, before)
  for (const [i, link] of after.entries()) {
    const row = rows.get(link.target)
    const was = links.get(link.target)
    if (!row) continue
    const moved = was !== undefined && (row.place !== null || inFileOrder) && before[i] !== was
    const changed = was ? changedDetails(was, link) : []
    const line = lineNumber.get(link.target)!
    if (!was) {
      plan.created++
      plan.effects.push({ line, is: 'created', words: `${link.target} as ${kind} of ${source}, place ${i + 1}` })
    } else if (moved || changed.length) {
      plan.updated++
      plan.effects.push({
        line,
        is: 'updated',
        words:
          `${link.target} as ${kind} of ${source}: ` +
          `${[...(moved ? [`place ${before.indexOf(was) + 1} → ${i + 1}`] : []), ...changed].join(', ')}`,
      })
    } else plan.unchanged++
  }
  return sameLane(before, after) ? null : { of: 'links', owner: source, key: kind, before, after }
}

/** Why a row can't be taken, whatever its place. */
function problemOf(
  row: LinkFileRow,
  link: Link | undefined,
  lineOf: ReadonlyMap<string, number>,
  context: LinkImportContext,
): RowError | null {
  const source = context.item(row.source)
  const target = context.item(row.target)
  const kind = context.kind(row.kind)
  if (!source) return new RowError('source', `There is no product with the SKU ${row.source}.`)
  if (source.variant) return new RowError('source', `${row.source} is a variant. Links start from its product, ${source.product.sku}.`)
  if (!kind) return new RowError('kind', `There is no link kind “${row.kind}”.`)
  if (!target) return new RowError('target', `There is no product or variant with the SKU ${row.target}.`)
  if (target.product === source.product) return new RowError('target', 'A product can’t be linked to itself or to one of its own variants.')
  if (lineOf.has(row.target)) return new RowError('target', `Line ${lineOf.get(row.target)} has the same link.`)
  if (!link && kind.retired) return new RowError('kind', `The kind “${row.kind}” is retired; it gets no new links.`)
  if (!link && isRetired(target)) return new RowError('target', `${row.target} is retired and would never be shown.`)
  if (isNeverShown(withDetails(link ?? { target: row.target }, row), context.timeZone))
    return new RowError('until', 'With these dates the link would never be shown: it ends before it begins.')
  return null
}

/** Rows whose places can't all be had: two at one place, or one behind the end of the lane. */
function placeProblems(lines: readonly LinkLine[], links: ReadonlyMap<string, Link>): [LinkLine, RowError][] {
  const problems: [LinkLine, RowError][] = []
  const at = new Map<number, number>()
  for (const each of lines) {
    const { place } = each.row
    if (place === null) continue
    if (at.has(place)) problems.push([each, new RowError('place', `Line ${at.get(place)} has place ${place} of this lane already.`)])
    else at.set(place, each.line)
  }
  const isNew = (each: LinkLine) => !links.has(each.row.target)
  const gone = new Set(problems.map(([each]) => each))
  let length = links.size + lines.filter(each => isNew(each) && !gone.has(each)).length
  // From behind: what is not taken makes the lane shorter for those before it.
  const placed = lines.filter(each => each.row.place !== null && !gone.has(each)).toSorted((a, b) => b.row.place! - a.row.place!)
  for (const each of placed) {
    if (each.row.place! <= length) break
    problems.push([
      each,
      new RowError(
        'place',
        `There is no place ${each.row.place}: with this file the lane has ${length} ${length === 1 ? 'link' : 'links'}.`,
      ),
    ])
    if (isNew(each)) length--
  }
  return problems
}

/** Whether the rows are the lane's order: all of its links, none with a place. */
function isOrder(lines: readonly LinkLine[], before: Lane): boolean {
  const named = new Set(lines.map(each => each.row.target))
  return lines.every(each => each.row.place === null) && before.every(link => named.has(link.target))
}

/** The targets of the finished lane, in order. */
function orderOf(lines: readonly LinkLine[], before: Lane): string[] {
  if (isOrder(lines, before)) return lines.map(each => each.row.target)
  const placed = new Map(lines.flatMap(({ row }) => (row.place === null ? [] : [[row.place, row.target] as const])))
  const targets = new Set([...before.map(link => link.target), ...lines.map(each => each.row.target)])
  const fixed = new Set(placed.values())
  const rest = [...targets].filter(target => !fixed.has(target)).values()
  return Array.from(targets, (_, i) => placed.get(i + 1) ?? rest.next().value!)
}

const changedDetails = (was: Link, now: Link) =>
  (['from', 'until', 'note'] as const)
    .filter(detail => was[detail] !== now[detail])
    .map(detail => (now[detail] === undefined ? `no ${detail}` : `${detail} ${now[detail]}`))
const byLine = (a: { line: number }, b: { line: number }) => a.line - b.line
const withDetails = (link: Link, row: LinkFileRow | undefined) => (row ? detailLinks([link], [link.target], row.details)[0]! : link)
