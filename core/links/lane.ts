import { z } from 'zod'
import type { Moment } from '../time/moment'
import { hasBegun, isNever, isOver } from '../time/moment'

/** An ISO 8601 calendar date, which stands for the whole day where the shop is, or a UTC date and time. */
export const linkDateSchema = z.union([z.iso.date(), z.iso.datetime()], { error: 'This is not a date in ISO 8601, such as 2026-03-01.' })

/** What a link can carry. */
export const linkDetailsSchema = z.strictObject({
  /** Shown from this day or moment on. */
  from: linkDateSchema.nullable(),
  /** Shown until this day's end or this moment. */
  until: linkDateSchema.nullable(),
  /** For merchandisers alone. */
  note: z
    .string()
    .trim()
    .max(500, 'A note has at most 500 characters.')
    .transform(note => note || null)
    .nullable(),
})
export type LinkDetails = z.infer<typeof linkDetailsSchema>

/** A link of a lane. Its source, kind and place are those of the lane it stands in. What it doesn't carry is left out. */
export interface Link {
  /** SKU of the target product or target variant. */
  target: string
  from?: string
  until?: string
  note?: string
}

/** The ordered links of one kind on one product. A link's place is its index + 1, so places are always 1…n. */
export type Lane = readonly Link[]

/** The target SKUs in order. */
export function targetsOf(lane: Lane): string[] {
  return lane.map(link => link.target)
}

/** Whether both lanes hold the same links, with the same details, in the same order. */
export function sameLane(a: Lane, b: Lane): boolean {
  return a.length === b.length && a.every((link, i) => sameLink(link, b[i]!))
}

const sameLink = (a: Link, b: Link) => a === b || (a.target === b.target && a.from === b.from && a.until === b.until && a.note === b.note)

/** Whether a link, or whatever else has dates, is not shown yet, shown, or no longer shown. */
export function timeOf({ from, until }: { from?: string | null; until?: string | null }, at: Moment): 'later' | 'now' | 'over' {
  if (from && !hasBegun(from, at)) return 'later'
  return until && isOver(until, at) ? 'over' : 'now'
}

/** Whether a link's dates leave no moment at which it is shown. @param timeZone where the days are meant */
export const isNeverShown = ({ from, until }: Link, timeZone: string) =>
  from !== undefined && until !== undefined && isNever(from, until, timeZone)

/**
 * The lane with more links, in the given order.
 * @param place place of the first of them, 1…n+1; left out: at the end
 */
export function insertLinks(lane: Lane, links: readonly Link[], place = lane.length + 1): Lane {
  return lane.toSpliced(place - 1, 0, ...links)
}

/** The lane without the links to these targets. */
export function removeLinks(lane: Lane, targets: readonly string[]): Lane {
  const gone = new Set(targets)
  return lane.filter(link => !gone.has(link.target))
}

/**
 * The lane with one link moved.
 * @param target SKU of a target that stands in the lane
 * @param place where it ends up, 1…n
 */
export function moveLink(lane: Lane, target: string, place: number): Lane {
  const from = lane.findIndex(link => link.target === target)
  const rest = lane.toSpliced(from, 1)
  return rest.toSpliced(place - 1, 0, lane[from]!)
}

/** The lane with its links in this order of targets; links that it doesn't name come after, as they stood. */
export function arrangeLinks(lane: Lane, order: readonly string[]): Lane {
  const places = new Map(order.map((target, i) => [target, i]))
  const placeOf = (link: Link) => places.get(link.target) ?? order.length
  return lane.toSorted((a, b) => placeOf(a) - placeOf(b))
}

/** The lane with some details of the links to these targets changed; null takes a detail away. */
export function detailLinks(lane: Lane, targets: readonly string[], details: Partial<LinkDetails>): Lane {
  return lane.map(link => {
    if (!targets.includes(link.target)) return link
    const { from = link.from, until = link.until, note = link.note } = details
    const changed = makeLink(link.target, { from: from ?? null, until: until ?? null, note: note ?? null })
    return sameLink(changed, link) ? link : changed
  })
}

/** A link that holds only what it carries: a million plain links stay small. */
export function makeLink(target: string, { from, until, note }: LinkDetails): Link {
  const link: Link = { target }
  if (from !== null) link.from = from
  if (until !== null) link.until = until
  if (note !== null) link.note = note
  return link
}
