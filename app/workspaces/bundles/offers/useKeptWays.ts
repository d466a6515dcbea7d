/**
 * Keeps what was said of each way there is to say something, so that whoever tries another way and comes back finds it as it was.
 * @param current as it is said now; null: in no way
 * @returns what was said last in a way, or what it begins with
 */
export function useKeptWays<Way extends { by: string }>(current: () => Way | null) {
  const kept = new Map<string, Way>()
  watch(
    current,
    now => {
      if (now) kept.set(now.by, now)
    },
    { immediate: true },
  )
  return <By extends Way['by']>(by: By, first: Extract<Way, { by: By }>): Way => kept.get(by) ?? first
}
