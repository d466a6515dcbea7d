import type { APIRequestContext, Page } from '@playwright/test'
import { hasNoViolations } from './axe'
import { Studio } from './studio'
import { expect, test } from './test'

const list = (page: Page) => page.getByRole('region', { name: 'Checks', exact: true })
const count = (page: Page, check: string) => list(page).locator(`[data-check=${check}] .count`)
const rows = (page: Page) => page.getByRole('grid', { name: 'Findings' }).getByRole('row')
const pane = (page: Page, title: string) => page.getByRole('region', { name: title, exact: true })

async function run(request: APIRequestContext, ...commands: object[]): Promise<void> {
  for (const data of commands) expect((await request.post('/api/commands', { data })).status()).toBe(200)
}

/** What three products are linked to, without a way back. */
const oneWay = {
  'INC-1': ['HT-P', 'BRU-1', 'FUEL', 'STRAP-1', 'EB-1', 'GAIT', 'VEIL-R', 'SMO-BOX'],
  'WARM-1': ['LAB-250', 'SEAL', 'GIFT', 'CARTON', 'LID-53', 'LID-63', 'LID-82', 'LID-82C'],
  'SCALE-1': ['NAIL-1', 'WIRE-1', 'EMB-1', 'STRIP', 'CUPS', 'CAGE-R', 'CAGE-I', 'GRAFT-1'],
}
const linkOneWay = (request: APIRequestContext) =>
  run(
    request,
    ...Object.entries(oneWay).map(([source, targets]) => ({ type: 'link', kind: 'related', on: [{ source, seen: [] }], targets })),
  )

async function open(page: Page, check = ''): Promise<void> {
  await page.goto(`/checks/${check}`)
  await expect(list(page)).toContainText('Everything is looked at')
}

test('what is wrong is found, opened where it is mended, and gone when it is mended there', async ({ page }) => {
  const studio = new Studio(page)
  await page.goto('/products')
  await page.getByRole('link', { name: 'Checks' }).click()
  await expect(list(page)).toContainText('Everything is looked at')
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Sections that stay blank')
  await expect(page).toHaveURL(/\/checks\/sectionBlank$/)

  await test.step('a section leads to its page plan and page', async () => {
    await rows(page).filter({ hasText: 'Goes with it' }).getByRole('link').click()
    await expect(page).toHaveURL(/\/sections\/accessories\?page=product/)
    await expect(page.getByRole('region', { name: 'Fill meter' })).toContainText('product pages')
    await page.goBack()
  })

  await test.step('a product leads to its bench', async () => {
    await list(page)
      .getByRole('button', { name: /Links to products out of stock/ })
      .click()
    const before = Number(await count(page, 'targetOutOfStock').textContent())
    const row = rows(page).first()
    await expect(row).toContainText('0 left')
    const [source, target] = await row.locator('.mono').allTextContents()
    await row.getByRole('link').click()
    await expect(studio.bench.locator('.mono').first()).toHaveText(source!)
    const card = studio.bench.locator(`[data-target="${target!}"]`).first()
    await card.focus()
    await page.keyboard.press('Delete')
    await expect(card).toBeHidden()
    await page.getByRole('link', { name: 'Checks' }).click()
    await list(page)
      .getByRole('button', { name: /Links to products out of stock/ })
      .click()
    await expect(count(page, 'targetOutOfStock')).toHaveText(String(before - 1))
    await page.keyboard.press('Control+z')
    await expect(count(page, 'targetOutOfStock')).toHaveText(String(before))
  })
})

test('with keys alone, findings are mended one by one and together, and it is undone', async ({ page, request }) => {
  const studio = new Studio(page)
  await linkOneWay(request)
  await open(page, 'returnMissing')
  const before = Number(await count(page, 'returnMissing').textContent())
  await rows(page).first().focus()
  const [source, target] = await rows(page).first().locator('.mono').allTextContents()
  await page.keyboard.press('m')
  await expect(studio.message).toContainText('Linked back from 1 product')
  await expect(count(page, 'returnMissing')).toHaveText(String(before - 1))
  await expect(rows(page).first()).toBeFocused()
  const bench = (await (await page.request.get(`/api/bench?sku=${target!}`)).json()) as {
    products: { lanes: Record<string, { sku: string }[]> }[]
  }
  expect(bench.products[0]!.lanes.related!.at(-1)!.sku).toBe(source)

  await page.keyboard.press('Space')
  await page.keyboard.press('Shift+ArrowDown')
  await page.keyboard.press('Shift+ArrowDown')
  await expect(pane(page, 'Links back that are missing')).toContainText('3 marked')
  await page.keyboard.press('m')
  await expect(count(page, 'returnMissing')).not.toHaveText(String(before - 1))
  await expect(rows(page).nth(2)).toBeFocused()
  await page.keyboard.press('Control+z')
  await expect(count(page, 'returnMissing')).toHaveText(String(before - 1))

  const dialog = page.getByRole('dialog', { name: /^Change \d+ lanes\?$/ })
  await page.getByRole('button', { name: /Link all .* back/ }).click()
  await expect(dialog).toContainText(/The largest lane becomes that of .*, with \d+ related/)
  await dialog.getByRole('button', { name: 'Leave it' }).click()
  await expect(studio.message).toContainText('Nothing was changed.')
  await expect(count(page, 'returnMissing')).toHaveText(String(before - 1))

  await page.getByRole('button', { name: /Link all .* back/ }).click()
  const promised = Number(/\d+/.exec(await dialog.getByRole('heading').innerText()))
  expect(promised).toBeGreaterThan(20)
  await dialog.getByRole('button', { name: `Change ${promised} lanes` }).click()
  await expect(page.getByText('Nothing found: all is well here.')).toBeVisible()
  const { entries } = (await (await page.request.get('/api/history')).json()) as { entries: { lanes: number }[] }
  expect(entries[0]!.lanes).toBe(promised)
  // The message with its own way back may be gone by then; the one in the bar stays.
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click()
  await expect(count(page, 'returnMissing')).toHaveText(String(before - 1))
  await page.keyboard.press('Control+z')
  await expect(count(page, 'returnMissing')).toHaveText(String(before))
})

test('keys that are pressed while the list is still being looked up are for the list as it will be', async ({ page, request }) => {
  await linkOneWay(request)
  await open(page, 'returnMissing')
  const before = Number(await count(page, 'returnMissing').textContent())
  const sources = (await rows(page).locator('.mono').allTextContents()).slice(0, 10)
  await page.route('**/api/checks/findings?*', async route => {
    await new Promise(resolve => setTimeout(resolve, 1500))
    await route.continue()
  })
  await rows(page).first().focus()
  for (const key of ['m', ' ', 'Shift+ArrowDown', 'm']) await page.keyboard.press(key)
  await expect(count(page, 'returnMissing')).toHaveText(String(before - 3))
  // The first three rows are gone, and nothing else.
  await expect(rows(page).first().locator('.mono').first()).toHaveText(sources[6]!)
  await expect(rows(page).first().locator('.mono').last()).toHaveText(sources[7]!)
})

test('findings, and whole checks, are put aside with a reason and taken up again; another window follows', async ({
  page,
  context,
  request,
}) => {
  const studio = new Studio(page)
  await run(
    request,
    ...['FL-NA', 'FL-LA', 'FL-DA'].map(source => ({ type: 'unlink', kind: 'accessory', on: [{ source }], targets: ['TRAP-W'] })),
    { type: 'unlink', kind: 'cross-sell', on: [{ source: 'ST-HIVE' }], targets: ['SCALE-1'] },
  )
  await open(page, 'notLinkedTo')
  const other = await context.newPage()
  await open(other, 'notLinkedTo')
  const before = Number(await count(page, 'notLinkedTo').textContent())
  const name = (await rows(page).first().locator('.name').first().textContent())!

  await rows(page).first().focus()
  await page.keyboard.press('a')
  const dialog = page.getByRole('dialog', { name: 'Put this finding aside' })
  await expect(dialog.getByRole('button', { name: 'Put aside' })).toBeDisabled()
  await dialog.getByLabel('Why').fill('Sold on request only')
  await page.keyboard.press('Enter')
  await expect(studio.message).toContainText('Put aside 1 finding of “Products that nothing links to”: Sold on request only')
  await expect(count(page, 'notLinkedTo')).toHaveText(String(before - 1))
  await expect(count(other, 'notLinkedTo')).toHaveText(String(before - 1))
  await expect(rows(other)).toHaveCount(before - 1)

  await list(page)
    .getByRole('button', { name: /^Put aside/ })
    .click()
  // Beside it stands what the demo's merchandiser has put aside.
  const aside = rows(page).filter({ hasText: name })
  await expect(aside).toContainText('Sold on request only')
  const others = (await rows(page).count()) - 1
  await aside.getByRole('button', { name: 'Take up again' }).click()
  await expect(rows(page)).toHaveCount(others)
  await expect(aside).toHaveCount(0)
  await expect(count(page, 'notLinkedTo')).toHaveText(String(before))

  await list(page)
    .getByRole('button', { name: /Products that nothing links to/ })
    .click()
  await page.getByRole('button', { name: 'Put the whole check aside' }).click()
  await page.getByRole('dialog').getByLabel('Why').fill('We link from articles')
  await page.keyboard.press('Enter')
  await expect(pane(page, 'Products that nothing links to')).toContainText('The whole check is put aside: We link from articles')
  await expect(count(page, 'notLinkedTo')).toBeHidden()
  await page.keyboard.press('Control+z')
  await expect(count(page, 'notLinkedTo')).toHaveText(String(before))
})

test('rules and sections that go wrong are found as soon as they are published', async ({ page }) => {
  await open(page)
  await expect(count(page, 'ruleNever')).toBeHidden()
  const rule = (pick: object) => ({
    from: 'rule',
    rule: { when: { all: [] }, pick },
    order: 'best-selling',
    subjects: 'page',
    cap: null,
    off: false,
  })
  const nobody = rule({ has: { of: 'brand', name: 'Nobody' } })
  const anything = rule({ price: { from: 1 } })
  const commands = [
    { type: 'changeSection', key: 'upsells', seen: {}, settings: { steps: [nobody, anything], places: 4 } },
    { type: 'changeSection', key: 'related', seen: {}, settings: { steps: [anything] } },
  ]
  for (const data of commands) expect((await page.request.post('/api/commands', { data })).status()).toBe(200)
  // Drafts are nobody's trouble yet.
  await expect(list(page)).toContainText('Everything is looked at')
  await expect(count(page, 'ruleNever')).toBeHidden()

  await page.request.post('/api/commands', { data: { type: 'publish', sections: ['upsells', 'related'], plans: [] } })
  await expect(count(page, 'ruleNever')).toHaveText('1')
  await expect(count(page, 'ruleNearlyAll')).toHaveText('2')
  await expect(count(page, 'sameShown')).toHaveText('1')
  await list(page)
    .getByRole('button', { name: /Rules that never match/ })
    .click()
  await expect(rows(page)).toHaveText([/Worth the step up.*step 1: nothing for any of \d+ products/])
  await list(page)
    .getByRole('button', { name: /Sections that show the same/ })
    .click()
  await expect(rows(page)).toHaveText([/Also worth a look.*Worth the step up.*the same on \d+ of \d+ product pages/])
  for (let i = 0; i < 3; i++) await page.request.post('/api/undo', { data: {} })
  await expect(count(page, 'ruleNever')).toBeHidden()
})

test('the workspace can be used by everyone', async ({ page }) => {
  await open(page, 'severalLanes')
  await rows(page).first().hover()
  await hasNoViolations(page)
})

test('what can’t be asked is refused', async ({ request }) => {
  expect((await request.get('/api/checks/findings?check=nonsense')).status()).toBe(400)
  const refused = await request.post('/api/commands', {
    data: { type: 'mend', findings: [{ check: 'notLinkedTo', source: 'SMO-M', kind: '', target: '' }] },
  })
  expect(refused.status()).toBe(422)
  expect(((await refused.json()) as { detail: string }).detail).toContain('needs a choice')
})
