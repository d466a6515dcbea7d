import { contrast, minContrast, readableLike } from './colour'
import type { LookParts, PageStyle } from './look'
import { badgeColours, buttonColours, groundsOf } from './lookStyle'

/** A text that can't be read well enough. */
export interface LookProblem {
  words: string
  /** What would mend it: the nearest colour that can be read; null: nothing of this colour's kind can. */
  mend: { part: 'ink' | 'soft' | 'accent' | 'badgeColour'; colour: string } | null
}

/** Which texts of a look have too little contrast with what is behind them. */
export function lookProblems(parts: LookParts, page: PageStyle): LookProblem[] {
  const grounds = groundsOf(parts, page)
  const both = [...new Set(Object.values(grounds))]
  const button = buttonColours(parts)
  const problem = (name: string, part: NonNullable<LookProblem['mend']>['part'], on: readonly string[]): LookProblem[] => {
    const least = Math.min(...on.map(ground => contrast(parts[part], ground)))
    if (least >= minContrast) return []
    const mend = readableLike(parts[part], on)
    return [{ words: tooLittle(name, least), mend: mend === null ? null : { part, colour: mend } }]
  }
  return [
    ...problem('The text has', 'ink', both),
    ...problem('The second text has', 'soft', both),
    // Links stand beside the heading; buttons without a ground of their own stand on the cards too.
    ...problem(
      button.ground === null ? 'Links and buttons have' : 'Links have',
      'accent',
      button.ground === null ? both : [grounds.section],
    ),
    ...badgeProblem(parts, page),
  ]
}

function badgeProblem(parts: LookParts, page: PageStyle): LookProblem[] {
  const on = (colour: string) => badgeColours({ ...parts, badgeColour: colour }, page).ground ?? groundsOf(parts, page).card
  const ratio = contrast(badgeColours(parts, page).ink, on(parts.badgeColour))
  if (ratio >= minContrast) return []
  return [{ words: tooLittle('The badge has', ratio), mend: mendedBadge(parts, page) }]
}

/** A tinted badge changes its ground with its colour, so that the nearest colour is looked for a little further each time. */
function mendedBadge(parts: LookParts, page: PageStyle): LookProblem['mend'] {
  let { badgeColour } = parts
  for (let tries = 0; tries < 20; tries++) {
    const { ink, ground } = badgeColours({ ...parts, badgeColour }, page)
    const on = ground ?? groundsOf(parts, page).card
    if (contrast(ink, on) >= minContrast) return { part: 'badgeColour', colour: badgeColour }
    const next = readableLike(badgeColour, [on])
    if (next === null || next === badgeColour) return null
    badgeColour = next
  }
  return null
}

/** @param ratio told to one place, and never as more than it is */
const tooLittle = (what: string, ratio: number) =>
  `${what} a contrast of ${Math.floor(ratio * 10) / 10} to 1 with what is behind; ${minContrast} to 1 is needed to be read well (WCAG ` +
  `2.2 AA).`
