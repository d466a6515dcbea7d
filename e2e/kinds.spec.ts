import type { Page } from '@playwright/test'
import { hasNoViolations } from './axe'
import { Studio, pressLetter } from './studio'
import { expect, test } from './test'

const dialogOf = (page: Page) => page.getByRole('dialog', { name: 'Kinds of links' })
const kindsOf = (page: Page) => dialogOf(page).getByRole('listitem').allInnerTexts()

test('a kind of one’s own is added, used, changed, put in order, retired and restored, and all of it is undone', async ({
  page,
  request,
}) => {
  const studio = new Studio(page)
  const dialog = dialogOf(page)
  await studio.open('EX-210')

  await test.step('add', async () => {
    await pressLetter(page, 'k')
    await dialog.getByRole('button', { name: 'Add a kind' }).click()
    await dialog.getByLabel('One link of it').fill('upsell')
    await dialog.getByRole('button', { name: 'Add kind' }).click()
    await expect(dialog).toContainText('Another kind is called “upsell” already.')
    await dialog.getByLabel('One link of it').fill('finishing touch')
    await expect(dialog.getByLabel('Heading of the lane')).toHaveValue('Finishing touch')
    await dialog.getByLabel('Heading of the lane').fill('Finishing touches')
    await dialog.getByLabel('spark').check({ force: true })
    await dialog.getByLabel('Expected of its targets').selectOption('cheaper')
    await dialog.getByLabel('Gentle ceiling').fill('1')
    await dialog.getByRole('button', { name: 'Add kind' }).click()
    await expect(studio.message).toContainText('Added the kind finishing touch')
    await expect(dialog).toContainText('Finishing touches: no links yet; no section shows it yet.')
    await hasNoViolations(page, '[role=dialog]')
    await dialog.getByRole('button', { name: 'Close' }).click()
  })

  await test.step('use, past its ceiling', async () => {
    await (await studio.findTarget('wax', 'BK-WAX')).click()
    await page.keyboard.press('5')
    await studio.expectTargets('Finishing touches', ['BK-WAX'])
    await (await studio.findTarget('brush', 'BRU-1')).click()
    await page.keyboard.press('5')
    await studio.expectTargets('Finishing touches', ['BK-WAX', 'BRU-1'])
    await expect(studio.lane('Finishing touches')).toContainText('more than 1 crowd the page')
  })

  await test.step('a kind in use can’t be undone away', async () => {
    const history = await (await request.get('/api/history?limit=20')).json()
    const added = history.entries.find((entry: { words: string }) => entry.words === 'Added the kind finishing touch')
    const answer = await request.post('/api/history/revert', { data: { entry: added.id } })
    expect([answer.status(), (await answer.json()).detail]).toEqual([
      409,
      expect.stringContaining('products are linked as this kind. Retire it instead'),
    ])
  })

  await test.step('order with the keyboard', async () => {
    await pressLetter(page, 'k')
    await dialog.getByRole('button', { name: 'Finishing touches' }).focus()
    for (const place of [4, 3, 2]) {
      await page.keyboard.press('Alt+ArrowUp')
      await expect.poll(() => kindsOf(page).then(all => all[place - 1])).toContain('Finishing touches')
    }
    await expect(dialog.getByRole('button', { name: 'Finishing touches 2' })).toBeFocused()
  })

  await test.step('retire', async () => {
    await dialog.getByRole('button', { name: 'Finishing touches 2' }).click()
    await dialog.getByRole('button', { name: 'Retire this kind' }).click()
    await expect(dialog).toContainText('Its 2 links on 1 product are kept, but shoppers no longer see them.')
    await dialog.getByRole('button', { name: 'Retire', exact: true }).click()
    await expect.poll(() => kindsOf(page).then(all => all.at(-1))).toContain('retired')
    await dialog.getByRole('button', { name: 'Close' }).click()
    await expect(studio.lane('Finishing touches')).toHaveCount(0)
    const refused = await request.post('/api/commands', {
      data: { type: 'unlink', kind: 'finishing-touch', on: [{ source: 'EX-210' }], targets: ['BK-WAX'] },
    })
    expect((await refused.json()).detail).toBe('This kind is retired. Restore it to change its links.')
  })

  await test.step('undo brings it back, with its links; redo and restore too', async () => {
    await page.keyboard.press('Control+z')
    await expect(studio.message).toContainText('Undone: Retired the kind finishing touch')
    await studio.expectTargets('Finishing touches', ['BK-WAX', 'BRU-1'])
    await page.keyboard.press('Control+Shift+Z')
    await expect(studio.lane('Finishing touches')).toHaveCount(0)
    await pressLetter(page, 'k')
    await dialog.getByRole('button', { name: 'Finishing touches retired' }).click()
    await dialog.getByRole('button', { name: 'Restore' }).click()
    await dialog.getByRole('button', { name: 'Close' }).click()
    await studio.expectTargets('Finishing touches', ['BK-WAX', 'BRU-1'])
  })

  await test.step('undo everything', async () => {
    const undo = page.getByRole('button', { name: 'Undo', exact: true }).first()
    const next = async (): Promise<string | null> => (await (await page.request.get('/api/undo')).json()).undo
    const newest = async (): Promise<number> => (await (await page.request.get('/api/history')).json()).entries[0].id
    for (let words = await next(); words; words = await next()) {
      // Two in a row may have the same words.
      const before = await newest()
      await page.keyboard.press('Control+z')
      await expect.poll(newest).toBeGreaterThan(before)
      await expect(studio.message).toContainText(`Undone: ${words}`)
    }
    await expect(undo).toBeDisabled()
    await expect(studio.message).toContainText('Undone: Added the kind finishing touch')
    await expect(studio.lane('Finishing touches')).toHaveCount(0)
    await pressLetter(page, 'k')
    expect(await kindsOf(page)).toHaveLength(4)
  })
})

test('retiring a kind that a section shows takes its links out of the shop, and says so before', async ({ page, request }) => {
  const studio = new Studio(page)
  await studio.open('SMO-M')
  const shown = async () =>
    (await (await request.get('/api/shop/v1/pages/product/SMO-M')).json()).sections.map((each: { key: string }) => each.key)
  expect(await shown()).toContain('accessories')
  await studio.bench.getByRole('button', { name: 'Kinds of links' }).click()
  const dialog = dialogOf(page)
  await dialog.getByRole('button', { name: /^Accessories/ }).click()
  await dialog.getByRole('button', { name: 'Retire this kind' }).click()
  await expect(dialog).toContainText('shoppers no longer see them in “Goes with it”')
  await dialog.getByRole('button', { name: 'Retire', exact: true }).click()
  await expect(studio.message).toContainText('Retired the kind accessory')
  expect(await shown()).not.toContain('accessories')
  await studio.message.getByRole('button', { name: 'Undo' }).click()
  await expect.poll(shown).toContain('accessories')
})
