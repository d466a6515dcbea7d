import type { Finding } from '../../../core/checks/check'
import type { FindingRow } from '../../../core/studio/checkAnswers'

const keyOf = (finding: Finding) => JSON.stringify(Object.values(finding))

/** Findings that are marked, to be mended or put aside together. */
export function useMarkedFindings(rows: {
  rowAt: (index: number) => FindingRow | undefined
  rowsBetween: (first: number, last: number) => Promise<FindingRow[]>
}) {
  const marked = shallowRef(new Map<string, Finding>())
  /** Where a range begins. */
  let anchor = 0

  function toggle(index: number): void {
    const row = rows.rowAt(index)
    if (!row) return
    anchor = index
    const next = new Map(marked.value)
    if (!next.delete(keyOf(row.finding))) next.set(keyOf(row.finding), row.finding)
    marked.value = next
  }
  /** Marks all from where the range begins. */
  async function extend(index: number): Promise<void> {
    const range = await rows.rowsBetween(Math.min(anchor, index), Math.max(anchor, index))
    marked.value = new Map([...marked.value, ...range.map(row => [keyOf(row.finding), row.finding] as const)])
  }
  return {
    marked: computed(() => [...marked.value.values()]),
    isMarked: (row: FindingRow | undefined) => row !== undefined && marked.value.has(keyOf(row.finding)),
    toggle,
    extend,
    clear: () => (marked.value = new Map()),
  }
}
