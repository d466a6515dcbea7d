/** Short ways to write the shapes that the drawings are made of, on a square of 100 by 100. */

export const box = (x: number, y: number, width: number, height: number, fill: string, radius = 0) =>
  `<rect x="${x}" y="${y}" width="${width}" height="${height}" fill="${fill}"${radius ? ` rx="${radius}"` : ''}/>`

export const shape = (d: string, fill: string) => `<path d="${d}" fill="${fill}"/>`

export const line = (d: string, stroke: string, width = 2) =>
  `<path d="${d}" fill="none" stroke="${stroke}" stroke-width="${width}" stroke-linecap="round" stroke-linejoin="round"/>`

export const oval = (x: number, y: number, rx: number, ry: number, fill: string) =>
  `<ellipse cx="${x}" cy="${y}" rx="${rx}" ry="${ry}" fill="${fill}"/>`

export const disc = (x: number, y: number, radius: number, fill: string) => `<circle cx="${x}" cy="${y}" r="${radius}" fill="${fill}"/>`

export const ring = (x: number, y: number, radius: number, stroke: string, width = 2) =>
  `<circle cx="${x}" cy="${y}" r="${radius}" fill="none" stroke="${stroke}" stroke-width="${width}"/>`

/** The same drawing once for each value. */
export const each = (values: number[], draw: (value: number, index: number) => string) => values.map(draw).join('')

/** A soft shadow on the ground. */
export const shadow = (y = 84, half = 28) => `<ellipse cx="50" cy="${y}" rx="${half}" ry="3" fill="#1f2933" opacity=".09"/>`

/** Part of a drawing moved, turned and scaled. */
export const placed = (inner: string, { x = 0, y = 0, turn = 0, scale = 1 }) =>
  `<g transform="translate(${x} ${y}) rotate(${turn}) scale(${scale})">${inner}</g>`
