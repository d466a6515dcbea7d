import { readFile } from 'node:fs/promises'
import { expect, it } from 'vitest'
import { pictureType } from './pictureType'

const bytes = (...parts: (string | number[])[]) =>
  Uint8Array.from(parts.flatMap(part => (typeof part === 'string' ? Array.from(part, letter => letter.charCodeAt(0)) : part)))

it('tells pictures by their first bytes', async () => {
  expect(pictureType(await readFile('docs/screenshots/products.png'))).toBe('png')
  expect(pictureType(bytes([0xff, 0xd8, 0xff, 0xe0], '\0\x10JFIF'))).toBe('jpg')
  expect(pictureType(bytes('RIFF', [1, 2, 3, 4], 'WEBPVP8 '))).toBe('webp')
  expect(pictureType(bytes([0, 0, 0, 0x1c], 'ftypavif'))).toBe('avif')
  expect(
    [
      '<svg xmlns="http://www.w3.org/2000/svg"/>',
      '<?xml version="1.0"?>\n<!-- made by hand -->\n<svg>',
      ' <!-- one --><!-- > -->\n<?xml version="1.0"?> <svg>',
      '\uFEFF<!DOCTYPE svg PUBLIC "-//W3C//DTD SVG 1.1//EN" "x"><svg width="1">',
    ].map(each => pictureType(new TextEncoder().encode(each))),
  ).toEqual(['svg', 'svg', 'svg', 'svg'])
})

it('takes nothing else for one', () => {
  expect(['', 'PNG', '<html><svg></svg></html>', '<svgx>', 'RIFF1234WAVE', 'GIF89a'].map(each => pictureType(bytes(each)))).toEqual(
    Array(6).fill(null),
  )
})

it('reads what looks like many beginnings of one only once', () => {
  // Each of these was tried in all the ways in which it can be cut into comments: twice as long for each comment more.
  for (const many of ['<!---->'.repeat(36), '<!-- -->\n'.repeat(200), '<?xml ?>'.repeat(200), '<!--'.repeat(400)])
    expect(pictureType(bytes(many))).toBe(null)
})
