/** The value below which so many percent of the values lie (nearest rank). */
export function percentile(values: readonly number[], percent: number): number {
  const sorted = values.toSorted((a, b) => a - b)
  return sorted[Math.max(0, Math.ceil((sorted.length * percent) / 100) - 1)]!
}
