/** At most so many of the things, evenly spread over all of them: all when there are no more. */
export function spread<T>(things: readonly T[], most: number): T[] {
  if (things.length <= most) return [...things]
  return Array.from({ length: most }, (_, i) => things[Math.floor((i * things.length) / most)]!)
}
