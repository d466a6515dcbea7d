import type { Locator, Page } from '@playwright/test'
import { expect } from './test'

/** Drags a block by its handle into a zone of a page plan, with the mouse. */
export async function dragInto(page: Page, handle: Locator, zone: Locator): Promise<void> {
  await handle.scrollIntoViewIfNeeded()
  const from = await middleOf(handle)
  await page.mouse.move(from.x, from.y)
  await page.mouse.down()
  // A slow machine takes the drag up, and the zone takes notice, only after some moves.
  await expect(async () => {
    await page.mouse.move(from.x, from.y - 12, { steps: 4 })
    const to = await middleOf(zone)
    await page.mouse.move(to.x, to.y, { steps: 12 })
    await expect(zone.locator('.sortable-ghost')).toBeVisible({ timeout: 500 })
  }).toPass()
  await page.mouse.up()
}

async function middleOf(thing: Locator): Promise<{ x: number; y: number }> {
  const { x, y, width, height } = (await thing.boundingBox())!
  return { x: x + width / 2, y: y + height / 2 }
}
