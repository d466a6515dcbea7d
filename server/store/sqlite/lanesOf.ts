import type { Which } from '../../../core/journal/record'
import type { Lane, Link } from '../../../core/links/lane'

/** Lanes of rows that stand in the order of their sources, kinds and places, a row a link. */
export function* lanesOf(rows: Iterable<Which & Link>): Generator<Which & { value: Lane }> {
  let lane: (Which & { value: Link[] }) | null = null
  for (const { source, kind, ...link } of rows) {
    if (lane && (lane.source !== source || lane.kind !== kind)) {
      yield lane
      lane = null
    }
    lane ??= { source, kind, value: [] }
    lane.value.push(link)
  }
  if (lane) yield lane
}
