import type { LinkKind } from '../../links/kind'
import type { Lane } from '../../links/lane'

/** More lanes than this are written only when somebody has seen how many they are. */
export const fewLanes = 20

interface LaneEdit {
  owner: string
  key: string
  before: Lane
  after: Lane
}
type KindOf = (key: string) => Pick<LinkKind, 'ceiling'> | undefined

/** How far edits of lanes reach. */
export interface EditsReach {
  /** Lanes that are not as they were then. */
  lanes: number
  /** Links that they have more, and links that they have not any more. */
  added: number
  removed: number
  /** The longest of the lanes that grow, as it is then; null: none grows. */
  largest: { source: string; kind: string; links: number } | null
  /** Lanes that grow past the ceiling of their kind. */
  pastCeiling: number
}

/** @param edits each of another lane */
export function reachOf(edits: readonly LaneEdit[], kind: KindOf): EditsReach {
  const reach: EditsReach = { lanes: 0, added: 0, removed: 0, largest: null, pastCeiling: 0 }
  for (const { owner, key, before, after } of edits) {
    const [had, has] = [before, after].map(lane => new Set(lane.map(link => link.target))) as [Set<string>, Set<string>]
    const added = after.filter(link => !had.has(link.target)).length
    reach.lanes++
    reach.added += added
    reach.removed += before.filter(link => !has.has(link.target)).length
    if (!added) continue
    if (after.length > (reach.largest?.links ?? 0)) reach.largest = { source: owner, kind: key, links: after.length }
    if (after.length > ceilingOf(kind(key))) reach.pastCeiling++
  }
  return reach
}

/**
 * The same edits with as many of the links left out that they add, the last first, as each lane would have more than the ceiling of its
 * kind. What stands in a lane stays there, also past its ceiling.
 */
export const withinCeilings = <Edit extends LaneEdit>(edits: readonly Edit[], kind: KindOf): Edit[] =>
  edits.map(edit => {
    const had = new Set(edit.before.map(link => link.target))
    const added = edit.after.filter(link => !had.has(link.target))
    const excess = Math.min(added.length, Math.max(0, edit.after.length - ceilingOf(kind(edit.key))))
    const out = new Set(added.slice(added.length - excess).map(link => link.target))
    return out.size ? { ...edit, after: edit.after.filter(link => !out.has(link.target)) } : edit
  })

const ceilingOf = (kind: Pick<LinkKind, 'ceiling'> | undefined) => kind?.ceiling ?? Infinity
