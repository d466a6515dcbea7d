import type { Layout } from '../../../../core/sections/display'

/** How tall sections are on a phone, in CSS pixels, measured in the stand-in shop at 390 by 844. */
const heights: Record<Layout, (places: number) => number> = {
  grid: places => 68 + Math.ceil(places / 2) * 255,
  shelf: () => 325,
  list: places => 52 + places * 90,
  comparison: () => 520,
  checklist: places => 90 + places * 57,
  spotlight: () => 300,
  tiles: places => 68 + Math.ceil(places / 2) * 190,
}
const screen = 844
/** Where the button ends on the page of half the products, without a section above it. */
const buttonEnd = 722

/** How many screens of a phone down the buy button ends. */
export function buyButtonScreens(above: readonly { layout: Layout; places: number }[]): number {
  return (buttonEnd + above.reduce((sum, { layout, places }) => sum + heights[layout](places), 0)) / screen
}
