import { expect, test } from './test'

test.use({ role: 'admin' })

const zone = 'Pacific/Auckland'

test('the shop’s time zone is set and undone, and days end there', async ({ page, request }) => {
  await page.goto('/exchange')
  const part = page.getByRole('article', { name: 'Time zone' })
  const field = part.getByLabel('The shop’s time zone')
  await expect(field).toHaveValue('Europe/London')
  await field.fill(zone)
  await page.getByRole('option', { name: zone }).click()
  await expect(page.locator('.v-snackbar')).toContainText(`Set the shop’s time zone to ${zone}.`)
  await expect(field).toHaveValue(zone)

  // 24 December has ended there thirteen hours before it ends in London.
  const link = { type: 'link', kind: 'related', on: [{ source: 'INC-1' }], targets: ['SMO-M'], place: 1 }
  expect((await request.post('/api/commands', { data: link })).status()).toBe(200)
  expect(
    (
      await request.post('/api/commands', {
        data: { type: 'detail', kind: 'related', on: [{ source: 'INC-1' }], targets: ['SMO-M'], details: { until: '2026-12-24' } },
      })
    ).status(),
  ).toBe(200)
  const shown = async (at: string) =>
    JSON.stringify(await (await request.get('/api/shop/v1/pages/product/INC-1', { params: { at } })).json()).includes('"sku":"SMO-M"')
  expect([await shown('2026-12-24T10:59:00Z'), await shown('2026-12-24T11:01:00Z')]).toEqual([true, false])

  await page.getByRole('button', { name: 'Undo', exact: true }).first().click()
  await expect(field).toHaveValue('Europe/London')
  expect(await shown('2026-12-24T11:01:00Z')).toBe(true)
})
