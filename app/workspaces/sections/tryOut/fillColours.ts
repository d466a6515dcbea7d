import type { Fill } from '../../../../core/checks/fill'

const colours = { blank: '#b5523b', thin: '#d99a1c', full: '#5e7d3a' }

/** The colour of pages that show so many products: blank, thin or full. */
export function fillColour(count: number, { places }: Fill): string {
  if (count === 0) return colours.blank
  return count < places ? colours.thin : colours.full
}
