import { randomUUID } from 'node:crypto'
import { hasNoViolations } from './axe'
import { buy } from './bundleSteps'
import { expect, test } from './test'

test('an order is found with what was chosen, what made it cheaper and where each line came from, and goes out as a file', async ({
  page,
  request,
}) => {
  const lines = [
    { sku: 'SMO-M', quantity: 1 },
    { sku: 'SMO-BOX', quantity: 1, from: 'offer:to-light-it-with' },
    {
      sku: 'SET-01',
      quantity: 1,
      choices: [
        { part: 'suit', sku: 'SUIT-WHI-XL' },
        { part: 'gloves', sku: 'GLO-L-LEA-9' },
      ],
    },
  ]
  const cart = (await (await request.post('/api/shop/v1/cart', { data: { lines } })).json()) as { total: number }
  const placed = await request.post('/api/shop/v1/orders', {
    data: { lines, total: cart.total },
    headers: { 'idempotency-key': randomUUID() },
  })
  expect(placed.status()).toBe(201)
  const { number } = (await placed.json()) as { number: string }

  const list = page.getByRole('region', { name: 'Orders' })
  const order = page.getByRole('region', { name: 'Order', exact: true })
  await test.step('the newest stands open', async () => {
    await page.goto('/results')
    await expect(order.getByRole('heading', { level: 1 })).toHaveText(`Order ${number}`)
    await expect(order).toContainText('from the offer “To light it with”')
    await expect(order).toContainText('To light it with: €3.40 less')
    await expect(order).toContainText('Bee suit, round hood, white, XL · Suit: XL, white')
    await expect(order).toContainText('Gloves: 9')
    await hasNoViolations(page)
  })
  await test.step('others are found by number, SKU, day and what is in them', async () => {
    const rows = list.locator('[data-order]')
    await list.getByRole('button', { name: 'with a bundle' }).click()
    await expect(rows.filter({ hasText: number })).toBeVisible()
    await list.getByRole('button', { name: 'all', exact: true }).click()
    await list.getByLabel('Find an order').fill('L10399')
    await expect(list.getByRole('status')).toHaveText('10 orders')
    await list.getByLabel('Find an order').fill('SMO-')
    await expect(rows.first()).toContainText(number)
    await list.getByLabel('Placed until').fill('2000-01-01')
    await expect(list).toContainText('No order is like that.')
    await list.getByLabel('Placed until').fill('')
    await list.getByLabel('Find an order').fill('')
    await rows.first().focus()
    await page.keyboard.press('ArrowDown')
    await expect(order.getByRole('heading', { level: 1 })).not.toHaveText(`Order ${number}`)
  })
  await test.step('all of them go out, a row a line', async () => {
    const file = await (await request.get('/api/exchange/export?kind=orders')).text()
    expect(file.split('\r\n')[0]).toBe('order,placed,sku,quantity,unitPrice,from,options')
    const own = file.split('\r\n').filter(row => row.startsWith(`${number},`))
    const money = String.raw`\d+\.\d\d`
    const expected = [
      'SMO-M,1,39.00,,',
      'SMO-BOX,1,34.00,offer:to-light-it-with,',
      String.raw`SET-01,1,${money},,"Suit: XL, white\|Gloves: 9"`,
      ...['SUIT-WHI-XL', 'GLO-L-LEA-9', 'SMO-M', 'HT-J-YEL'].map(sku => `${sku},1,${money},bundle:SET-01,`),
    ]
    expect(own).toHaveLength(expected.length)
    for (const [i, row] of own.entries()) expect(row).toMatch(new RegExp(`^${number},[^,]+,${expected[i]!}$`))
  })
  await test.step('what a shopper adds in a section is known to come from there', async () => {
    await page.goto('/shop/products/SMO-M')
    const section = page.locator('[data-section="related"]')
    await section.getByRole('button', { name: /^Add / }).first().click()
    await page.getByRole('dialog').getByRole('link', { name: 'To the cart' }).click()
    const total = (await page.locator('.total').last().innerText()).match(/€[\d.,]+/)![0]
    const bought = await buy(page, total)
    await page.goto(`/results/${bought}`)
    await expect(order).toContainText('from “Also worth a look”')
  })
  await page.goto('/results/none')
  await expect(page.getByText('There is no order none')).toBeVisible()
})
