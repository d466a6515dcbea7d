import { z } from 'zod'

/** A colour as red, green and blue in two hexadecimal digits each: “#0f5c66”. */
export const colourSchema = z.string().regex(/^#[0-9a-f]{6}$/, 'A colour has six digits, such as #0f5c66.')

const channels = (of: string) => [1, 3, 5].map(at => Number.parseInt(of.slice(at, at + 2), 16)) as [number, number, number]
const written = (parts: readonly number[]) => `#${parts.map(part => Math.round(part).toString(16).padStart(2, '0')).join('')}`

/** A share of one colour laid over another, channel by channel. @param share 0 to 1 */
export function mixed(over: string, under: string, share: number): string {
  const below = channels(under)
  return written(channels(over).map((part, i) => below[i]! + (part - below[i]!) * share))
}

/** Relative luminance of a colour, from 0 for black to 1 for white. Source: WCAG 2.2, definition of relative luminance. */
export function luminance(of: string): number {
  const [red, green, blue] = channels(of).map(part => {
    const share = part / 255
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4
  }) as [number, number, number]
  return 0.2126 * red + 0.7152 * green + 0.0722 * blue
}

/** How well two colours can be told apart, from 1 to 21. Source: WCAG 2.2, definition of contrast ratio. */
export function contrast(a: string, b: string): number {
  const [dark, light] = [luminance(a), luminance(b)].sort((one, other) => one - other) as [number, number]
  return (light + 0.05) / (dark + 0.05)
}

/** The contrast that text needs. Source: WCAG 2.2, success criterion 1.4.3, level AA. */
export const minContrast = 4.5

/** White, ink or black: the first that can be read on a colour. Black can, wherever white can't. */
export const readableOn = (ground: string) => ['#ffffff', '#1f2933', '#000000'].find(each => contrast(each, ground) >= minContrast)!

/** The colour nearest to one, made lighter or darker, that can be read on all grounds; null: none can. */
export function readableLike(text: string, grounds: readonly string[]): string | null {
  const canBeRead = (each: string) => grounds.every(ground => contrast(each, ground) >= minContrast)
  for (let step = 0; step <= 100; step++) {
    const found = [mixed('#000000', text, step / 100), mixed('#ffffff', text, step / 100)].find(canBeRead)
    if (found) return found
  }
  return null
}
