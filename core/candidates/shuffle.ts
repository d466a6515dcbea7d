import type { Compare } from '../sorted'

/*
 * Mixing by random sort keys: every product gets a number made of its SKU and the seed, and the numbers put them in order.
 * So the same seed always mixes alike, and a product that comes or goes leaves the others in their order.
 */

/** A 32-bit number for a text: FNV-1a (G. Fowler, L. C. Noll, K.-P. Vo; RFC 9923) over its UTF-16 units. */
export function hashOf(text: string): number {
  let hash = 0x811c9dc5
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193)
  return hash >>> 0
}

/** A number from 0 to 2³² − 1 for a thing and a seed: the finalizer of MurmurHash3 (A. Appleby, 2011), once over each. */
export function mixed(hash: number, seed: number): number {
  return finalized(finalized(seed) ^ hash)
}

/** How many are looked for in the first go. */
const soughtFirst = 64

/**
 * Positions in the order of their mixed numbers, smallest first, each found when it is asked for: the lowest numbers are
 * picked out in one go and only these are sorted, which for the first few of many is many times faster than a heap.
 * @param hashAt a number for the thing at a position
 * @param compareAlike puts positions with the same number in order
 */
export function* lazilyMixed(
  positions: readonly number[],
  hashAt: (position: number) => number,
  seed: number,
  compareAlike: Compare,
): Generator<number> {
  const salt = finalized(seed)
  let width = Math.ceil((2 ** 32 * soughtFirst) / Math.max(soughtFirst, positions.length))
  for (let from = 0; from < 2 ** 32; from += width, width *= 2) {
    const found: { position: number; number: number }[] = []
    for (const position of positions) {
      const number = finalized(salt ^ hashAt(position))
      if (number >= from && number < from + width) found.push({ position, number })
    }
    found.sort((a, b) => a.number - b.number || compareAlike(a.position, b.position))
    for (const { position } of found) yield position
  }
}

function finalized(value: number): number {
  let hash = value
  hash = Math.imul(hash ^ (hash >>> 16), 0x85ebca6b)
  hash = Math.imul(hash ^ (hash >>> 13), 0xc2b2ae35)
  return (hash ^ (hash >>> 16)) >>> 0
}

/**
 * The seed of a section's shuffle.
 * @param at milliseconds since 1970-01-01 UTC
 */
export function seedOf(visitor: string, at: number, section: string): number {
  return hashOf(`${visitor}\n${new Date(at).toISOString().slice(0, 10)}\n${section}`)
}
