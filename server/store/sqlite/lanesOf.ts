import type { Which } from '../../../core/journal/which'
import type { Lane, Link } from '../../../core/links/lane'

/** Lanes of rows that stand in the order of their sources, kinds and places, a row a link. */
export function* lanesOf(rows: Iterable<Which & Link>): Generator<Which & { value: Lane }> {
  let lane: (Which & { value: Link[] }) | null = null
  for (const { owner, key, ...link } of rows) {
    if (lane && (lane.owner !== owner || lane.key !== key)) {
      yield lane
      lane = null
    }
    lane ??= { owner, key, value: [] }
    lane.value.push(link)
  }
  if (lane) yield lane
}
