import type { Page } from '@playwright/test'
import { hasNoViolations } from './axe'
import { addBundle, buy, desktop, editor, phone, price, publishBundle, putIn } from './bundleSteps'
import { expect, test } from './test'

const choose = async (page: Page, part: string, ...values: string[]) => {
  for (const value of values)
    await page.getByRole('region', { name: part, exact: true }).getByRole('button', { name: value, exact: true }).click()
}

test('pieces of a part are chosen one by one: in the group, in a part, in the shop, the cart and the order', async ({ page, request }) => {
  await page.setViewportSize(desktop)
  await addBundle(page, 'With choices', 'For two')
  await putIn(page, 'goatskin', 'GLO-L', 'As a group')
  await putIn(page, 'hexagonal jar', 'JAR-HEX', 'Always in it')
  await expect(editor(page)).toContainText('1 group, 10 choices')
  const gloves = editor(page).getByRole('region', { name: 'Group Goatskin gloves' })
  await expect(gloves.getByText('each chosen by itself')).toBeHidden()
  await gloves.getByLabel('How many in one bundle').fill('2')
  await gloves.getByLabel('Goatskin gloves: each chosen by itself').check()
  await expect(editor(page)).toContainText('1 group, 100 choices')
  // More than can be chosen one by one is said at once, and nothing is lost.
  await gloves.getByLabel('How many in one bundle').fill('13')
  await page.keyboard.press('Tab')
  await expect(gloves.getByRole('alert')).toContainText('from 1 to 12')
  await expect(gloves.getByLabel('How many in one bundle')).toHaveValue('2')
  await editor(page).getByLabel('How many of Hexagonal jar').fill('2')
  await editor(page).getByLabel('Hexagonal jar: each chosen by itself').check()
  await editor(page).getByLabel('Hexagonal jar: each chosen by itself').uncheck()
  await editor(page).getByLabel('Hexagonal jar: each chosen by itself').check()

  await page.getByRole('button', { name: 'Price', exact: true }).click()
  await price(page).getByRole('button', { name: 'percent' }).click()
  await price(page).getByLabel('Off the parts').fill('10')
  const line = page.getByRole('region', { name: 'As a cart line' })
  await line.getByLabel('Goatskin gloves 2').selectOption({ label: 'Goatskin gloves, cream, 11' })
  await expect(line).toContainText('Goatskin gloves, cream, 11')
  await hasNoViolations(page)
  await publishBundle(page)
  const sku = await editor(page).locator('header .mono').innerText()

  for (const viewport of [desktop, phone]) {
    await page.setViewportSize(viewport)
    await page.goto(`/shop/products/${sku}`)
    await choose(page, 'Goatskin gloves 1', 'leather', '8')
    await choose(page, 'Goatskin gloves 2', 'cream', '11')
    await choose(page, 'Hexagonal jar 1', '180 g', 'box of 12')
    await choose(page, 'Hexagonal jar 2', '380 g', 'tray of 60')
    await hasNoViolations(page)
    const button = page.getByRole('button', { name: /^Add to the cart · €/ })
    const total = (await button.innerText()).split(' · ')[1]!
    await button.click()
    await page.getByRole('dialog').getByRole('link', { name: 'To the cart' }).click()
    const inCart = page.locator(`[data-line="${sku}"]`)
    await expect(inCart).toContainText('Goatskin gloves 1: leather, 8')
    await expect(inCart).toContainText('Goatskin gloves 2: cream, 11')
    await expect(inCart).toContainText('Hexagonal jar, 180 g, box of 12')
    await expect(inCart).toContainText('Hexagonal jar, 380 g, tray of 60')
    await buy(page, total)
    await expect(page.getByRole('status')).toContainText('Goatskin gloves 2: cream, 11')
  }

  // A shop that leaves a piece out is told which.
  const lines = [{ sku, quantity: 1, choices: [{ part: 'goatskin-gloves', sku: 'GLO-L-LEA-8' }] }]
  const cart = (await (await request.post('/api/shop/v1/cart', { data: { lines } })).json()) as {
    warnings: { code: string; part: string }[]
  }
  expect(cart.warnings).toMatchObject([{ code: 'noChoice', part: 'goatskin-gloves.2' }])
})
