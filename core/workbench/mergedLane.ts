import type { LaneRow } from './workbench'

/** A link of several products' lanes, seen as one. */
export interface MergedRow extends LaneRow {
  /** SKUs of the products that have it. */
  on: string[]
}

/**
 * The lanes of one kind on several products as a single one. A link stands where it stands on average;
 * of what differs between the lanes, the first lane's is told.
 */
export function mergeLanes(lanes: readonly { source: string; rows: readonly LaneRow[] }[]): MergedRow[] {
  const merged = new Map<string, { row: MergedRow; places: number }>()
  for (const { source, rows } of lanes) {
    for (const [i, row] of rows.entries()) {
      const known = merged.get(row.target)
      if (known) {
        known.row.on.push(source)
        known.row.problem ??= row.problem
        known.places += i
      } else {
        merged.set(row.target, { row: { ...row, difference: lanes.length > 1 ? null : row.difference, on: [source] }, places: i })
      }
    }
  }
  // The sort is stable: equal ones stay in the order in which they were met.
  return [...merged.values()].sort((a, b) => a.places / a.row.on.length - b.places / b.row.on.length).map(({ row }) => row)
}
