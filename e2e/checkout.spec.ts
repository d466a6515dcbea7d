import { randomUUID } from 'node:crypto'
import type { APIRequestContext, Page } from '@playwright/test'
import { sureOf } from '../core/delivery/few'
import { hasNoViolations } from './axe'
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
const order = (request: APIRequestContext, lines: object[], total: number, key: string = randomUUID()) =>
  request.post('/api/shop/v1/orders', { data: { lines, total }, headers: { 'idempotency-key': key } })

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
    await hasNoViolations(page)
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

test('an order has a key; sent twice it is one order, also when another comes with it', async ({ request }) => {
  const before = await stockOf(request, 'LOG-1')
  const lines = [{ sku: 'LOG-1', quantity: 2 }]
  const keyless = await request.post('/api/shop/v1/orders', { data: { lines, total: 1900 } })
  expect([keyless.status(), ((await keyless.json()) as { detail: string }).detail]).toEqual([
    400,
    expect.stringContaining('Idempotency-Key'),
  ])
  const key = randomUUID()
  const answers = await Promise.all(Array.from({ length: 20 }, () => order(request, lines, 1900, key)))
  expect(new Set(answers.map(each => each.status()))).toEqual(new Set([201]))
  expect(new Set(await Promise.all(answers.map(each => each.text()))).size).toBe(1)
  expect((await order(request, [{ sku: 'LOG-1', quantity: 1 }], 950, key)).status()).toBe(422)
  expect(await stockOf(request, 'LOG-1')).toBe(before - 2)
})

test('orders are taken as often as is allowed, from pages of shops that are named, and not at all where no checkout is wanted', async ({
  freshShop,
}) => {
  const send = (method: string, headers: Record<string, string>, visitor?: string) =>
    fetch(`${freshShop.url}/api/shop/v1/orders`, {
      method,
      headers: { 'content-type': 'application/json', 'idempotency-key': randomUUID(), ...headers },
      body: method === 'POST' ? JSON.stringify({ lines: [{ sku: 'LOG-1', quantity: 1 }], total: 950, visitor }) : undefined,
    })
  await freshShop.stop()
  await freshShop.start('shown', { MANADA_ORDERS_A_MINUTE: '3', MANADA_SHOPS: 'https://shop.example' })
  const shop = { 'origin': 'https://shop.example', 'sec-fetch-site': 'cross-site' }
  const preflight = await send('OPTIONS', { ...shop, 'access-control-request-method': 'POST' })
  expect([preflight.status, preflight.headers.get('access-control-allow-origin')]).toEqual([204, 'https://shop.example'])
  expect(preflight.headers.get('access-control-allow-headers')).toContain('idempotency-key')
  const taken = await send('POST', shop)
  expect([taken.status, taken.headers.get('access-control-allow-origin')]).toEqual([201, 'https://shop.example'])
  const evil = { 'origin': 'https://evil.example', 'sec-fetch-site': 'cross-site' }
  expect((await send('OPTIONS', evil)).headers.get('access-control-allow-origin')).toBeNull()
  expect((await send('POST', evil)).status).toBe(403)
  expect([(await send('POST', {})).status, (await send('POST', {})).status]).toEqual([201, 201])
  const tooMany = await send('POST', {})
  expect(tooMany.status).toBe(429)
  expect(Number(tooMany.headers.get('retry-after'))).toBeGreaterThan(0)

  // From several addresses, which the operator's own proxy tells of, one visitor is one visitor.
  await freshShop.stop()
  await freshShop.start('shown', { MANADA_ORDERS_A_MINUTE: '3', MANADA_HOPS: '1' })
  const from = (address: string) => send('POST', { 'x-forwarded-for': address }, 'visitor-one')
  const statuses = []
  for (let i = 0; i < 4; i++) statuses.push((await from(`203.0.113.${i}`)).status)
  expect(statuses).toEqual([201, 201, 201, 429])

  await freshShop.stop()
  await freshShop.start('shown', { MANADA_DEMO: '' })
  expect((await send('POST', {})).status).toBe(403)
  expect(((await (await fetch(`${freshShop.url}/api/shop/v1/catalogue`)).json()) as { checkout: boolean }).checkout).toBe(false)
  await freshShop.stop()
})
