import { Studio } from './studio'
import { expect, test } from './test'

test('suggestions come with their reasons; one key links or dismisses, and a dismissed one stays away until it is brought back', async ({
  page,
}) => {
  const studio = new Studio(page)
  // STR-280 links to this one, and no way leads back.
  const data = { type: 'unlink', kind: 'related', on: [{ source: 'STR-370' }], targets: ['STR-280'] }
  expect((await page.request.post('/api/commands', { data })).status()).toBe(200)
  await studio.open('STR-370')
  await page.keyboard.press('g')
  const suggested = page.getByRole('region', { name: 'Suggested' })
  await suggested.getByRole('button', { name: 'Related', exact: true }).click()
  const rows = suggested.getByRole('list', { name: 'Suggested related' }).locator('[data-sku]')
  await expect(rows.first()).toBeVisible()
  const skus = () => rows.evaluateAll(all => all.map(row => row.getAttribute('data-sku')!))
  const [first, second, third] = (await skus()) as [string, string, string]
  await expect(rows.locator('visible=true').and(page.locator('[data-sku="STR-280"]'))).toContainText('links back to this one')
  await expect(rows.first()).toContainText(/also in|links back|linked from|shares/)

  await rows.first().focus()
  await page.keyboard.press('Enter')
  await studio.expectTargets('Related', [first])
  await expect(studio.message).toContainText('as related')
  await expect(rows.first()).toHaveAttribute('data-sku', second)
  await expect(rows.first()).toBeFocused()

  await page.keyboard.press('Delete')
  await expect(rows.first()).toHaveAttribute('data-sku', third)
  await expect(studio.message).toContainText('Dismissed')
  await page.reload()
  await expect(rows.first()).toBeVisible()
  expect(await skus()).not.toContain(second)

  await suggested.getByRole('button', { name: '1 dismissed' }).click()
  await suggested
    .locator(`[data-dismissed="${second}"]`)
    .getByRole('button', { name: /Bring back/ })
    .click()
  await expect(suggested.locator(`[data-sku="${second}"]`)).toBeVisible()
  // Dismissing is a change like any other: it can be undone.
  await page.keyboard.press('Control+z')
  await expect(suggested.locator(`[data-sku="${second}"]`)).toHaveCount(0)
  await page.keyboard.press('Control+z')
  await expect(suggested.locator(`[data-sku="${second}"]`)).toBeVisible()

  await rows.first().getByRole('button', { name: /^Link/ }).click()
  await expect.poll(() => studio.targets('Related')).toHaveLength(2)
})

test('what fits a hive’s standard is suggested as its accessory, and an unknown product or kind is refused', async ({ request }) => {
  const { rows } = (await (await request.get('/api/suggestions?sku=HV-LA&kind=accessory')).json()) as {
    rows: { sku: string; why: string[] }[]
  }
  // Its frames are linked already; what is left fits, or goes with any hive.
  expect(rows.find(row => row.sku === 'BAR-1')?.why).toContain('fits: Langstroth')
  expect(
    rows.map(row => row.sku).filter(sku => /-(NA|DA)(-|$)/.test(sku)),
    'nothing for another standard',
  ).toEqual([])
  expect((await request.get('/api/suggestions?sku=GONE&kind=accessory')).status()).toBe(404)
  expect((await request.get('/api/suggestions?sku=HV-LA&kind=sidekick')).status()).toBe(404)
})

test('what counts for neighbours is set for a product: suggestions follow, and undo takes it back', async ({ page }) => {
  const studio = new Studio(page)
  const dialog = page.getByRole('dialog', { name: 'What counts for neighbours' })
  const suggestions = page.getByRole('region', { name: 'Suggested', exact: true })
  await studio.open('UR-1')
  await page.keyboard.press('g')
  await expect(suggestions).toContainText('also in Uncapping')

  await page.keyboard.press('n')
  await dialog.getByRole('button', { name: 'Uncapping' }).click()
  await expect(dialog.getByRole('button', { name: 'Uncapping' })).toHaveAttribute('aria-pressed', 'false')
  await dialog.getByLabel('Never take products of these categories').fill('Books')
  await page.getByRole('option', { name: 'Books' }).click()
  await page.keyboard.press('Escape')
  await dialog.getByRole('button', { name: 'Save' }).click()
  await expect(studio.message).toContainText('Set what counts for the neighbours of Uncapping roller')
  await expect(studio.bench).toContainText('without Books')
  await expect(suggestions).not.toContainText('also in Uncapping')

  await page.keyboard.press('Control+z')
  await expect(suggestions).toContainText('also in Uncapping')
  await expect(studio.bench).not.toContainText('without Books')
})
