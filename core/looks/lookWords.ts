import { isEqual } from 'es-toolkit'
import type { Font, Look, LookParts } from './look'

/** The parts of a look as people call them, in the order they are told. */
export const lookPartWords: Record<keyof LookParts, string> = {
  accent: 'accent',
  ground: 'background',
  card: 'background of cards',
  ink: 'text',
  soft: 'second text',
  line: 'lines',
  border: 'border',
  lineWidth: 'width of lines',
  corner: 'corners',
  space: 'space above and below',
  gap: 'gaps',
  textSize: 'size of text',
  button: 'buttons',
  buttonCorner: 'corners of buttons',
  badge: 'badge',
  badgeColour: 'colour of the badge',
}

export const fontNames: Record<Font, string> = {
  'instrument-sans': 'Instrument Sans',
  'figtree': 'Figtree',
  'bricolage-grotesque': 'Bricolage Grotesque',
  'source-serif': 'Source Serif',
  'device': 'the device’s own',
}

/** What of a look is another, in words: “the name”, “the corners”. */
export function lookDifferences(before: Look, after: Look): string[] {
  const parts = Object.keys(lookPartWords) as (keyof LookParts)[]
  return [
    ...(isEqual(before.name, after.name) ? [] : ['the name']),
    ...parts.filter(part => before.parts[part] !== after.parts[part]).map(part => `the ${lookPartWords[part]}`),
    ...(before.page?.ground === after.page?.ground ? [] : ['the background of pages']),
    ...(before.page?.textFont === after.page?.textFont && before.page?.headFont === after.page?.headFont ? [] : ['the fonts']),
  ]
}
