import type { Page } from '@playwright/test'
import { hasNoViolations } from './axe'
import { Studio } from './studio'
import { expect, test } from './test'

const article = 'article:first-inspection'
const names = (page: Page, key: string) =>
  page
    .locator(`[data-section="${key}"]`)
    .locator('[data-sku]')
    .evaluateAll(cards => cards.map(card => card.getAttribute('data-sku')))
const tiles = (page: Page) =>
  page
    .locator('[data-section="related-categories"] [data-category]')
    .evaluateAll(links => links.map(link => link.getAttribute('data-category')))

test('what an article names is a lane: found, added, put in order, taken out and undone like links of a product', async ({ page }) => {
  const studio = new Studio(page)
  await page.goto('/products')
  await page.getByRole('group', { name: 'What has links' }).getByRole('button', { name: 'Articles' }).click()
  await page.getByRole('region', { name: 'Articles' }).getByText('Preparing the first inspection').click()
  await expect(studio.bench.getByRole('heading', { level: 1 })).toHaveText('Preparing the first inspection')
  await studio.expectTargets('Named in the article', ['SMO-M', 'HT-S', 'JKT', 'LOG-1'])

  await page.keyboard.press('/')
  const row = await studio.findTarget('goatskin', 'GLO-L')
  await row.click()
  await page.keyboard.press('1')
  await studio.expectTargets('Named in the article', ['SMO-M', 'HT-S', 'JKT', 'LOG-1', 'GLO-L'])
  await expect(studio.message).toContainText('to the article “Preparing the first inspection”')
  await studio.card('Named in the article', 'GLO-L').focus()
  await page.keyboard.press('Alt+Home')
  await studio.expectTargets('Named in the article', ['GLO-L', 'SMO-M', 'HT-S', 'JKT', 'LOG-1'])
  await studio.card('Named in the article', 'HT-S').focus()
  await page.keyboard.press('Delete')
  await studio.expectTargets('Named in the article', ['GLO-L', 'SMO-M', 'JKT', 'LOG-1'])

  await page.goto('/shop/articles/first-inspection')
  await expect.poll(() => names(page, 'article-products')).toEqual(['GLO-L', 'SMO-M', 'JKT', 'LOG-1'])
  await page.goto(`/products/${article}`)
  await expect(studio.bench.getByRole('heading', { level: 1 })).toBeVisible()
  for (let i = 0; i < 3; i++) {
    await page.getByRole('button', { name: 'Undo', exact: true }).first().click()
    await expect(studio.message).toContainText('Undone')
  }
  await studio.expectTargets('Named in the article', ['SMO-M', 'HT-S', 'JKT', 'LOG-1'])
})

test('one product of an article stands in the spotlight, several in a grid, and none nowhere', async ({ page, request }) => {
  const unlink = async (targets: string[]) =>
    expect(
      (await page.request.post('/api/commands', { data: { type: 'unlink', kind: 'named', on: [{ source: article }], targets } })).ok(),
    ).toBe(true)
  const shown = page.locator('[data-section="article-products"]')
  await page.goto('/shop/articles/first-inspection')
  await expect(shown).toHaveClass(/grid/)
  await unlink(['HT-S', 'JKT', 'LOG-1'])
  await page.reload()
  await expect(shown).toHaveClass(/spotlight/)
  await expect(shown.locator('[data-sku]')).toHaveAttribute('data-sku', 'SMO-M')
  await unlink(['SMO-M'])
  await page.reload()
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  await expect(shown).toHaveCount(0)
  const answer = await (await request.get('/api/shop/v1/pages/article/first-inspection?explain=1')).json()
  expect(answer.hidden.find((each: { key: string }) => each.key === 'article-products').reason).toBe('nothingFound')
})

test('related categories are a lane, and tiles with pictures on the page of the category', async ({ page }) => {
  const studio = new Studio(page)
  await page.goto('/products/category:extractors')
  await studio.expectTargets('Related categories', ['uncapping', 'straining', 'jars'])
  await page.keyboard.press('/')
  const row = await studio.findTarget('glov', 'gloves')
  await expect(row).toContainText('Clothing')
  await row.click()
  await studio.find.getByRole('button', { name: 'Add to the category' }).click()
  await studio.card('Related categories', 'gloves').focus()
  await page.keyboard.press('Alt+Home')
  await studio.expectTargets('Related categories', ['gloves', 'uncapping', 'straining', 'jars'])
  // A category is not related to itself, and nothing twice.
  const self = await studio.findTarget('extractors', 'extractors')
  await expect(self).toHaveAttribute('aria-disabled', 'true')

  for (const viewport of [
    { width: 1280, height: 800 },
    { width: 820, height: 1100 },
    { width: 390, height: 844 },
  ]) {
    await page.setViewportSize(viewport)
    await page.goto('/shop/categories/extractors')
    await expect.poll(() => tiles(page)).toEqual(['gloves', 'uncapping', 'straining', 'jars'])
    await expect(page.locator('[data-category="gloves"] img')).toHaveAttribute('src', /\.svg$/)
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(viewport.width)
    await hasNoViolations(page)
  }
  await page.locator('[data-category="gloves"]').click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Gloves and gaiters')
})

test('a lane that was changed in another window is not overwritten, and what is unknown is said', async ({ page, request }) => {
  const send = (data: object) => request.post('/api/commands', { data })
  const refused = await send({ type: 'unlink', kind: 'named', on: [{ source: article, seen: ['SMO-M'] }], targets: ['SMO-M'] })
  expect([refused.status(), (await refused.json()).type]).toEqual([409, 'urn:manada:problem:lane-changed'])
  expect((await send({ type: 'link', kind: 'named', on: [{ source: 'article:nope' }], targets: ['GLO-L'] })).status()).toBe(404)
  expect((await send({ type: 'link', kind: 'named', on: [{ source: 'page:nope' }], targets: ['GLO-L'] })).status()).toBe(400)
  await page.goto('/products/article:nope')
  await expect(page.getByText('There is no article with the key nope.')).toBeVisible()
})

test('the bench of an article or a category can be used by everyone', async ({ page }) => {
  for (const source of [article, 'category:extractors']) {
    await page.goto(`/products/${source}`)
    await expect(page.getByRole('region', { name: 'Bench' }).getByRole('heading', { level: 1 })).toBeVisible()
    await expect(page.getByRole('listbox', { name: 'Targets found' })).toHaveAttribute('aria-busy', 'false')
    await hasNoViolations(page)
  }
})
