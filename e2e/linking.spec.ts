import { byHandAlone } from './byHandAlone'
import { signIn } from './signIn'
import { Studio } from './studio'
import { expect, test } from './test'

test('a new user finds a product by name, by SKU and by category', async ({ page }) => {
  const studio = new Studio(page)
  await page.goto('/')
  await expect(page).toHaveURL(/\/products$/)
  await expect(studio.bench).toContainText('Choose a product')
  await expect(studio.list).toContainText('165 products')

  const search = studio.list.getByRole('searchbox')
  await search.fill('two-frame extr')
  await expect(studio.list.locator('[data-sku]')).toHaveCount(2)
  await search.fill('sup la')
  await expect(studio.list.locator('[data-sku="SU-LA"]')).toBeVisible()
  await search.fill('ex-21')
  await expect(studio.list).toContainText('1 product')
  await studio.list.locator('[data-sku="EX-210"]').click()
  await expect(studio.bench.getByRole('heading', { level: 1 })).toHaveText('Two-frame extractor')
  await expect(page).toHaveURL(/\/products\/EX-210\?q=ex-21$/)

  await search.fill('nothing is called this')
  await expect(studio.list).toContainText('No product has all of this')
  await studio.list.getByRole('button', { name: 'Show all products' }).last().click()
  await expect(studio.list).toContainText('165 products')

  await studio.list.getByRole('button', { name: 'Filter' }).click()
  await page.getByRole('combobox', { name: 'Category' }).click()
  await page.getByRole('option', { name: 'Uncapping' }).click()
  await expect(studio.list).toContainText('6 products')
})

test('links are made, ordered and removed with the mouse, and the shop page beside follows', async ({ page, request }) => {
  const studio = new Studio(page)
  await byHandAlone(request, 'upsells', 'upsell')
  await byHandAlone(request, 'related', 'related')
  await studio.open('CREAM-1')
  await studio.expectTargets('Related', [])
  await page.getByRole('button', { name: 'Find and shop view side by side' }).click()
  await expect(studio.shopView.getByRole('heading', { level: 1 })).toHaveText('Honey creamer')
  const shown = studio.shopView.locator('[data-section="related"] [data-sku]')
  await expect(shown).toHaveCount(0)
  const expectShown = (skus: string[]) =>
    expect.poll(() => shown.evaluateAll(cards => cards.map(card => card.getAttribute('data-sku')))).toEqual(skus)

  await studio.lane('Related').getByRole('button', { name: 'Link products as related' }).click()
  for (const [words, sku] of [
    ['refracto', 'REF-1'],
    ['warming', 'WARM-1'],
    ['honey pump', 'PUMP-12'],
  ] as const)
    await (await studio.findTarget(words, sku)).click()
  await expect(studio.find).toContainText('3 picked')
  await studio.find.getByRole('button', { name: 'Link as related' }).click()
  await studio.expectTargets('Related', ['REF-1', 'WARM-1', 'PUMP-12'])
  await expect(studio.message).toContainText('Linked 3 products to Honey creamer as related.')
  await expectShown(['REF-1', 'WARM-1', 'PUMP-12'])

  const pump = studio.card('Related', 'PUMP-12')
  await pump.hover()
  await page.mouse.down()
  const first = (await studio.card('Related', 'REF-1').boundingBox())!
  // As a person does: on until the card is shown at the place where it should go. Cards that still make room take none.
  await expect(async () => {
    await page.mouse.move(first.x + 60, first.y + 30, { steps: 12 })
    await page.mouse.move(first.x + 12, first.y + 30, { steps: 4 })
    expect(await studio.targets('Related')).toEqual(['PUMP-12', 'REF-1', 'WARM-1'])
  }).toPass()
  await page.mouse.up()
  await studio.expectTargets('Related', ['PUMP-12', 'REF-1', 'WARM-1'])
  await expectShown(['PUMP-12', 'REF-1', 'WARM-1'])

  await studio.card('Related', 'REF-1').hover()
  await studio.card('Related', 'REF-1').getByRole('button', { name: 'Remove Refractometer' }).click()
  await studio.expectTargets('Related', ['PUMP-12', 'WARM-1'])
  await expectShown(['PUMP-12', 'WARM-1'])

  await page.reload()
  await studio.expectTargets('Related', ['PUMP-12', 'WARM-1'])
})

test('targets are dragged from the find pane into a lane, at an exact place', async ({ page }) => {
  const studio = new Studio(page)
  await studio.open('TBOX-1')
  await studio.expectTargets('Accessories', ['HT-S', 'HT-P', 'BRU-1'])
  const grip = await studio.findTarget('frame grip', 'GRIP-1')
  const second = studio.card('Accessories', 'HT-P')
  await grip.dragTo(second, { targetPosition: { x: 10, y: 30 } })
  await studio.expectTargets('Accessories', ['HT-S', 'GRIP-1', 'HT-P', 'BRU-1'])

  await (await studio.findTarget('smoker', 'SMO-S')).click()
  await (await studio.findTarget('smoker', 'SMO-L')).click()
  await (await studio.findTarget('smoker', 'SMO-L')).dragTo(studio.lane('Upsells'))
  await studio.expectTargets('Upsells', ['SMO-S', 'SMO-L'])
  await expect(studio.find).toContainText('Nothing picked')
})

test('a range of targets is picked with shift, by mouse and by keyboard', async ({ page }) => {
  const studio = new Studio(page)
  await studio.open('GIFT')
  await studio.findTarget('uncapping', 'UK-1')
  await expect(studio.find.locator('[data-index]')).toHaveCount(6)
  await studio.find.locator('[data-index="1"]').click()
  await studio.find.locator('[data-index="3"]').click({ modifiers: ['Shift'] })
  await expect(studio.find).toContainText('3 picked')
  await page.keyboard.press('Escape')
  await expect(studio.find).toContainText('Nothing picked')
  await studio.find.locator('[data-index="0"]').focus()
  await page.keyboard.press('Space')
  await page.keyboard.press('Shift+ArrowDown')
  await page.keyboard.press('Shift+ArrowDown')
  await page.keyboard.press('Shift+ArrowDown')
  await expect(studio.find).toContainText('4 picked')
  await page.keyboard.press('2')
  await expect.poll(() => studio.targets('Upsells')).toHaveLength(4)
})

test('one variant of a product is linked, with the mouse and with the keyboard', async ({ page }) => {
  const studio = new Studio(page)
  await studio.open('BEL-100')
  const gloves = await studio.findTarget('goatskin', 'GLO-L')
  await gloves.getByTitle(/Variants of/).click()
  const second = page.locator('[data-variant]').nth(1)
  const variant = (await second.getAttribute('data-variant'))!
  await second.click()
  await page.keyboard.press('Escape')
  await expect(studio.find).toContainText('1 picked')
  await studio.find.getByRole('button', { name: 'Link as cross-sell' }).click()
  await studio.expectTargets('Cross-sells', [variant])
  await expect(studio.card('Cross-sells', variant)).toContainText('Goatskin gloves, ')
  await expect(studio.card('Cross-sells', variant).locator('img')).toBeVisible()

  await studio.find.getByRole('searchbox').press('ArrowDown')
  await expect(studio.find.locator('[data-index="0"]')).toBeFocused()
  await page.keyboard.press('ArrowRight')
  await expect(page.locator('[data-variant]').first()).toBeFocused()
  await page.keyboard.press('ArrowDown')
  await expect(second).toBeFocused()
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Enter')
  await page.keyboard.press('Escape')
  await expect(studio.find).toContainText('1 picked')
  await expect(studio.find.locator('[data-index="0"]')).toBeFocused()
  await page.keyboard.press('3')
  await expect.poll(() => studio.targets('Cross-sells')).toHaveLength(2)
})

test('everything works with the keyboard alone', async ({ page }) => {
  const studio = new Studio(page)
  await page.goto('/products')
  await expect(studio.list).toContainText('165 products')
  await page.keyboard.press('Control+k')
  await page.keyboard.type('frame grip')
  await expect(page.getByRole('option', { name: 'Frame grip' })).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(studio.bench.getByRole('heading', { level: 1 })).toHaveText('Frame grip')
  await studio.expectTargets('Accessories', [])

  await page.keyboard.press('/')
  await page.keyboard.type('brush larkmoor')
  await expect(studio.find.locator('[data-index]')).toHaveCount(1)
  await page.keyboard.press('ArrowDown')
  await expect(studio.find.locator('[data-sku="BRU-1"]')).toBeFocused()
  await page.keyboard.press('4')
  await studio.expectTargets('Accessories', ['BRU-1'])

  await studio.find.getByRole('searchbox').fill('hive tool')
  await expect(studio.find.locator('[data-index="0"]')).toHaveAttribute('data-sku', /^HT-/)
  await page.keyboard.press('ArrowDown')
  await expect(studio.find.locator('[data-index="0"]')).toBeFocused()
  await page.keyboard.press('Space')
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Space')
  await expect(studio.find).toContainText('2 picked')
  await page.keyboard.press('4')
  await expect.poll(() => studio.targets('Accessories')).toHaveLength(3)
  const [brush, one, two] = (await studio.targets('Accessories')) as [string, string, string]

  await studio.card('Accessories', two).focus()
  await page.keyboard.press('Alt+ArrowLeft')
  await studio.expectTargets('Accessories', [brush, two, one])
  await expect(studio.card('Accessories', two)).toBeFocused()
  await page.keyboard.press('Alt+Home')
  await studio.expectTargets('Accessories', [two, brush, one])
  await page.keyboard.press('m')
  await page.getByRole('textbox', { name: 'Place, 1 to 3' }).fill('3')
  await page.keyboard.press('Enter')
  await studio.expectTargets('Accessories', [brush, one, two])
  await studio.card('Accessories', one).focus()
  await page.keyboard.press('Delete')
  await studio.expectTargets('Accessories', [brush, two])

  await page.keyboard.press('?')
  await expect(page.getByRole('dialog', { name: 'Keys' })).toContainText('Move the link one place')
  await page.keyboard.press('Escape')
})

test('many quick moves arrive in their order', async ({ page }) => {
  const studio = new Studio(page)
  await studio.open('SMO-M')
  await studio.expectTargets('Accessories', ['FUEL-PEL', 'BEL-100', 'SMO-BOX'])
  await studio.card('Accessories', 'FUEL-PEL').focus()
  for (let i = 0; i < 7; i++) await page.keyboard.press(i % 2 ? 'Alt+ArrowLeft' : 'Alt+ArrowRight')
  await studio.expectTargets('Accessories', ['BEL-100', 'FUEL-PEL', 'SMO-BOX'])
  // They are sent one after another; only what has arrived is there after a reload.
  await expect
    .poll(async () => {
      const { entries } = (await (await page.request.get('/api/history?sku=SMO-M')).json()) as { entries: { words: string }[] }
      return entries.filter(entry => entry.words.startsWith('Moved')).length
    })
    .toBe(7)
  await page.reload()
  await studio.expectTargets('Accessories', ['BEL-100', 'FUEL-PEL', 'SMO-BOX'])
})

test('changes are undone and redone, also after a reload, and not those of others', async ({ page, request }) => {
  const studio = new Studio(page)
  await studio.open('TRAP-W')
  await (await studio.findTarget('uncapping fork', 'UF-21')).click()
  await studio.find.getByRole('button', { name: 'Link as related' }).click()
  await studio.expectTargets('Related', ['UF-21'])
  await (await studio.findTarget('uncapping tray', 'UT-1')).click()
  await studio.find.getByRole('button', { name: 'Link as related' }).click()
  await studio.expectTargets('Related', ['UF-21', 'UT-1'])

  const theirs = await request.post('/api/undo', { data: {} })
  expect(theirs.status()).toBe(409)
  expect(await theirs.json()).toMatchObject({ type: 'urn:manada:problem:nothing-to-undo' })

  await page.reload()
  await studio.expectTargets('Related', ['UF-21', 'UT-1'])
  await page.keyboard.press('Control+z')
  await studio.expectTargets('Related', ['UF-21'])
  await expect(studio.message).toContainText('Undone: Linked Uncapping tray to Wasp trap as related')
  await page.keyboard.press('Control+z')
  await studio.expectTargets('Related', [])
  await page.reload()
  await expect(studio.bench.locator('.mono').first()).toHaveText('TRAP-W')
  await studio.expectTargets('Related', [])
  await page.keyboard.press('Control+Shift+z')
  await studio.expectTargets('Related', ['UF-21'])
  await page.getByRole('button', { name: 'Redo' }).click()
  await studio.expectTargets('Related', ['UF-21', 'UT-1'])
})

test('two windows: the other follows, and an edit of a lane that has changed is refused and can be repeated', async ({
  page,
  browser,
  freshShop,
}) => {
  const studio = new Studio(page)
  await studio.open('REST-1')
  const context = await browser.newContext()
  await signIn(context, freshShop, 'publisher')
  const other = new Studio(await context.newPage())
  await other.open('REST-1')
  const link = async (who: Studio, words: string, sku: string) => {
    await (await who.findTarget(words, sku)).click()
    await who.find.getByRole('button', { name: 'Link as cross-sell' }).click()
  }

  await link(studio, 'frame grip', 'GRIP-1')
  await other.expectTargets('Cross-sells', ['GRIP-1'])

  // The second window does not hear of the next change before it makes its own.
  await other.page.route('**/api/bench?sku=REST-1', route => route.abort())
  await link(studio, 'pocket tool', 'HT-P')
  await studio.expectTargets('Cross-sells', ['GRIP-1', 'HT-P'])
  await link(other, 'tool box', 'TBOX-1')
  await expect(other.message).toContainText('This lane was changed elsewhere in the meantime. Nothing was overwritten.')
  await studio.expectTargets('Cross-sells', ['GRIP-1', 'HT-P'])

  await other.page.unroute('**/api/bench?sku=REST-1')
  await link(studio, 'bee brush', 'BRU-1')
  await other.expectTargets('Cross-sells', ['GRIP-1', 'HT-P', 'BRU-1'])
  await other.message.getByRole('button', { name: 'Do it here too' }).click()
  await studio.expectTargets('Cross-sells', ['GRIP-1', 'HT-P', 'BRU-1', 'TBOX-1'])
  await context.close()
})
