import type { CatalogueItem } from '../../../catalogue/catalogue'
import { isRetired } from '../../../catalogue/catalogue'
import type { LaneChange } from '../../../records/lanes/laneRecords'
import type { LinkKind } from '../../../links/kind'
import type { Lane, Link } from '../../../links/lane'
import { detailLinks, isNeverShown, sameLane } from '../../../links/lane'
import type { ImportPart, ImportSummary } from '../../importReport'
import { RowError, RowFaults } from '../../fileRow'
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
 * - a row with a place puts its link at that place of the finished lane, or, when the lane is not so long, at its end in the places' order;
 * - a row without one leaves a link where it stands among the others, and puts a new one at the end, in the file's order;
 * - rows that name every link of the lane, all without a place, are its order.
 * A step is some lanes, each worked out on the lane as it is then; the caller may pause between them.
 * @returns how the rows are counted; the steps are what is changed by those that can be taken
 */
export function* planLinkImport(lines: readonly LinkLine[], context: LinkImportContext): Generator<ImportPart, ImportSummary> {
  const plan: ImportSummary = { created: 0, updated: 0, unchanged: 0, effects: [], rejections: [], notes: [] }
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
  plan.notes.sort(byLine)
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
  const reject = ({ line, row }: LinkLine, { column, message, more }: RowError) =>
    plan.rejections.push({ line, column, reason: message, more: [...more], row: linkRowAgain(row) })

  let taken: LinkLine[] = []
  const lineOf = new Map<string, number>()
  for (const each of lines) {
    try {
      checkRow(each.row, links.get(each.row.target), lineOf, context)
      taken.push(each)
      lineOf.set(each.row.target, each.line)
    } catch (error) {
      if (!(error instanceof RowError)) throw error
      reject(each, error)
    }
  }
  for (const [each, problem] of placeProblems(taken)) {
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
    if (!was && isRetired(context.item(link.target)!))
      plan.notes.push({ line, column: 'target', words: `${link.target} is retired: the link is kept, and shoppers don’t see it.` })
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

/** Why a row can't be taken, whatever its place. @throws RowError with all that is wrong with it */
function checkRow(row: LinkFileRow, link: Link | undefined, lineOf: ReadonlyMap<string, number>, context: LinkImportContext): void {
  const source = context.item(row.source)
  const target = context.item(row.target)
  const kind = context.kind(row.kind)
  const faults = new RowFaults()
  if (!source) faults.note('source', `There is no product with the SKU ${row.source}.`)
  else if (source.variant) faults.note('source', `${row.source} is a variant. Links start from its product, ${source.product.sku}.`)
  if (!kind) faults.note('kind', `There is no link kind “${row.kind}”.`)
  if (!target) faults.note('target', `There is no product or variant with the SKU ${row.target}.`)
  else if (target.product === source?.product) faults.note('target', 'A product can’t be linked to itself or to one of its own variants.')
  else if (lineOf.has(row.target)) faults.note('target', `Line ${lineOf.get(row.target)} has the same link.`)
  if (!link && kind?.retired) faults.note('kind', `The kind “${row.kind}” is retired; it gets no new links.`)
  if (isNeverShown(withDetails(link ?? { target: row.target }, row), context.timeZone))
    faults.note('until', 'With these dates the link would never be shown: it ends before it begins.')
  faults.end()
}

/** Rows that ask for a place which another has. */
function placeProblems(lines: readonly LinkLine[]): [LinkLine, RowError][] {
  const problems: [LinkLine, RowError][] = []
  const at = new Map<number, number>()
  for (const each of lines) {
    const { place } = each.row
    if (place === null) continue
    if (at.has(place)) problems.push([each, new RowError('place', `Line ${at.get(place)} has place ${place} of this lane already.`)])
    else at.set(place, each.line)
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
  const targets = new Set([...before.map(link => link.target), ...lines.map(each => each.row.target)])
  const placed = new Map<number, string>()
  // Places order links also where they leave gaps, as 10, 20, 30 do: what is behind the end stands at the end.
  let next = targets.size + 1
  for (const { row } of lines.filter(each => each.row.place !== null).toSorted((a, b) => b.row.place! - a.row.place!)) {
    next = Math.min(row.place!, next - 1)
    placed.set(next, row.target)
  }
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
