import { hasNoViolations } from './axe'
import { stockOf } from './stockOf'
import { expect, test } from './test'
import { undoAll } from './undoAll'

test.use({ role: 'admin' })

const zone = 'Pacific/Auckland'

test('the shop’s time zone is set and undone, and days end there', async ({ page, request }) => {
  await page.goto('/settings')
  await hasNoViolations(page)
  const part = page.getByRole('article', { name: 'Time zone' })
  const field = part.getByLabel('The shop’s time zone')
  await expect(field).toHaveValue('Europe/London')
  await field.fill(zone)
  await page.getByRole('option', { name: zone }).click()
  await expect(page.locator('.message-bar')).toContainText(`Set the shop’s time zone to ${zone}.`)
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

test('shoppers are told that only a few are left of as many as the shop says, or not at all', async ({ page, request }) => {
  const told = async () => {
    const { few } = (await (await request.get('/api/shop/v1/catalogue/products/BK-QUEEN')).json()) as { few: boolean }
    return few
  }
  const stock = await stockOf(request, 'BK-QUEEN')
  expect([stock > 5, await told()]).toEqual([true, false])
  await page.goto('/settings')
  const field = page.getByLabel('A few are at most')
  await expect(field).toHaveValue('5')
  await field.fill(String(stock))
  await field.press('Enter')
  await expect(page.locator('.message-bar')).toContainText(`Told shoppers of ${stock} things or fewer that only a few are left.`)
  expect(await told()).toBe(true)
  await field.fill('100')
  await field.press('Enter')
  await expect(page.getByRole('alert')).toHaveText('A whole number from 0 to 99.')
  await expect(field).toHaveValue(String(stock))
  await field.fill('0')
  await field.press('Enter')
  await expect(page.locator('.message-bar')).toContainText('Told shoppers no longer that only a few are left.')
  expect(await told()).toBe(false)
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click()
  await expect(field).toHaveValue(String(stock))
  expect(await told()).toBe(true)
})

test('the welcome in another language says that it is older than the shop’s own, until it is found to fit', async ({ page }) => {
  await page.goto('/settings')
  const part = page.getByRole('article', { name: 'Welcome' })
  const own = part.getByLabel('Welcome, en')
  const before = await own.inputValue()
  await own.fill('All that bees need')
  await own.press('Enter')
  const older = part.getByText(`Written when the English was “${before}”.`)
  await expect(older).toBeVisible()
  await part.getByRole('button', { name: 'It still fits' }).click()
  await expect(page.locator('.message-bar')).toContainText('in the shop’s settings: it still fits.')
  await expect(older).toBeHidden()
  await expect(part.getByLabel('Welcome, de')).toBeFocused()
  await page.locator('.message-bar').getByRole('button', { name: 'Undo' }).click()
  await expect(older).toBeVisible()
  await undoAll(page.request)
})
