import { expect, it } from 'vitest'
import { layout } from '../../core/sections/display'
import { zonesOf } from '../../core/pagePlans/pagePlan'
import { buyButtonScreens } from './sectionHeights'
import { schematics } from './schematics'

it('the buy button goes down with every section above it', () => {
  const alone = buyButtonScreens([])
  expect(alone).toBeLessThan(1)
  for (const each of layout.options) expect(buyButtonScreens([{ layout: each, places: 2 }])).toBeGreaterThan(alone)
  expect(buyButtonScreens([{ layout: 'checklist', places: 6 }])).toBeGreaterThan(buyButtonScreens([{ layout: 'checklist', places: 3 }]))
})

it('the drawing of each kind of page has all its zones and blocks, and nothing else', () => {
  for (const [page, { areas, blocks }] of Object.entries(schematics)) {
    expect(new Set(areas.flatMap(row => row.split(' ')))).toEqual(new Set([...zonesOf[page as keyof typeof zonesOf], ...blocks.map(block => block.area)]))
    expect(new Set(areas.map(row => row.split(' ').length)).size).toBe(1)
  }
})
