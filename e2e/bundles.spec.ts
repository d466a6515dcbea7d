import { hasNoViolations } from './axe'
import { putIntoCart } from './putIntoCart'
import { expect, test } from './test'
import { phone, desktop, editor, price, addBundle, putIn, publishBundle, buy } from './bundleSteps'
import { stockOf } from './stockOf'
import { effectsOf, publishRoom } from './studio'
import { undoAll } from './undoAll'

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
  await publishBundle(page)

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
  const found = page.locator('.v-autocomplete__content').getByRole('option')
  const firstValues = (await hole.locator('td').allInnerTexts()).slice(0, 2).join('')
  await hole.getByLabel(/^Product for/).fill('XL')
  await found.first().click()
  await expect(jackets.locator('tbody tr.hole').filter({ hasText: firstValues })).toHaveCount(0)
  // Anything of the catalogue can be one; of a product with variants these are asked for next.
  const other = jackets.locator('tbody tr.hole').first()
  const otherValues = await other.locator('td').first().innerText()
  await other.getByRole('button', { name: 'choose a product' }).click()
  await other.getByLabel(/^Product for/).fill('SUIT-K')
  await expect(found.first()).toContainText('variants')
  await page.keyboard.press('Enter')
  await expect(found.first()).not.toContainText('variants')
  await expect(found.first()).toContainText('SUIT-K-')
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Enter')
  await expect(jackets.locator('tbody tr').filter({ hasText: 'Bee suit for children, ' })).toContainText(otherValues)
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
  await publishBundle(page)
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
  await publishBundle(page)
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

test('shoppers get another bundle only when it is published; what can’t be sold can’t be, and holes ask first', async ({
  page,
  request,
}) => {
  await page.setViewportSize(desktop)
  const priceOf = async (sku: string, query = '') => {
    const answer = await page.request.get(`/api/shop/v1/catalogue/products/${sku}${query}`)
    return answer.ok() ? ((await answer.json()) as { price: number }).price : answer.status()
  }
  const room = publishRoom(page)
  const publish = () => editor(page).getByRole('button', { name: 'Publish' }).click()

  await test.step('another price is a draft, and the room says what it does', async () => {
    await page.goto('/bundles/SET-02')
    await expect(editor(page).locator('header .state')).toHaveText('live')
    await page.getByRole('button', { name: 'Price', exact: true }).click()
    await price(page).getByLabel('Price of the bundle').fill('55')
    await expect(editor(page).locator('header .state')).toHaveText('changed')
    await expect(price(page)).toContainText('As it is live€59.00')
    await expect.poll(() => priceOf('SET-02', '?draft=1')).toBe(5500)
    expect(await priceOf('SET-02')).toBe(5900)
    await page.getByRole('button', { name: 'Shop', exact: true }).click()
    await expect(page.frameLocator('iframe').getByText('€55.00').first()).toBeVisible()
    await publish()
    await expect(effectsOf(page)).toContainText('The bundle “Harvest day” costs €55.00, before €59.00')
    await room.getByRole('button', { name: 'Publish 1' }).click()
    await expect(page.locator('.message-bar')).toContainText('Published')
    expect(await priceOf('SET-02')).toBe(5500)
  })
  await test.step('it is taken from shoppers and stays a draft; undo gives it back', async () => {
    await page.goto('/bundles/SET-02')
    await editor(page).getByRole('button', { name: 'More' }).click()
    await page.getByText('Take it from shoppers').click()
    await expect(editor(page).locator('header .state')).toHaveText('draft')
    expect(await priceOf('SET-02')).toBe(404)
    await page.keyboard.press('Control+z')
    await expect(editor(page).locator('header .state')).toHaveText('live')
    expect(await priceOf('SET-02')).toBe(5500)
  })
  await test.step('an empty one stays in the room', async () => {
    await addBundle(page, 'Always the same', 'Nothing yet')
    await editor(page).getByRole('button', { name: 'More' }).click()
    const [shop] = await Promise.all([page.waitForEvent('popup'), page.getByText('Open its page in the shop').click()])
    await expect(shop.getByRole('heading', { level: 1 })).toHaveText('Nothing yet')
    await shop.close()
    await publish()
    await expect(room).toContainText('can’t be published. Nothing is in it yet: put products in first.')
    await expect(room.getByRole('button', { name: 'Publish 1' })).toBeDisabled()
  })
  await test.step('choices that can’t be bought are said in numbers, and agreed to', async () => {
    await page.goto('/bundles/SET-01')
    await expect(editor(page).locator('header')).toContainText('2 groups, 12 × 5 = 60 choices')
    await editor(page).getByLabel('Name, de').fill('Set zum Anfangen')
    await editor(page).getByLabel('Name, de').press('Enter')
    await expect(editor(page).locator('header .state')).toHaveText('changed')
    await publish()
    await expect(room).toContainText('In “Suit” 1 of 11 choices can’t be bought.')
    await expect(room.getByRole('button', { name: 'Publish 1' })).toBeDisabled()
    await room.getByLabel('Publish it all the same').check()
    await room.getByRole('button', { name: 'Publish 1' }).click()
    await expect(page.locator('.message-bar')).toContainText('Published')
    const { name } = (await (await request.get('/api/shop/v1/catalogue/products/SET-01?lang=de')).json()) as { name: string }
    expect(name).toBe('Set zum Anfangen')
  })
  await undoAll(page.request)
})
