import type { APIRequestContext, Locator } from '@playwright/test'
import { byHandAlone } from './byHandAlone'
import { Studio, effectsOf, publishRoom, pressLetter } from './studio'
import { expect, test } from './test'
import { undoAll } from './undoAll'

const rowOf = (effects: Locator, name: string) => effects.getByRole('listitem').filter({ hasText: name })

/**
 * What each section shows on the page of each product that is for sale, as shoppers get them, or as it would be.
 * @param query which drafts, or which release
 */
async function shownToShoppers(request: APIRequestContext, query = ''): Promise<Map<string, Map<string, string[]>>> {
  const { rows } = (await (await request.get('/api/products?status=active&limit=200')).json()) as { rows: { sku: string }[] }
  expect(rows.length).toBeGreaterThan(100)
  const pages = new Map<string, Map<string, string[]>>()
  for (const { sku } of rows) {
    const { sections } = (await (await request.get(`/api/shop/v1/pages/product/${encodeURIComponent(sku)}${query}`)).json()) as {
      sections: { key: string; items: { sku: string; variant: string | null }[] }[]
    }
    pages.set(sku, new Map(sections.map(({ key, items }) => [key, items.map(each => each.variant ?? each.sku)])))
  }
  return pages
}

test('publishing says what it does to every page, and then does just that', async ({ page, request }) => {
  const studio = new Studio(page)
  await byHandAlone(request, 'related', 'related')
  await page.goto('/sections')
  await page.getByRole('link', { name: '3 drafts' }).click()
  await expect(effectsOf(page)).toContainText('Tick something to see what it does to pages.')
  await publishRoom(page).getByLabel('“Seen lately”').check()
  await expect(effectsOf(page)).toContainText('“Seen lately” stands on no page')
  await publishRoom(page).getByLabel('“Seen lately”').uncheck()
  await publishRoom(page).getByLabel('“Goes with it”').check()
  await expect(effectsOf(page)).toContainText('Worked out on')

  const promised = await effectsOf(page).innerText()
  const before = await shownToShoppers(request)
  const announced = await shownToShoppers(request, '?draft=1&only=section:accessories')
  await publishRoom(page).getByRole('button', { name: 'Publish 1' }).click()
  await expect(studio.message).toContainText('Published')
  const after = await shownToShoppers(request)
  expect(after).toEqual(announced)

  const became = (section: string, test: (was: string[], is: string[]) => boolean) =>
    [...before].filter(([sku, was]) => test(was.get(section) ?? [], after.get(sku)!.get(section) ?? [])).length
  const loses = (section: string) => became(section, (was, is) => is.length < was.length)
  const blank = became('related', (was, is) => was.length > 0 && !is.length)
  expect(loses('related')).toBeGreaterThan(0)
  expect(promised).toContain(`“Also worth a look” loses products on ${loses('related')} product pages`)
  expect(promised).toContain(`Above it “Goes with it” shows the same ones. On ${blank} product pages nothing is left of it.`)
  expect(promised).toContain(`“Goes with it” shows more on ${became('accessories', (was, is) => is.length > was.length)} product pages`)
  await undoAll(page.request)
})

test('pages are shown as they are beside what they would be, one after the other, and whole', async ({ page }) => {
  await page.goto('/publish')
  await publishRoom(page).getByLabel('“Goes with it”').check()
  const pages = page.getByRole('region', { name: 'Pages that change' })
  await expect(pages).toContainText(/1 of the \d+/)
  const [live, then] = ['live', 'with what is ticked'].map(name => pages.getByRole('region', { name }))
  await expect(then!.getByText(/\d more|new here/)).toBeVisible()
  const first = await live!.innerText()
  await page.keyboard.press('j')
  await expect(pages).toContainText(/2 of the \d+/)
  await expect.poll(() => live!.innerText()).not.toBe(first)
  await page.keyboard.press('k')
  await expect.poll(() => live!.innerText()).toBe(first)
  await pages.getByRole('button', { name: /choose another page/ }).click()
  await page.getByText('Another product …').click()
  await page.getByRole('combobox', { name: 'Find a product' }).fill('EX-210')
  await page.getByRole('option').filter({ hasText: 'EX-210' }).click()
  await expect(pages.getByRole('button', { name: /^About Two-frame extractor/ })).toBeVisible()
  await pressLetter(page, 'b')
  const both = page.getByRole('dialog', { name: 'The page as it is, and as it would be' })
  for (const title of ['The page as it is', 'The page as it will be'])
    await expect(both.frameLocator(`iframe[title="${title}"]`).getByRole('heading', { level: 1 })).toBeVisible()
  await both.getByRole('button', { name: 'Close' }).click()
})

test('what is ticked stays ticked while one looks around, and pages can be seen with just that', async ({ page }) => {
  await page.goto('/pages/product-default')
  await page.getByRole('link', { name: '3 drafts' }).click()
  await publishRoom(page).getByLabel('“Goes with it”').check()
  await publishRoom(page).getByRole('button', { name: 'Leave it' }).click()
  await expect(page).toHaveURL(/\/pages\/product-default/)
  // The address is another before the workspace is there that takes the letter.
  await expect(page.locator('[data-placed="related"]')).toBeVisible()
  await pressLetter(page, 'v')
  await page.getByRole('button', { name: 'With all drafts' }).click()
  await page.getByText('With 1 ticked').click()
  await expect(page.locator('iframe')).toHaveAttribute('src', /only=section%3Aaccessories/)
  await page.getByRole('link', { name: '3 drafts' }).click()
  await expect(publishRoom(page).getByLabel('“Goes with it”')).toBeChecked()
})

test('words that are older than those they were made from are named before they go out', async ({ page }) => {
  const heading = { en: 'Take these along', de: 'Passt dazu' }
  const changed = await page.request.post('/api/commands', {
    data: { type: 'changeSection', key: 'related', settings: { heading: { en: 'Related', de: 'Verwandt', fr: 'Voir aussi' } }, seen: {} },
  })
  expect(changed.ok()).toBe(true)
  await page.request.post('/api/commands', { data: { type: 'publish', sections: ['related'], plans: [] } })
  await page.request.post('/api/commands', {
    data: { type: 'changeSection', key: 'related', settings: { heading: { ...heading, de: 'Verwandt' } }, seen: {} },
  })
  await page.goto('/publish')
  const row = rowOf(effectsOf(page), 'German words are older than the English ones')
  await expect(row).toContainText('“Take these along”: German words are older than the English ones')
  await row.getByRole('link', { name: 'Open it' }).click()
  await expect(page).toHaveURL(/\/sections\/related/)
  await page.getByLabel('Heading, de').fill(heading.de)
  await page.getByLabel('Heading, de').press('Enter')
  await page.goBack()
  await expect(effectsOf(page)).toContainText('“Take these along”')
  await expect(row).toBeHidden()
  await undoAll(page.request)
})

test('what shops are told of a release again is what they were told then; of what is not there they are told so', async ({
  page,
  request,
  playwright,
  baseURL,
}) => {
  const run = async (command: object) => expect((await page.request.post('/api/commands', { data: command })).ok()).toBe(true)
  await run({ type: 'changeOffer', key: 'to-light-it-with', settings: { reduction: { by: 'percent', percent: 50 } }, seen: {} })
  const ticked = { sections: ['accessories'], plans: [], offers: ['to-light-it-with'] }
  const cart = async (query = '') => {
    const lines = ['SMO-M', 'SMO-BOX'].map(sku => ({ sku, quantity: 1 }))
    return (await (await request.post(`/api/shop/v1/cart${query}`, { data: { lines } })).json()) as { total: number }
  }
  const only = '?draft=1&only=section:accessories,offer:to-light-it-with'
  const announced = [await shownToShoppers(request, only), await cart(only)]
  await run({ type: 'publish', ...ticked })
  const first = [await shownToShoppers(request), await cart()]
  expect(first).toEqual(announced)
  const { releases } = (await (await request.get('/api/releases')).json()) as { releases: { number: number }[] }
  await run({ type: 'unpublish', ...ticked })
  expect(await shownToShoppers(request)).not.toEqual(first[0])
  expect((await cart()).total).toBeGreaterThan((first[1] as { total: number }).total)
  const again = `?draft=1&release=${releases[0]!.number}`
  expect([await shownToShoppers(request, again), await cart(again)]).toEqual(first)
  await undoAll(page.request)

  const status = async (query: string, as = request) => (await as.get(`/api/shop/v1/pages/product/EX-210${query}`)).status()
  expect(await status('?draft=1&release=999')).toBe(404)
  expect(await status('?draft=1&only=shelf:a')).toBe(400)
  expect(await status('?only=section:accessories')).toBe(400)
  const nobody = await playwright.request.newContext({ baseURL })
  expect(await status('?draft=1&release=1', nobody)).toBe(401)
  await nobody.dispose()
})

test('what publishing does is worked out anew when a colleague changes something meanwhile', async ({ page, request }) => {
  await page.goto('/sections')
  await page.getByRole('link', { name: '3 drafts' }).click()
  await publishRoom(page).getByLabel('“Goes with it”').check()
  const row = rowOf(effectsOf(page), '“Goes with it” shows more')
  await expect(row).toBeVisible()
  const changed = await request.post('/api/commands', {
    data: { type: 'changeSection', key: 'accessories', settings: { off: true }, seen: {} },
  })
  expect(changed.ok()).toBe(true)
  await expect(row).toBeHidden()
  await expect(effectsOf(page)).toContainText('“Goes with it” shows nothing any more')
  await undoAll(request)
})
