import { expect, it } from 'vitest'
import { layoutSchema } from '../../../../core/sections/display'
import { buyButtonScreens } from './sectionHeights'

it('the buy button goes down with every section above it', () => {
  const alone = buyButtonScreens([])
  expect(alone).toBeLessThan(1)
  for (const each of layoutSchema.options) expect(buyButtonScreens([{ layout: each, places: 2 }])).toBeGreaterThan(alone)
  expect(buyButtonScreens([{ layout: 'checklist', places: 6 }])).toBeGreaterThan(buyButtonScreens([{ layout: 'checklist', places: 3 }]))
})
