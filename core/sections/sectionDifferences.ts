import { isEqual } from 'es-toolkit'
import type { Section } from './section'

/** The parts of a section as people call them, in the order they are told. */
const partNames: Partial<Record<keyof Section, string>> = {
  internalName: 'its name in the studio',
  heading: 'the heading',
  otherHeadings: 'the other headings',
  steps: 'the fill steps',
  takeTurns: 'how its steps follow each other',
  guards: 'the guards',
  priceBand: 'the price band',
  leaveOut: 'what it leaves out',
  lowestMargin: 'the lowest margin',
  places: 'the places',
  minimum: 'when it is hidden',
  layout: 'the layout',
  display: 'what it shows',
  look: 'the look',
  buttons: 'its button texts',
  from: 'the dates',
  until: 'the dates',
}

/** What of a section is another, in words: “the fill steps”, “the guards”. */
export function sectionDifferences(before: Section, after: Section): string[] {
  const changed = (Object.keys(partNames) as (keyof Section)[]).filter(part => !isEqual(before[part], after[part]))
  return [
    ...new Set(changed.map(part => partNames[part]!)),
    ...(before.off === after.off ? [] : [after.off ? 'that it is switched off' : 'that it is switched on']),
  ]
}
