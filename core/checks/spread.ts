/** At most so many of the things, evenly spread over all of them: all when there are no more. */
export function spread<T>(things: readonly T[], max: number): T[] {
  if (things.length <= max) return [...things]
  return Array.from({ length: max }, (_, i) => things[Math.floor((i * things.length) / max)]!)
}
