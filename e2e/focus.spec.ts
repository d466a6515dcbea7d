import type { Page } from '@playwright/test'
import { expect, test } from './test'
import { undoAll } from './undoAll'

/** What has the focus: the page as a whole, or something in it. */
const focused = (page: Page) => page.evaluate(() => document.activeElement?.tagName ?? 'BODY')

test('the focus is never lost to the page', async ({ page }) => {
  await page.goto('/sections/related')
  const more = page.getByRole('button', { name: 'More places' })
  for (const [open, dialog] of [
    ['Control+k', 'Find a product'],
    ['?', 'Keys'],
  ] as const) {
    await more.focus()
    await page.keyboard.press(open)
    await expect(page.getByRole('dialog', { name: dialog })).toBeVisible()
    await page.keyboard.press('Escape')
    await expect(page.getByRole('dialog', { name: dialog })).toBeHidden()
    await expect(more).toBeFocused()
  }

  await page.keyboard.press('Control+k')
  await page.getByRole('combobox', { name: 'Find a product' }).fill('EX-210')
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/\/products\/EX-210/)
  await expect(page.getByRole('dialog')).toBeHidden()
  await expect.poll(() => focused(page)).not.toBe('BODY')

  await page.goto('/pages/product-default')
  await page.locator('[data-placed="related"]').focus()
  await page.keyboard.press('Delete')
  await expect(page.locator('[data-placed="related"]')).toBeHidden()
  await expect(page.locator('[data-placed]:focus')).toBeVisible()
  await undoAll(page.request)
})

test('what can be published is in sight in a narrow window too', async ({ page }) => {
  await page.setViewportSize({ width: 1024, height: 768 })
  for (const path of ['/sections/related', '/pages/product-default', '/products']) {
    await page.goto(path)
    const { x, width } = (await page.getByRole('link', { name: '3 drafts' }).boundingBox())!
    expect(x + width).toBeLessThanOrEqual(1024)
    const { x: own, width: wide } = (await page.getByRole('button', { name: 'Demo merchandiser' }).boundingBox())!
    expect(own + wide).toBeLessThanOrEqual(1024)
  }
})
