import type { Page } from '@playwright/test'
import { expect, test } from './test'
import { Studio, effectsOf, publishRoom, pressLetter } from './studio'
import { putIntoCart } from './putIntoCart'
import { undoAll } from './undoAll'

/** Waits for pictures and fonts, then takes the window as it stands. */
async function take(page: Page, name: string): Promise<void> {
  for (const frame of page.frames()) {
    await frame.waitForFunction(() =>
      [...document.images].every(image => image.complete || image.getBoundingClientRect().top > innerHeight),
    )
    await frame.evaluate(() => document.fonts.ready)
  }
  await page.mouse.move(0, 0)
  await page.screenshot({ path: `docs/screenshots/${name}.png`, animations: 'disabled' })
}

test('products', async ({ page }) => {
  const studio = new Studio(page)
  await page.goto('/products/EX-210?category=extraction')
  await studio.expectTargets('Upsells', ['EX-410', 'EX-410M'])
  await studio.lane('Accessories').getByRole('button', { name: 'Link products as accessory' }).click()
  for (const [words, sku] of [
    ['pump', 'PUMP-12'],
    ['uncapping', 'UK-H'],
  ] as const)
    await (await studio.findTarget(words, sku)).click()
  await take(page, 'products')
})

test('shop view', async ({ page }) => {
  const studio = new Studio(page)
  await studio.open('EX-210')
  await page.getByRole('button', { name: 'Find and shop view side by side' }).click()
  await expect(studio.shopView.getByRole('heading', { level: 1 })).toBeVisible()
  await take(page, 'shop-view')
})

test('why', async ({ page }) => {
  const studio = new Studio(page)
  await studio.open('EX-210')
  await pressLetter(page, 'v')
  await expect(studio.shopView.locator('[data-section="accessories"]')).toBeVisible()
  await pressLetter(page, 'y')
  await expect(page.getByRole('region', { name: 'Why', exact: true })).toContainText('out of stock')
  await take(page, 'why')
})

test('sections', async ({ page }) => {
  await page.addInitScript(() => localStorage.setItem('manada-tried', 'EX-210'))
  await page.goto('/sections/accessories')
  await expect(page.locator('[data-try=shown]')).toBeVisible()
  await expect(page.getByRole('region', { name: 'Fill meter' })).toContainText('live now')
  await take(page, 'sections')
})

test('rule', async ({ page }) => {
  await page.addInitScript(() => localStorage.setItem('manada-tried', 'BB-NA'))
  await page.goto('/sections/accessories')
  await page
    .locator('[data-step="1"]')
    .getByRole('button', { name: /whose fits contains/ })
    .click()
  await expect(page.locator('[data-count="pick.0"]')).toHaveText(/[1-9]/)
  await take(page, 'rule')
})

test('together', async ({ page }) => {
  const studio = new Studio(page)
  await page.goto('/products/EX-210,EX-310,EX-410,EX-900?category=extractors&sort=fewest-links')
  await expect(studio.card('Accessories', 'STR-280')).toContainText('on 2 of 4')
  await take(page, 'together')
})

test('suggested', async ({ page }) => {
  const studio = new Studio(page)
  await studio.open('SMO-M')
  await page.getByRole('button', { name: 'Suggested' }).click()
  await page.getByRole('group', { name: 'Suggested as' }).getByRole('button', { name: 'Cross-sells' }).click()
  await expect(page.getByRole('list', { name: 'Suggested cross-sells' }).locator('[data-sku]').first()).toBeVisible()
  await take(page, 'suggested')
})

test('results', async ({ page }) => {
  const lines = [
    { sku: 'SMO-M', quantity: 1 },
    { sku: 'SMO-BOX', quantity: 1, from: 'offer:to-light-it-with' },
    { sku: 'BRU-1', quantity: 2, from: 'section:related' },
    {
      sku: 'SET-01',
      quantity: 1,
      choices: [
        { part: 'suit', sku: 'SUIT-WHI-XL' },
        { part: 'gloves', sku: 'GLO-L-LEA-9' },
      ],
    },
  ]
  const { total } = (await (await page.request.post('/api/shop/v1/cart', { data: { lines } })).json()) as { total: number }
  await page.request.post('/api/shop/v1/orders', { data: { lines, total }, headers: { 'idempotency-key': 'one-for-the-picture' } })
  await page.goto('/results')
  await expect(page.getByRole('region', { name: 'Order', exact: true })).toContainText('Suit: XL, white')
  await take(page, 'results')
})

test('bundles', async ({ page }) => {
  await page.goto('/bundles/SET-01')
  await expect(page.getByRole('region', { name: 'As a cart line' })).toContainText('shared out to the cent')
  await take(page, 'bundles')
})

/** A draft of a plan that shares products with another, with a checklist above the buy button. */
async function draftPlan(page: Page): Promise<void> {
  const plain = { products: [], tags: [], brands: [], categories: [], price: null }
  const { sections } = (await (await page.request.get('/api/drafts')).json()) as {
    sections: { key: string; draft: { display: object } }[]
  }
  const display = {
    ...sections.find(each => each.key === 'accessories')!.draft.display,
    devices: { desktop: { columns: 1, rows: null }, tablet: { columns: 1, rows: null }, phone: { columns: 1, rows: null } },
    card: ['price', 'was', 'stock', 'text', 'button'],
  }
  for (const command of [
    { type: 'addPlan', page: 'product', name: { en: 'Extractors and tanks' }, scope: { ...plain, categories: ['extraction'] } },
    { type: 'addPlan', page: 'product', name: { en: 'First year' }, scope: { ...plain, tags: ['beginner'] } },
    {
      type: 'changeSection',
      key: 'accessories',
      settings: { layout: 'checklist', look: { preset: 'framed', own: {} }, display, places: 3 },
      seen: {},
    },
    { type: 'changeSection', key: 'upsells', settings: { layout: 'comparison' }, seen: {} },
    { type: 'placeBlock', block: 'accessories', plan: 'extractors-and-tanks', zone: 'aboveBuy' },
    { type: 'placeBlock', block: 'upsells', plan: 'extractors-and-tanks', zone: 'belowDetails' },
  ])
    await page.request.post('/api/commands', { data: command })
}

test('pages', async ({ page }) => {
  await draftPlan(page)
  await page.goto('/pages/extractors-and-tanks')
  await expect(page.getByRole('complementary', { name: 'Of this page plan' })).toContainText('a tag says more than a category')
  await expect(page.getByRole('complementary', { name: 'Of this page plan' })).toContainText('the buy button is')
  await take(page, 'pages')
  await pressLetter(page, 'p')
  await expect(effectsOf(page)).toContainText('Worked out on')
  await publishRoom(page).getByLabel('A note to this release').fill('accessories to tick, above the buy button')
  await take(page, 'publish')
  await undoAll(page.request)
})

test('looks', async ({ page }) => {
  for (const [key, preset] of [
    ['accessories', 'tray'],
    ['upsells', 'tray'],
    ['related', 'dusk'],
  ]) {
    await page.request.post('/api/commands', { data: { type: 'changeSection', key, settings: { look: { preset, own: {} } }, seen: {} } })
  }
  await page.addInitScript(() => localStorage.setItem('manada-tried', 'EX-210'))
  await page.goto('/looks/tray')
  await expect(page.frameLocator('iframe').locator('[data-section="accessories"]')).toBeVisible()
  await take(page, 'looks')
  await undoAll(page.request)
})

test('checks', async ({ page }) => {
  await page.goto('/checks/targetOutOfStock')
  await expect(page.getByRole('region', { name: 'Checks', exact: true })).toContainText('Everything is looked at')
  const rows = page.getByRole('grid', { name: 'Findings' }).getByRole('row')
  await rows.nth(1).focus()
  await take(page, 'checks')
})

test('exchange', async ({ page }) => {
  await page.goto('/exchange')
  const rows = [
    'source,kind,target,place,from,until,note',
    'UR-1,accessory,BK-WAX,1,,,for the wax course',
    'UR-1,accessory,BRU-1,2,,,',
    'UR-1,upsell,UK-H,,2027-02-30,,',
    'UR-1,related,UK-X,,,,',
    'SMO-M,accessory,SMO-M,,,,',
    'UR-1,accessory,BK-PLANT,2,,,',
  ]
  await page
    .getByLabel('File to import')
    .setInputFiles({ name: 'spring-links.csv', mimeType: 'text/csv', buffer: Buffer.from(rows.join('\n')) })
  await expect(page.getByRole('list', { name: 'Rows rejected' }).getByRole('listitem')).toHaveCount(4)
  await take(page, 'exchange')
})

const cart = [
  { sku: 'EX-210', quantity: 1 },
  { sku: 'SET-02', quantity: 1 },
  { sku: 'SET-04', quantity: 1, with: 'pick:SEED-BOR-10:2,pick:SEED-PHA-10:2,pick:SEED-CRO-10' },
]
for (const [name, path, width, height] of [
  ['shop-product', '/shop/products/EX-210', 1280, 800],
  ['shop-product-phone', '/shop/products/EX-210', 390, 844],
  ['shop-bundle', '/shop/products/SET-03', 1280, 800],
  ['shop-cart', '/shop/cart', 1280, 800],
] as const) {
  test(name, async ({ page, baseURL }) => {
    if (path === '/shop/cart') await putIntoCart(page, baseURL!, cart)
    await page.setViewportSize({ width, height })
    await page.goto(path)
    await take(page, name)
  })
}

test.describe('as an admin', () => {
  test.use({ role: 'admin' })
  test('people', async ({ page }) => {
    const post = (path: string, data: object) => page.request.post(path, { data })
    await post('/api/people/invite', { name: 'Ansgar Peil', role: 'editor' })
    await post('/api/tokens', { name: 'Nightly stock feed', scopes: ['exchange:write'], days: 365 })
    await post('/api/tokens', { name: 'Shop front, staging', scopes: ['draft:read'], days: 90 })
    await post('/api/account', { name: 'Wilma Oster', colour: 'plum' })
    await page.goto('/people')
    await expect(page.getByRole('row', { name: /Ansgar Peil/ })).toBeVisible()
    await take(page, 'people')
  })
})
