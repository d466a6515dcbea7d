import AxeBuilder from '@axe-core/playwright'
import type { APIRequestContext, Page } from '@playwright/test'
import { sureOf } from '../core/delivery/few'
import { putIntoCart } from './putIntoCart'
import { stockOf } from './stockOf'
import { expect, test } from './test'

const viewports = [
  { width: 1280, height: 800 },
  { width: 390, height: 844 },
]

async function fillIn(page: Page): Promise<void> {
  await page.getByLabel('Name').fill('A shopper')
  await page.getByLabel('E-mail').fill('shopper@shop.example')
  await page.getByLabel('Address').fill('1 Lane')
}
const order = (request: APIRequestContext, lines: object[], total: number) =>
  request.post('/api/shop/v1/orders', { data: { lines, total } })

test('a shopper buys with mouse and keyboard, on a desktop and on a phone; the stock goes down and the cart is empty', async ({
  page,
  request,
}) => {
  for (const viewport of viewports) {
    await page.setViewportSize(viewport)
    const before = await stockOf(request, 'EX-410')
    await page.goto('/shop/products/EX-410')
    await page.getByRole('button', { name: 'Add to the cart' }).click()
    await page.getByRole('dialog').getByRole('link', { name: 'To the cart' }).click()
    await page.getByRole('link', { name: 'To the checkout' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Checkout')
    await expect(page.locator('[data-line="EX-410"]')).toContainText('1 × Four-frame extractor')
    const { violations } = await new AxeBuilder({ page }).analyze()
    expect(violations.map(each => `${each.id}: ${each.nodes[0]?.html}`)).toEqual([])
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(viewport.width)
    await fillIn(page)
    await page.getByLabel('Name').press('Enter')
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Thank you for your order')
    await expect(page.getByRole('status')).toContainText('1 × Four-frame extractor')
    await expect(page.getByRole('status')).toContainText('€329.00')
    expect(await stockOf(request, 'EX-410')).toBe(before - 1)
    await page.goto('/shop/cart')
    await expect(page.getByText('Your cart is empty.')).toBeVisible()
  }
})

test('what is not there in this quantity is said, and can be taken as far as it is there', async ({ page, request, baseURL }) => {
  const stock = await stockOf(request, 'EX-210')
  const sure = sureOf(stock)
  await putIntoCart(page, baseURL!, [
    { sku: 'EX-210', quantity: stock + 3 },
    { sku: 'GONE', quantity: 1 },
  ])
  await page.goto('/shop/checkout')
  await expect(page.getByRole('alert')).toContainText(`So many of Two-frame extractor are not there. ${sure} can be had for sure.`)
  await expect(page.getByRole('alert')).toContainText('GONE is no longer in the shop and was left out.')
  await expect(page.getByRole('button', { name: /^Place the order/ })).toBeDisabled()
  await page.getByRole('button', { name: `Take ${sure}` }).click()
  await expect(page.getByRole('button', { name: /^Place the order/ })).toBeEnabled()
  // Somebody else is faster, and takes all.
  expect((await order(request, [{ sku: 'EX-210', quantity: stock }], 18900 * stock)).status()).toBe(201)
  await fillIn(page)
  await page.getByRole('button', { name: /^Place the order/ }).click()
  await expect(page.getByRole('alert')).toContainText('Two-frame extractor is out of stock.')
  expect(await stockOf(request, 'EX-210')).toBe(0)
})

test('a price that has changed in the meantime is shown before anything is ordered', async ({ page, request, baseURL }) => {
  await putIntoCart(page, baseURL!, [{ sku: 'SMO-M', quantity: 2 }])
  await page.goto('/shop/checkout')
  await fillIn(page)
  const csv = await (await request.get('/api/exchange/export?kind=products')).text()
  const row = csv.split('\r\n').find(each => each.startsWith('SMO-M,'))!
  const dearer = `${csv.split('\r\n')[0]}\r\n${row.replace(',39.00,', ',41.00,')}\r\n`
  expect(row).not.toBe(dearer)
  expect(
    (
      await request.post('/api/exchange/import?kind=products&file=dearer.csv', { data: dearer, headers: { 'content-type': 'text/csv' } })
    ).ok(),
  ).toBe(true)
  await page.getByRole('button', { name: 'Place the order · €78.00' }).click()
  await expect(page.getByRole('alert')).toContainText('A price has changed in the meantime.')
  await page.getByRole('button', { name: 'Place the order · €82.00' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Thank you for your order')
})

test('the cart is priced by the server alone, and nonsense is refused in words', async ({ request }) => {
  const cart = (lines: unknown) => request.post('/api/shop/v1/cart', { data: { lines } })
  expect(
    await (
      await cart([
        { sku: 'LOG-1', quantity: 3 },
        { sku: 'FUEL', quantity: 1 },
        { sku: 'NOPE', quantity: 1 },
      ])
    ).json(),
  ).toEqual({
    lines: [{ line: 0, sku: 'LOG-1', quantity: 3, unit: 950, was: null, total: 2850, reductions: [], components: [] }],
    subtotal: 2850,
    reductions: [],
    total: 2850,
    currency: 'EUR',
    warnings: [
      { line: 1, sku: 'FUEL', code: 'noChoice', sure: 0, part: null },
      { line: 2, sku: 'NOPE', code: 'unknown', sure: 0, part: null },
    ],
  })
  for (const [quantity, words] of [
    [0, 'A quantity is at least 1.'],
    [-2, 'A quantity is at least 1.'],
    [1e9, 'A quantity is at most 9999.'],
    [1.5, 'A quantity is a whole number.'],
  ] as const) {
    const answer = await cart([{ sku: 'LOG-1', quantity }])
    expect([answer.status(), ((await answer.json()) as { detail: string }).detail]).toEqual([400, expect.stringContaining(words)])
  }
  expect((await cart([{ sku: 'LOG-1', quantity: 1, unit: 1 }])).status()).toBe(400)
  const refused = await order(request, [{ sku: 'LOG-1', quantity: 1 }], 1)
  expect([refused.status(), ((await refused.json()) as { type: string }).type]).toEqual([409, 'urn:manada:problem:total-changed'])
})

test('of two hundred shoppers who want the same at once, as many get it as there are', async ({ request }) => {
  const sku = 'BK-QUEEN'
  const stock = await stockOf(request, sku)
  const { price } = (await (await request.get(`/api/shop/v1/catalogue/products/${sku}`)).json()) as { price: number }
  // Each wants so many that they can't all have them.
  const quantity = Math.ceil(stock / 150) + 1
  const answers = await Promise.all(
    Array.from({ length: 200 }, () => order(request, [{ sku, quantity }], price * quantity).then(answer => answer.status())),
  )
  const placed = answers.filter(status => status === 201).length
  expect([placed, answers.filter(status => status === 409).length]).toEqual([
    Math.floor(stock / quantity),
    200 - Math.floor(stock / quantity),
  ])
  expect(await stockOf(request, sku)).toBe(stock - placed * quantity)
})
