/** A list in pieces of at most `size`: SQLite takes a limited number of values in one statement. */
export function* batches<T>(list: readonly T[], size = 500): Generator<T[]> {
  for (let start = 0; start < list.length; start += size) yield list.slice(start, start + size)
}
