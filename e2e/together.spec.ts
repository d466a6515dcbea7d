import { Studio } from './studio'
import { expect, test } from './test'

test('several products get their links together: marked with the mouse, completed, ordered and removed', async ({ page }) => {
  const studio = new Studio(page)
  await page.goto('/products?category=uncapping')
  const row = (sku: string) => studio.list.locator(`[data-sku="${sku}"]`)
  await row('UF-21').click()
  await row('UT-1').click({ modifiers: ['Control'] })
  await expect(studio.bench.getByRole('heading', { level: 1 })).toHaveText('2 products together')
  await row('UF-21').locator('.box').click()
  await expect(studio.bench.getByRole('heading', { level: 1 })).toHaveText('Uncapping tray')

  await studio.openTogether('GAIT', 'HAT', 'CARTON')
  await studio.expectTargets('Upsells', [])

  for (const [words, sku] of [
    ['frame rest', 'REST-1'],
    ['bee brush', 'BRU-1'],
  ] as const)
    await (await studio.findTarget(words, sku)).click()
  await studio.find.getByRole('button', { name: 'Link as cross-sell' }).click()
  await expect(studio.message).toContainText('Linked 2 products to 3 products as cross-sell')
  await studio.expectTargets('Cross-sells', ['REST-1', 'BRU-1'])
  await expect(studio.card('Cross-sells', 'REST-1')).not.toContainText('of 3')

  // One of them loses the link on its own; together it then says so, and can be completed.
  await studio.open('HAT')
  await studio.card('Cross-sells', 'REST-1').focus()
  await page.keyboard.press('Delete')
  await studio.expectTargets('Cross-sells', ['BRU-1'])
  await studio.openTogether('GAIT', 'HAT', 'CARTON')
  await expect(studio.card('Cross-sells', 'REST-1')).toContainText('on 2 of 3')
  await studio.card('Cross-sells', 'REST-1').getByRole('button', { name: 'on 2 of 3' }).click()
  await expect(studio.card('Cross-sells', 'REST-1')).not.toContainText('of 3')

  // The order is set for all.
  await studio.lane('Cross-sells').getByRole('button', { name: 'Put the cross-sells in order' }).click()
  await page.getByText('Cheapest first').click()
  await studio.expectTargets('Cross-sells', ['BRU-1', 'REST-1'])
  for (const sku of ['GAIT', 'HAT', 'CARTON']) {
    await studio.open(sku)
    await studio.expectTargets('Cross-sells', ['BRU-1', 'REST-1'])
  }

  await studio.openTogether('GAIT', 'HAT', 'CARTON')
  await studio.card('Cross-sells', 'BRU-1').focus()
  await page.keyboard.press('Delete')
  await studio.expectTargets('Cross-sells', ['REST-1'])
  await page.keyboard.press('Control+z')
  await studio.expectTargets('Cross-sells', ['BRU-1', 'REST-1'])
})

test('a range is marked with the keyboard, and all that was found at once', async ({ page }) => {
  const studio = new Studio(page)
  await page.goto('/products?category=uncapping')
  await expect(studio.list).toContainText('6 products')
  await page.keyboard.press('l')
  await expect(studio.list.locator('[data-index="0"]')).toBeFocused()
  await page.keyboard.press('Enter')
  await page.keyboard.press('Shift+ArrowDown')
  await page.keyboard.press('Shift+ArrowDown')
  await expect(studio.bench.getByRole('heading', { level: 1 })).toHaveText('3 products together')
  await page.keyboard.press('Control+a')
  await expect(studio.bench.getByRole('heading', { level: 1 })).toHaveText('6 products together')
  await page.keyboard.press('Space')
  await expect(studio.bench.getByRole('heading', { level: 1 })).toHaveText('5 products together')
  await studio.bench.getByRole('list', { name: 'Products on the bench' }).getByRole('button').first().click()
  await expect(studio.bench.getByRole('heading', { level: 1 })).not.toContainText('together')
})

test('lanes are copied from one product to others', async ({ page }) => {
  const studio = new Studio(page)
  await studio.openTogether('SMO-S', 'BEL-100')
  await studio.bench.getByRole('button', { name: 'Copy lanes' }).click()
  const dialog = page.getByRole('dialog', { name: 'Copy lanes' })
  await dialog.getByRole('checkbox', { name: /Upsells/ }).uncheck()
  await dialog.getByRole('radio', { name: 'The copied ones take their place' }).check()
  await dialog.getByRole('button', { name: 'Copy' }).click()
  await studio.open('BEL-100')
  await studio.expectTargets('Cross-sells', ['HT-S', 'GLO-L'])
  await studio.expectTargets('Accessories', ['FUEL', 'SMO-BOX'])
  await studio.expectTargets('Related', [])
  await page.keyboard.press('Control+z')
  await studio.expectTargets('Accessories', [])
})

test('a mutual kind is linked both ways, and a missing return link is offered', async ({ page }) => {
  const studio = new Studio(page)
  await studio.open('CAGE-R')
  await studio.find.getByRole('button', { name: 'Link both ways' }).click()
  await (await studio.findTarget('tool box', 'TBOX-1')).click()
  await studio.find.getByRole('button', { name: 'Link as related' }).click()
  await expect(studio.message).toContainText('as related, and back')
  await studio.find.getByRole('button', { name: 'Link both ways' }).click()
  await (await studio.findTarget('pocket tool', 'HT-P')).click()
  await studio.find.getByRole('button', { name: 'Link as related' }).click()
  await expect(studio.card('Related', 'HT-P')).toContainText('one way')
  await expect(studio.card('Related', 'TBOX-1')).not.toContainText('one way')
  await studio.card('Related', 'HT-P').focus()
  await page.keyboard.press('r')
  await expect(studio.card('Related', 'HT-P')).not.toContainText('one way')
  await studio.open('HT-P')
  expect(await studio.targets('Related')).toContain('CAGE-R')
})

test('a link with dates is shown in the shop only then, and says so on the bench', async ({ page, request }) => {
  const studio = new Studio(page)
  await studio.open('UR-1')
  await (await studio.findTarget('wax', 'BK-WAX')).click()
  await studio.find.getByRole('button', { name: 'Link as accessory' }).click()
  await studio.card('Accessories', 'BK-WAX').focus()
  await page.keyboard.press('d')
  const dialog = page.getByRole('dialog', { name: 'Dates and note' })
  await dialog.getByLabel('Shown from').fill('2031-03-01')
  await dialog.getByLabel('until the end of').fill('2031-02-01')
  await expect(dialog).toContainText('it would never be shown')
  await dialog.getByLabel('until the end of').fill('2031-03-31')
  await dialog.getByLabel('Note for merchandisers').fill('for the wax course')
  await dialog.getByRole('button', { name: 'Save' }).click()
  await expect(studio.card('Accessories', 'BK-WAX')).toContainText('from 1 Mar 2031')
  await expect(studio.card('Accessories', 'BK-WAX')).toContainText('for the wax course')

  const shown = async (at: string) => {
    const { sections, hidden } = await (await request.get('/api/shop/v1/pages/product/UR-1', { params: { at, explain: '1' } })).json()
    const section = [...sections, ...hidden].find((each: { key: string }) => each.key === 'accessories')
    return [
      section.steps[0].taken.map((each: { sku: string }) => each.sku),
      section.steps[0].heldBack.map((each: { sku: string; reason: string }) => [each.sku, each.reason]),
    ]
  }
  expect(await shown('2031-02-28T23:59:59Z')).toEqual([[], [['BK-WAX', 'outsideDates']]])
  // In London it is summer by then: the day ends an hour before that of UTC.
  expect(await shown('2031-03-31T22:59:59Z')).toEqual([['BK-WAX'], []])
  expect(await shown('2031-03-31T23:00:00Z')).toEqual([[], [['BK-WAX', 'outsideDates']]])
})
