import { randomUUID } from 'node:crypto'
import { putIntoCart } from './putIntoCart'
import { expect, test } from './test'
import { phone, desktop, editor, price, addBundle, putIn, makeActive, buy, hasNoViolations } from './bundleSteps'
import { stockOf } from './stockOf'

test('a fixed bundle is built from nothing, sold on a desktop and a phone, and found in the orders', async ({ page, request }) => {
  await page.setViewportSize(desktop)
  await addBundle(page, 'Always the same', 'Quiet morning')
  await expect(editor(page)).toContainText('Nothing is in it yet.')
  await putIn(page, 'smoker stainless', 'SMO-M', 'Add as parts')
  await putIn(page, 'bee brush', 'BRU-1', 'Add as parts')
  await putIn(page, 'marking pen', 'PEN', 'Add as parts')
  const parts = editor(page).getByRole('list', { name: 'Parts of the bundle' }).getByRole('listitem')
  await expect(parts).toHaveCount(3)
  await editor(page).getByLabel('How many of Bee brush').fill('2')
  // The pen comes first, with the keyboard alone, and in a colour that shoppers choose.
  await parts.nth(2).focus()
  await page.keyboard.press('Alt+ArrowUp')
  await page.keyboard.press('Alt+ArrowUp')
  await expect(parts.first()).toContainText('PEN')

  await page.getByRole('button', { name: 'Price', exact: true }).click()
  await expect(price(page)).toContainText('€59.90')
  await price(page).getByRole('button', { name: 'own price' }).click()
  await price(page).getByLabel('Price of the bundle').fill('49.9')
  await expect(price(page)).toContainText('€10.00, 17 %')
  await price(page).getByLabel('Price of the bundle').fill('70')
  await expect(editor(page)).toContainText('It costs more than its parts')
  await price(page).getByLabel('Price of the bundle').fill('a lot')
  await expect(price(page).getByRole('alert')).toHaveText('An amount, such as 12.50.')
  await price(page).getByLabel('Price of the bundle').fill('49.90')
  await expect(page.getByRole('region', { name: 'As a cart line' })).toContainText('the reduction is shared out to the cent')
  await hasNoViolations(page)
  await makeActive(page)

  const sku = await editor(page).locator('header .mono').innerText()
  const before = await stockOf(request, 'BRU-1')
  const numbers = []
  for (const viewport of [desktop, phone]) {
    await page.setViewportSize(viewport)
    await page.goto(`/shop/products/${sku}`)
    await expect(page.getByText('You save €10.00')).toBeVisible()
    await hasNoViolations(page)
    await page.getByRole('button', { name: 'Add to the cart · €49.90' }).click()
    await page.getByRole('dialog').getByRole('link', { name: 'To the cart' }).click()
    const line = page.locator(`[data-line="${sku}"]`)
    await expect(line).toContainText('2 × Bee brush')
    await expect(line.locator('s').first()).toBeVisible()
    await hasNoViolations(page)
    numbers.push(await buy(page, '€49.90'))
    await expect(page.getByRole('status')).toContainText('2 × Bee brush')
  }
  expect(await stockOf(request, 'BRU-1')).toBe(before - 4)
  await page.setViewportSize(desktop)
  await page.goto(`/bundles/${sku}`)
  await page.getByRole('button', { name: 'Orders', exact: true }).click()
  const orders = page.getByRole('region', { name: 'Orders with it' })
  await expect(orders).toContainText('2 orders')
  for (const number of numbers) await expect(orders).toContainText(number)
  await expect(orders.getByRole('article').first()).toContainText('2 × Bee brush')
})

test('a bundle with choices matches its combinations, shows its holes, and sells what is chosen', async ({ page, request }) => {
  await page.setViewportSize(desktop)
  await addBundle(page, 'With choices', 'Dressed for bees')
  await putIn(page, 'jacket round hood', 'JKT', 'As a group')
  await putIn(page, 'goatskin', 'GLO-L', 'As a group')
  await putIn(page, 'bee brush', 'BRU-1', 'Always in it')
  const group = (name: string) => editor(page).getByRole('region', { name: `Group ${name}` })
  const jackets = group('Jacket, round hood')
  await expect(jackets).toContainText(/all \d+ decided/)
  // One more value says how many combinations it makes, and leaves holes at the top.
  await jackets.getByLabel('Add values of size').fill('7XL')
  await expect(jackets).toContainText(/that makes \d+ × \d+ = \d+ combinations/)
  await jackets.getByLabel('Add values of size').press('Enter')
  await expect(jackets).toContainText('have no product')
  await expect(editor(page)).toContainText('“Jacket, round hood” has combinations without a product.')
  const hole = jackets.locator('tbody tr').first()
  await expect(hole).toContainText('7XL')
  await hole.getByRole('button', { name: 'choose a product' }).click()
  await hole.getByLabel(/^Product for/).fill('XL')
  await page.getByRole('option').first().click()
  for (let left = await jackets.locator('tr.hole').count(); left > 0; left--) {
    await jackets.locator('tr.hole').first().getByRole('button', { name: 'Not sold' }).click()
    await expect(jackets.locator('tr.hole')).toHaveCount(left - 1)
  }
  await expect(jackets).toContainText(/all \d+ decided/)
  await page.getByRole('button', { name: 'Price', exact: true }).click()
  await price(page).getByRole('button', { name: 'percent' }).click()
  await price(page).getByLabel('Off the parts').fill('101')
  await expect(price(page).getByRole('alert')).toHaveText('A percentage such as 10 or 12.5, of at most 100.')
  await price(page).getByLabel('Off the parts').fill('10')
  await expect(price(page).getByRole('alert')).toHaveText('')
  await makeActive(page)
  const sku = await editor(page).locator('header .mono').innerText()

  const { bundle } = (await (await request.get(`/api/shop/v1/catalogue/products/${sku}`)).json()) as {
    bundle: { parts: { part: string; options: { name: string }[]; choices: { sku: string; values: string[]; available: boolean }[] }[] }
  }
  const [first] = bundle.parts
  const wanted = first!.choices.filter(each => each.available).at(-1)!
  const stock = await stockOf(request, wanted.sku)
  for (const viewport of [desktop, phone]) {
    await page.setViewportSize(viewport)
    await page.goto(`/shop/products/${sku}`)
    const part = page.getByRole('region', { name: 'Jacket, round hood' })
    for (const value of wanted.values) await part.getByRole('button', { name: value, exact: true }).click()
    for (const value of wanted.values)
      await expect(part.getByRole('button', { name: value, exact: true })).toHaveAttribute('aria-pressed', 'true')
    await hasNoViolations(page)
    const button = page.getByRole('button', { name: /^Add to the cart · €/ })
    await expect(button).toBeEnabled()
    const total = (await button.innerText()).split(' · ')[1]!
    await button.click()
    await expect(page.getByRole('dialog')).toContainText('Dressed for bees')
    await buy(page, total)
    await expect(page.getByRole('status')).toContainText('1 × Bee brush')
  }
  expect(await stockOf(request, wanted.sku)).toBe(stock - 2)
  await page.setViewportSize(desktop)
  await page.goto(`/bundles/${sku}`)
  await page.getByRole('button', { name: 'Orders', exact: true }).click()
  await expect(page.getByRole('region', { name: 'Orders with it' }).getByRole('article').first()).toContainText(wanted.sku)
})

test('a pick-any bundle is built from nothing, reduces by how many are picked, and is sold', async ({ page, request }) => {
  await page.setViewportSize(desktop)
  await addBundle(page, 'Pick any', 'Reading for winter')
  for (const [words, sku] of [
    ['first', 'BK-FIRST'],
    ['wax', 'BK-WAX'],
    ['swarm', 'BK-SWARM'],
  ] as const)
    await putIn(page, words, sku, 'Add to the set')
  await expect(editor(page)).toContainText('Out of 3 products')
  await editor(page).getByLabel('Pick at least').fill('2')
  await editor(page).getByLabel('Percent off from 3 on').fill('15')
  await expect(editor(page).getByLabel('Percent off from 3 on')).toHaveValue('15')
  await makeActive(page)
  const sku = await editor(page).locator('header .mono').innerText()
  const before = await stockOf(request, 'BK-WAX')
  for (const viewport of [desktop, phone]) {
    await page.setViewportSize(viewport)
    await page.goto(`/shop/products/${sku}`)
    await expect(page.getByRole('button', { name: 'Pick 2 more' })).toBeDisabled()
    const more = (name: RegExp) => page.getByRole('button', { name })
    await more(/^One more of The first year/).click()
    await more(/^One more of Candles/).click()
    await expect(page.getByRole('status')).toContainText('2 of 6 picked; 1 more for 15 % less')
    await expect(page.getByRole('button', { name: 'Add to the cart · €42.00' })).toBeEnabled()
    await more(/^One more of Candles/).click()
    await hasNoViolations(page)
    await page.getByRole('button', { name: 'Add to the cart · €51.00' }).click()
    await expect(page.getByRole('dialog')).toBeVisible()
    await buy(page, '€51.00')
    await expect(page.getByRole('status')).toContainText('2 × ')
  }
  expect(await stockOf(request, 'BK-WAX')).toBe(before - 4)
})

test('a part that goes out of the shop while the bundle is in a cart is said in words, and nothing is lost', async ({
  page,
  request,
  baseURL,
}) => {
  await putIntoCart(page, baseURL!, [
    { sku: 'SET-02', quantity: 1 },
    { sku: 'LOG-1', quantity: 1 },
  ])
  await page.goto('/shop/cart')
  await expect(page.locator('[data-line="SET-02"]')).toContainText('2 × Bucket with gate')
  const change = async (status: string) => {
    const csv = await (await request.get('/api/exchange/export?kind=products')).text()
    const [head, ...rows] = csv.split('\r\n')
    const row = rows.find(each => each.startsWith('UF-21,'))!.replace(/,(active|retired),/, `,${status},`)
    expect(
      (
        await request.post('/api/exchange/import?kind=products', { data: `${head}\r\n${row}\r\n`, headers: { 'content-type': 'text/csv' } })
      ).ok(),
    ).toBe(true)
  }
  await change('retired')
  await page.reload()
  await expect(page.locator('[data-line="SET-02"]')).toContainText('Harvest day is not for sale at the moment and was left out.')
  await expect(page.locator('[data-line="LOG-1"]')).toBeVisible()
  await page.goto('/shop/products/SET-02')
  await expect(page.getByRole('button', { name: 'Not for sale at the moment' })).toBeDisabled()
  await page.goto('/bundles/SET-02')
  await expect(editor(page)).toContainText('“Uncapping fork” is retired and can’t be sold.')
  await change('active')
  await page.goto('/shop/cart')
  await expect(page.locator('[data-line="SET-02"]')).toContainText('1 × Uncapping fork')
})

test('nonsense about bundles is refused in words, and changes nothing', async ({ page }) => {
  const { request } = page
  const send = async (command: object) => {
    const answer = await request.post('/api/commands', { data: command })
    return [answer.status(), ((await answer.json()) as { detail?: string }).detail ?? '']
  }
  const fixed = (components: object[], price: object = { by: 'sum' }) => ({ type: 'fixed', components, price, marginFloor: null })
  const change = (bundle: object) => send({ type: 'changeBundle', sku: 'SET-02', settings: { bundle }, seen: {} })
  const before = await (await request.get('/api/bundles/SET-02')).text()
  expect(await change(fixed([{ key: 'a', sku: 'SET-02', quantity: 1 }]))).toEqual([422, 'A bundle can’t be a part of itself.'])
  expect(await change(fixed([{ key: 'a', sku: 'NOPE', quantity: 1 }]))).toEqual([404, 'The shop has no product with the SKU NOPE.'])
  for (const [quantity, words] of [
    [0, 'A quantity is at least 1.'],
    [-1, 'A quantity is at least 1.'],
    [1e9, 'A quantity is at most 999.'],
  ] as const) {
    expect(await change(fixed([{ key: 'a', sku: 'SMO-M', quantity }]))).toEqual([400, expect.stringContaining(words)])
  }
  expect(await change(fixed([], { by: 'percent', percent: 101 }))).toEqual([400, expect.stringContaining('A reduction is at most 100 %.')])
  expect(await send({ type: 'addBundle', sku: 'SMO-M', name: { en: 'X' }, bundle: fixed([]) })).toEqual([
    409,
    expect.stringContaining('SMO-M is the SKU of another product already.'),
  ])
  expect(await send({ type: 'changeBundle', sku: 'SET-02', settings: { status: 'retired' }, seen: { status: 'draft' } })).toEqual([
    409,
    expect.stringContaining('changed in the meantime'),
  ])
  expect(await (await request.get('/api/bundles/SET-02')).text()).toBe(before)

  const cart = async (line: object) =>
    (
      (await (await request.post('/api/shop/v1/cart', { data: { lines: [{ quantity: 1, ...line }] } })).json()) as {
        warnings: { code: string; part: string | null }[]
      }
    ).warnings
  expect(await cart({ sku: 'SET-03', choices: [{ part: 'lab-250', sku: 'SMO-M' }] })).toMatchObject([
    { code: 'choiceNotSold', part: 'SMO-M' },
  ])
  expect(await cart({ sku: 'SET-03' })).toMatchObject([{ code: 'noChoice', part: 'lab-250' }])
  expect(await cart({ sku: 'SET-04', choices: [{ part: 'pick', sku: 'SEED-BOR-10', quantity: 7 }] })).toMatchObject([
    { code: 'wrongNumber' },
  ])
})

test('of two hundred shoppers at once who want bundles and their parts, nothing is sold twice and every total is right', async ({
  request,
}) => {
  const post = (path: string, lines: object[], total?: number) =>
    request.post(`/api/shop/v1/${path}`, {
      data: { lines, ...(total !== undefined && { total }) },
      headers: { 'idempotency-key': randomUUID() },
    })
  const wishes = [
    [{ sku: 'SET-03', quantity: 1, choices: [{ part: 'lab-250', sku: 'LAB-250-PLA' }] }],
    [{ sku: 'JAR-500-12', quantity: 2 }],
    [{ sku: 'SET-03', quantity: 2, choices: [{ part: 'lab-250', sku: 'LAB-250-MEA' }] }],
  ]
  const totals = await Promise.all(wishes.map(async lines => ((await (await post('cart', lines)).json()) as { total: number }).total))
  const watched = ['JAR-500-12', 'LAB-250-PLA', 'LAB-250-MEA']
  const before = await Promise.all(watched.map(sku => stockOf(request, sku)))
  const answers = await Promise.all(
    Array.from({ length: 200 }, async (_, i) => {
      const answer = await post('orders', wishes[i % 3]!, totals[i % 3])
      return answer.status() === 201
        ? ((await answer.json()) as {
            total: number
            lines: { sku: string; quantity: number; total: number; components: { sku: string; quantity: number; total: number }[] }[]
          })
        : answer.status()
    }),
  )
  const placed = answers.filter(each => typeof each === 'object')
  expect(new Set(answers.filter(each => typeof each === 'number'))).toEqual(new Set([409]))
  const sold = new Map<string, number>()
  for (const { total, lines } of placed) {
    expect(lines.reduce((sum, line) => sum + line.total, 0)).toBe(total)
    for (const line of lines) {
      if (line.components.length) expect(line.components.reduce((sum, each) => sum + each.total, 0)).toBe(line.total)
      for (const { sku, quantity } of line.components.length ? line.components : [line]) sold.set(sku, (sold.get(sku) ?? 0) + quantity)
    }
  }
  const after = await Promise.all(watched.map(sku => stockOf(request, sku)))
  for (const [i, sku] of watched.entries()) {
    expect(after[i]).toBe(before[i]! - (sold.get(sku) ?? 0))
    expect(after[i]).toBeGreaterThanOrEqual(0)
  }
  // Less is left than the smallest wish takes.
  expect(after[0]).toBeLessThan(2)
})
