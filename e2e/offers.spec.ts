import { hasNoViolations } from './axe'
import { editor, seen, tryOn } from './offerSteps'
import { effectsOf, publishRoom } from './studio'
import { expect, test } from './test'
import { putInTriedCart } from './tried'
import { undoAll } from './undoAll'

test('an offer is made from nothing, tried, ticked in the shop at both widths, and reduced in cart and order', async ({ page }) => {
  await page.goto('/offers')
  await page.getByRole('button', { name: 'Add a together offer' }).click()
  await expect(editor(page).getByRole('heading', { level: 1 })).toHaveText('Take it along')
  const part = (name: string) => editor(page).getByRole('region', { name })
  await part('What it is for').getByRole('button', { name: 'some products' }).click()
  await part('What it is for').getByRole('button', { name: 'Say which' }).click()
  await page.locator('.v-list-item').filter({ hasText: 'chosen one by one' }).click()
  const form = page.getByRole('dialog', { name: 'Which products or categories' })
  await form.getByLabel('Add a product').fill('refractometer')
  await page.getByRole('option', { name: 'Refractometer' }).click()
  // What was chosen is not looked up once more: the list would open over the button.
  await expect(form.getByLabel('Add a product')).toHaveValue('')
  await page.waitForTimeout(600)
  await expect(page.locator('.v-autocomplete__content').getByRole('option')).toHaveCount(0)
  await form.getByRole('button', { name: 'Done' }).click()
  const offered = part('What is offered')
  for (const words of ['honey creamer', 'tamper seals', 'wax course']) {
    await offered.getByLabel('Add a product').fill(words === 'wax course' ? 'candles and polish' : words)
    await page.locator('.v-autocomplete__content').getByRole('option').first().click()
  }
  await expect(offered.getByRole('listitem')).toHaveCount(3)
  // Whoever tries another way and comes back finds it as it was; many crowd the page.
  await offered.getByRole('button', { name: 'its first links' }).click()
  await expect(offered.getByRole('listitem')).toHaveCount(0)
  await expect(offered.getByRole('status')).toHaveCount(0)
  // A number that can't be says why.
  await offered.getByLabel('How many').fill('40')
  await offered.getByLabel('How many').press('Tab')
  await expect(offered.getByRole('alert')).toHaveText('A whole number from 1 to 8.')
  await expect(offered.getByLabel('How many')).toHaveValue('2')
  await offered.getByLabel('How many').fill('5')
  await expect(offered.getByRole('status')).toHaveText('More than 4 crowd the page.')
  await offered.getByRole('button', { name: 'these products' }).click()
  await expect(offered.getByRole('listitem')).toHaveCount(3)
  // Of a product with variants one can be meant.
  await offered.getByLabel('Which Tamper seals').selectOption({ label: 'Tamper seals, green' })
  await expect(offered.getByRole('listitem').nth(1)).toContainText('SEAL-GRE')
  await part('What it costs less').getByRole('button', { name: 'percent' }).click()
  await part('What it costs less').getByLabel('How much less').fill('120')
  await part('What it costs less').getByLabel('How much less').press('Tab')
  await expect(part('What it costs less').getByRole('alert')).toHaveText('A percentage such as 10 or 12.5, of at most 100.')
  await part('What it costs less').getByLabel('How much less').fill('20')
  await part('What it costs less').getByLabel('How much less').press('Tab')
  await tryOn(page, 'refractometer')
  await expect(seen(page).getByRole('status')).toContainText('Once it is published, shoppers see it:')
  // It is seen on the page, with what it will cost, before shoppers have anything of it.
  const preview = page.frameLocator('iframe').getByRole('region', { name: 'Take it along' })
  await preview.getByRole('checkbox', { name: 'Honey creamer' }).check()
  await expect(preview.getByRole('status')).toHaveText(/2 items, together €68.80.*€74.00/)
  const live = async () => (await (await page.request.get('/api/shop/v1/pages/product/REF-1')).json()) as { offers?: object[] }
  expect((await live()).offers).toBeUndefined()
  await editor(page).getByRole('button', { name: 'Publish' }).click()
  await publishRoom(page).getByRole('button', { name: 'Publish 1' }).click()
  await expect(seen(page).getByRole('status')).toContainText('Shoppers see it:')
  expect((await live()).offers).toMatchObject([{ heading: 'Take it along', reduction: { percent: 20 } }])
  // What is changed then is a draft again.
  await part('What it costs less').getByLabel('How much less').fill('99')
  await part('What it costs less').getByLabel('How much less').press('Tab')
  await expect(seen(page).getByRole('status')).toContainText('Once it is published')
  expect((await live()).offers).toMatchObject([{ reduction: { percent: 20 } }])
  // Two digits after the point, or the comma: the preview says them, and what it costs is to the cent.
  await part('What it costs less').getByLabel('How much less').fill('12,75')
  await part('What it costs less').getByLabel('How much less').press('Tab')
  await expect(preview).toContainText('12.75 %')
  await preview.getByRole('checkbox', { name: 'Honey creamer' }).check()
  await expect(preview.getByRole('status')).toHaveText(/2 items, together €70.68.*€74.00/)
  await part('What it costs less').getByLabel('How much less').fill('20')
  await part('What it costs less').getByLabel('How much less').press('Tab')
  await expect(seen(page).getByRole('status')).toContainText('Shoppers see it:')
  await hasNoViolations(page)
  // What is in the cart already is not offered, and it says so; all or nothing hides the rest.
  await putInTriedCart(page, 'BK-WAX')
  await expect(seen(page).getByRole('status')).toContainText('Candles and polish is in the cart already')
  await offered.getByLabel(/^all or nothing/).check()
  await expect(seen(page).getByRole('status')).toContainText('It is not shown, because a part of it is missing')
  await offered.getByLabel(/^all or nothing/).uncheck()
  await tryOn(page, 'smoker stainless')
  await expect(seen(page).getByRole('status')).toContainText('It is not for this product')

  for (const viewport of [
    { width: 1280, height: 800 },
    { width: 390, height: 844 },
  ]) {
    await page.setViewportSize(viewport)
    await page.goto('/shop/products/REF-1')
    const offer = page.getByRole('region', { name: 'Take it along' })
    await expect(offer).toContainText('Each is 20 % cheaper when you take it along.')
    await offer.getByRole('checkbox', { name: 'Honey creamer' }).check()
    await offer.getByRole('checkbox', { name: 'Candles and polish' }).check()
    // 48.00 + 26.00 + 18.00, and a fifth less for the two that were ticked.
    await expect(offer.getByRole('status')).toHaveText(/3 items, together €83.20.*€92.00/)
    await hasNoViolations(page)
    await offer.getByRole('button', { name: 'Add 3 to the cart · €83.20' }).click()
    await page.getByRole('dialog').getByRole('link', { name: 'To the cart' }).click()
    await expect(page.locator('aside')).toContainText('Take it along: −20 %')
    await expect(page.locator('aside .total')).toContainText('€83.20')
    // In the cart the rest is offered.
    await expect(page.getByRole('region', { name: 'Take it along' })).toContainText('Tamper seals')
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(viewport.width)
    await page.getByRole('link', { name: 'To the checkout' }).click()
    await page.getByLabel('Name').fill('A shopper')
    await page.getByLabel('E-mail').fill('shopper@shop.example')
    await page.getByLabel('Address').fill('1 Lane')
    await page.getByRole('button', { name: 'Place the order · €83.20' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Thank you for your order')
  }
})

test('an offer stands where it is put: drawn in Pages, moved and switched off there, and what it shows is not shown twice', async ({
  page,
}) => {
  const delivered = async (query = '') =>
    (await (await page.request.get(`/api/shop/v1/pages/product/SMO-M${query}`)).json()) as {
      sections: { key: string; items: { sku: string }[] }[]
      offers?: { key: string; zone: string; sectionsAbove: number; items: { sku: string }[] }[]
    }
  const plan = page.getByRole('region', { name: 'Page plan', exact: true })
  const block = (name: string) => plan.locator(`[data-placed="${name}"]`)
  await page.goto('/pages/product-default')
  await expect(block('offer:*')).toContainText('To light it with')
  expect((await delivered()).offers).toMatchObject([{ key: 'to-light-it-with', zone: 'belowBuy', sectionsAbove: 0 }])

  await test.step('it gets a place of its own, and goes down the page by key', async () => {
    await page.goto('/offers/to-light-it-with')
    const places = editor(page).getByRole('region', { name: 'Where it stands' })
    await expect(places).toContainText('below the buy button, with all other offers')
    await places.getByRole('listitem').filter({ hasText: 'Product page' }).getByRole('button', { name: 'Own place' }).click()
    await places.getByRole('link', { name: 'Product page' }).click()
    await expect(block('offer:*')).not.toContainText('To light it with')
    await block('offer:to-light-it-with').focus()
    for (let i = 0; i < 4; i++) await page.keyboard.press('Alt+ArrowDown')
    await expect(plan.getByRole('region', { name: 'below the details' }).locator('[data-placed]').last()).toHaveAttribute(
      'data-placed',
      'offer:to-light-it-with',
    )
  })
  // A section above it shows the same by now: shoppers see each once.
  const accessories = async (query: string) =>
    (await delivered(query)).sections.find(each => each.key === 'accessories')?.items.map(each => each.sku)
  await expect.poll(() => accessories('?draft=1')).toEqual(expect.arrayContaining(['FUEL', 'SMO-BOX']))
  expect((await delivered('?draft=1')).offers?.find(each => each.key === 'to-light-it-with')?.items ?? []).toEqual([])
  expect(await accessories('')).not.toContain('SMO-BOX')

  await test.step('the room says what becomes of both', async () => {
    await page.getByRole('link', { name: /drafts$/ }).click()
    const room = publishRoom(page)
    await room.getByLabel('“Goes with it”').uncheck()
    await room.getByLabel('“Seen lately”').uncheck()
    await room.getByLabel('While you are at it (together offer)').uncheck()
    await expect(effectsOf(page)).toContainText('The offer “To light it with” is on 3 product pages, before on 6')
    await expect(effectsOf(page)).toContainText('“Goes with it” shows more on 3 product pages')
    await room.getByRole('button', { name: 'Publish 1' }).click()
    await expect(page.locator('.message-bar')).toContainText('Published')
  })
  expect(await accessories('')).toEqual(expect.arrayContaining(['FUEL', 'SMO-BOX']))

  await test.step('off the page it goes back among the others; switched off they are not made', async () => {
    await page.goto('/pages/product-default')
    await block('offer:to-light-it-with').focus()
    await page.keyboard.press('Delete')
    await expect(block('offer:*')).toContainText('To light it with')
    await block('offer:*').focus()
    await page.keyboard.press('o')
    await expect(block('offer:*')).toContainText('off here')
    await expect.poll(async () => (await delivered('?draft=1')).offers).toBeUndefined()
    // A page that is about no product has no place for offers.
    await page.goto('/pages/home-default')
    await expect(page.locator('[data-at-hand="bundles-with-it"]')).toBeVisible()
    await expect(page.locator('[data-at-hand="offer:*"]')).toHaveCount(0)
  })
  await undoAll(page.request)
})

test('a copy has another name in the studio and the same words for shoppers, in each language beside each other', async ({ page }) => {
  const { request } = page
  const drafted = async () =>
    (await (await request.get('/api/drafts')).json()) as Record<
      'offers' | 'sections',
      { key: string; draft: { internalName: string; heading: Record<string, string> } }[]
    >
  await page.goto('/offers/to-light-it-with')
  const says = editor(page).getByRole('region', { name: 'What it says' })
  await expect(says.getByLabel('Heading, de')).toHaveValue('Zum Anzünden dazu')
  await editor(page).getByRole('button', { name: 'More' }).click()
  await page.getByText('Duplicate', { exact: true }).click()
  await expect(editor(page).getByRole('heading', { level: 1 })).toHaveText('To light it with (copy)')
  await expect(says.getByLabel('Heading, en')).toHaveValue('To light it with')
  await says.getByLabel('Name in the studio').fill('Smokers, second try')
  await says.getByLabel('Heading, de').fill('Dazu passt')
  await says.getByLabel('Heading, de').press('Enter')
  await expect(editor(page).getByRole('heading', { level: 1 })).toHaveText('Smokers, second try')
  // The shop's own language is never without words.
  await says.getByLabel('Heading, en').fill('')
  await says.getByLabel('Heading, en').press('Enter')
  await expect(says.getByLabel('Heading, en')).toHaveValue('To light it with')
  await expect
    .poll(async () => (await drafted()).offers.find(each => each.draft.internalName === 'Smokers, second try')?.draft.heading)
    .toEqual({ en: 'To light it with', de: 'Dazu passt' })

  await page.goto('/sections/related')
  const section = page.getByRole('region', { name: 'Section', exact: true })
  await section.getByRole('button', { name: 'More of this section' }).click()
  await page.getByText('Duplicate', { exact: true }).click()
  await expect(section.getByRole('heading', { level: 1 })).toHaveText('Also worth a look (copy)')
  const copy = (await drafted()).sections.find(each => each.draft.internalName === 'Also worth a look (copy)')
  expect(copy!.draft.heading).toEqual({ en: 'Also worth a look', de: 'Auch einen Blick wert' })
  await undoAll(request)
})

test('whoever types on and chooses at once never gets what was found by the words before', async ({ page }) => {
  await page.goto('/offers/to-light-it-with')
  await tryOn(page, 'refractometer')
  await expect(seen(page).getByRole('status')).toContainText('It is not for this product')
  let answer!: () => void
  const isAwaited = new Promise<void>(resolve => {
    answer = resolve
  })
  await page.route(/api\/products\?.*smoker/, async route => {
    await isAwaited
    await route.continue()
  })
  const field = seen(page).getByLabel('Try it on a product')
  await field.fill('smoker stainless')
  const options = page.locator('.v-autocomplete__content').getByRole('option')
  await expect(options).toHaveCount(0)
  await field.press('Enter')
  await expect(seen(page).getByRole('status')).toContainText('It is not for this product')
  answer()
  await options.first().click()
  await expect(seen(page).getByRole('status')).toContainText('Shoppers see it')
})

test('the reduction goes when what it is offered with leaves the cart, and is given up to its limit', async ({ page }) => {
  const cart = async (...lines: [string, number][]) => {
    const answer = await page.request.post('/api/shop/v1/cart', { data: { lines: lines.map(([sku, quantity]) => ({ sku, quantity })) } })
    return (await answer.json()) as {
      total: number
      subtotal: number
      lines: { sku: string; total: number; reductions: { words: string; amount: number }[] }[]
    }
  }
  // The demo shop's own: with any smoker, twice in a cart.
  expect((await cart(['SMO-BOX', 1])).total).toBe(3400)
  const { total, subtotal, lines } = await cart(['SMO-M', 3], ['SMO-BOX', 3])
  expect([subtotal, total]).toEqual([21900, 21220])
  expect(lines[1]!.reductions).toMatchObject([{ words: 'To light it with: −10 %', amount: 680 }])
})

test('offers change their order with the keyboard, and it is undone', async ({ page }) => {
  await page.goto('/offers/while-you-are-at-it')
  const rows = page.getByRole('region', { name: 'Together offers' }).getByRole('listitem')
  await expect(rows.first()).toContainText('To light it with')
  await rows.nth(3).getByRole('button').focus()
  for (const place of [2, 1, 0]) {
    await page.keyboard.press('Alt+ArrowUp')
    await expect(rows.nth(place)).toContainText('While you are at it')
  }
  await page.keyboard.press('Control+z')
  await expect(rows.nth(1)).toContainText('While you are at it')
})

test('an offer that offers nothing is not published, one that is removed stays with shoppers until that is published', async ({ page }) => {
  await page.goto('/offers')
  await page.getByRole('button', { name: 'Add a together offer' }).click()
  await expect(editor(page).getByRole('status')).toHaveText('It offers nothing: choose products first.')
  await editor(page).getByRole('button', { name: 'Publish' }).click()
  const room = publishRoom(page)
  await expect(room.getByRole('status')).toContainText('can’t be published. It offers nothing')
  await expect(room.getByRole('button', { name: 'Publish 1' })).toBeDisabled()
  await room.getByRole('button', { name: 'Leave it', exact: true }).click()

  const reduced = async () => {
    const lines = ['SMO-M', 'SMO-BOX'].map(sku => ({ sku, quantity: 1 }))
    const { total, subtotal } = (await (await page.request.post('/api/shop/v1/cart', { data: { lines } })).json()) as Record<string, number>
    return subtotal! - total!
  }
  await page.goto('/offers/to-light-it-with')
  await editor(page).getByRole('button', { name: 'More' }).click()
  await page.getByText('Remove', { exact: true }).click()
  await expect(editor(page)).toContainText('This offer is to be removed with the next publishing. Shoppers still have it.')
  expect(await reduced()).toBe(340)
  await editor(page).getByRole('button', { name: 'Publish' }).click()
  await expect(room).toContainText('Removed')
  await room.getByRole('button', { name: 'Publish 1' }).click()
  await expect(page.getByText('There is no offer')).toBeVisible()
  expect(await reduced()).toBe(0)
  await page.keyboard.press('Control+z')
  await expect.poll(reduced).toBe(340)
})

test('a look at what is drafted has its prices, and takes no orders', async ({ page }) => {
  const change = { type: 'changeOffer', key: 'to-light-it-with', settings: { reduction: { by: 'percent', percent: 50 } }, seen: {} }
  const headers = { 'idempotency-key': crypto.randomUUID() }
  expect((await page.request.post('/api/commands', { data: change, headers })).ok()).toBe(true)
  const data = { lines: ['SMO-M', 'SMO-BOX'].map(sku => ({ sku, quantity: 1 })) }
  const total = async (query: string) =>
    ((await (await page.request.post(`/api/shop/v1/cart${query}`, { data })).json()) as { total: number }).total
  expect([await total(''), await total('?draft=1')]).toEqual([6960, 5600])
  const order = await page.request.post('/api/shop/v1/orders?draft=1', { data: { ...data, total: 5600 }, headers })
  expect([order.status(), await order.text()]).toEqual([409, expect.stringContaining('nothing can be ordered here')])
})
