import { expect, test } from './test'

test('the fill meter counts every product page, beside what is live, and follows an edit; its lists open on the bench', async ({
  page,
}) => {
  await page.goto('/sections/accessories')
  const meter = page.getByRole('region', { name: 'Fill meter' })
  const blank = async () => Number(/\d+/.exec(await meter.getByRole('button', { name: /blank/ }).innerText())![0])
  await expect(meter).toContainText('152 product pages')
  await expect(meter).toContainText(/blank\s*live now: \d+/)
  const before = await blank()
  await meter.getByRole('button', { name: /blank/ }).click()
  const dialog = page.getByRole('dialog', { name: `${before} product pages, blank` })
  await expect(dialog.getByRole('listitem')).toHaveCount(Math.min(100, before))
  const sku = await dialog.getByRole('listitem').first().locator('.mono').innerText()

  await page.request.post('/api/commands', { data: { type: 'link', kind: 'accessory', on: [{ source: sku }], targets: ['BRU-1'] } })
  await expect.poll(blank).toBe(before - 1)
  await page.request.post('/api/undo', { data: {} })
  await expect.poll(blank).toBe(before)

  await dialog.getByRole('link', { name: 'Open the first 20 on the bench' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('20 products together')
})

test('a section of category pages is counted over all categories, and its lists lead to their lanes', async ({ page }) => {
  await page.goto('/sections/related-categories')
  const meter = page.getByRole('region', { name: 'Fill meter' })
  await expect(meter).toContainText(/\d+ category pages/)
  const total = Number(/(\d+) category pages/.exec(await meter.innerText())![1])
  const counts = Array.from((await meter.getByRole('list').innerText()).matchAll(/(\d+) (full|thin|blank)/g), ([, count]) => Number(count))
  expect(counts.reduce((sum, each) => sum + each)).toBe(total)
  await meter.getByRole('button', { name: /full/ }).click()
  const first = page
    .getByRole('dialog', { name: /category pages, full/ })
    .getByRole('link')
    .first()
  const name = await first.innerText()
  await first.click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(name)
  await expect(page.getByRole('heading', { name: 'Related categories' })).toBeVisible()
})
