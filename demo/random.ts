import { uniformInt } from 'pure-rand/distribution/uniformInt'
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus'

/** Made-up numbers that are the same every time, from a name. */
export function randomOf(name: string) {
  let seed = 0x811c9dc5
  for (const letter of name) seed = Math.imul(seed ^ letter.codePointAt(0)!, 0x01000193)
  const generator = xoroshiro128plus(seed)
  const whole = (min: number, max: number) => uniformInt(generator, min, max)
  return {
    /** A whole number between both, both included. */
    whole,
    /** Whether something happens that happens so many times in a hundred. */
    percent: (chance: number) => whole(1, 100) <= chance,
    pick: <T>(list: readonly T[]): T => list[whole(0, list.length - 1)]!,
  }
}
export type Random = ReturnType<typeof randomOf>
