import type { Ground, TintName } from './colours'
import { grounds, tints } from './colours'
import { drawClothing } from './drawClothing'
import { drawExtraction } from './drawExtraction'
import { drawGarden } from './drawGarden'
import { drawHives } from './drawHives'
import { drawPantry } from './drawPantry'
import { drawTools } from './drawTools'

const drawings = { ...drawHives, ...drawExtraction, ...drawClothing, ...drawTools, ...drawPantry, ...drawGarden }
export type DrawingName = keyof typeof drawings

/**
 * A product's picture as an SVG document. The ground reaches far beyond the drawing, so that the picture fills a frame of any shape.
 */
export function picture(drawing: DrawingName, tint: TintName, ground: Ground): string {
  return (
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 100"><rect x="-200" y="-200" width="500" height="500" ` +
    `fill="${grounds[ground]}"/>` +
    `${drawings[drawing](tints[tint])}</svg>`
  )
}
