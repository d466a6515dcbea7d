import { Studio } from './studio'
import { expect, test } from './test'

test('when the server does not answer, the edit is taken back and said to be, and nothing is lost', async ({ page }) => {
  const studio = new Studio(page)
  await studio.open('SMO-M')
  const before = await studio.targets('Accessories')
  expect(before.length).toBeGreaterThan(1)
  await page.route('**/api/commands', route => route.abort())
  await studio.card('Accessories', before[0]!).focus()
  await page.keyboard.press('Delete')
  await expect(studio.message).toContainText(
    'Manada’s server does not answer. What was saved is safe; whether the last change was made shows as soon as it answers again.',
  )
  await studio.expectTargets('Accessories', before)

  await page.unroute('**/api/commands')
  await studio.card('Accessories', before[0]!).focus()
  await page.keyboard.press('Alt+End')
  await studio.expectTargets('Accessories', [...before.slice(1), before[0]!])
  await page.keyboard.press('Control+z')
  await studio.expectTargets('Accessories', before)
})

test('whoever leaves while an edit is on its way is asked first', async ({ page }) => {
  const studio = new Studio(page)
  await studio.open('EX-210')
  const [first, second, ...rest] = (await studio.targets('Accessories')) as [string, string, ...string[]]
  let release = (): void => undefined
  const held = new Promise<void>(resolve => (release = resolve))
  await page.route('**/api/commands', async route => {
    await held
    await route.continue()
  })
  await studio.card('Accessories', second).focus()
  await page.keyboard.press('Alt+ArrowLeft')
  await studio.expectTargets('Accessories', [second, first, ...rest])
  const asking = page.waitForEvent('dialog')
  await page.close({ runBeforeUnload: true })
  const dialog = await asking
  expect(dialog.type()).toBe('beforeunload')
  await dialog.dismiss()
  release()
  await expect.poll(async () => ((await (await page.request.get('/api/undo')).json()) as { undo: string | null }).undo).toMatch(/^Moved /)
  await page.keyboard.press('Control+z')
  await studio.expectTargets('Accessories', [first, second, ...rest])
})

test('when a search fails, the list says so and can be tried again', async ({ page }) => {
  const studio = new Studio(page)
  await page.goto('/products')
  await expect(studio.list).toContainText('165 products')
  await page.route('**/api/products?*', route =>
    route.fulfill({
      status: 500,
      contentType: 'application/problem+json',
      body: '{"type":"urn:manada:problem:internal","title":"x","status":500,"detail":"Nothing was changed. Please try again."}',
    }),
  )
  await studio.list.getByRole('searchbox').fill('smoker')
  await expect(studio.list).toContainText('Please try again.')
  await page.unroute('**/api/products?*')
  await studio.list.getByRole('button', { name: 'Try again' }).click()
  await expect(studio.list.locator('[data-sku="SMO-M"]')).toBeVisible()
})

test('an unknown product in the address is said to be unknown, and the way back is open', async ({ page }) => {
  const studio = new Studio(page)
  await page.goto('/products/NO-SUCH,EX-210')
  await expect(studio.bench).toContainText('There is no product with the SKU NO-SUCH.')
  await studio.list.locator('[data-sku="BRU-1"]').click()
  await expect(studio.bench.getByRole('heading', { level: 1 })).toHaveText('Bee brush')
})

test('a picture that is missing leaves a quiet drawing', async ({ page }) => {
  await page.route('**/pictures/**', route => route.fulfill({ status: 404 }))
  const studio = new Studio(page)
  await studio.open('EX-210')
  await expect(studio.bench.locator('header .picture svg')).toBeVisible()
  await expect(studio.bench.locator('header .picture img')).toHaveCount(0)
})

test('a narrow window keeps everything within reach', async ({ page }) => {
  await page.setViewportSize({ width: 900, height: 640 })
  const studio = new Studio(page)
  await studio.open('EX-210')
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(900)
  await (await studio.findTarget('honey pump', 'PUMP-12')).click()
  await expect(studio.find.getByRole('button', { name: 'Link as accessory' })).toBeInViewport()
})
