import type { FrameLocator } from '@playwright/test'
import { byHandAlone } from './byHandAlone'
import { seen, tryOn } from './offerSteps'
import { Studio, pressLetter } from './studio'
import { expect, test } from './test'
import { putInTriedCart } from './tried'

test('what is put into the cart of a try-out counts there, and in every other workspace', async ({ page, request }) => {
  const tried = (await (await request.get('/api/sections/try?section=accessories&page=product&subject=SMO-M')).json()) as {
    sections: { key: string; items: { sku: string; name: string }[] }[]
  }
  const [first] = tried.sections.find(each => each.key === 'accessories')!.items
  await page.addInitScript(() => localStorage.setItem('manada-tried', 'SMO-M'))
  await page.goto('/sections/accessories')
  const trying = page.getByRole('region', { name: 'Try it' })
  await expect(trying).toContainText(first!.name)
  await putInTriedCart(page, first!.sku)
  await expect(trying.getByRole('button', { name: 'Who and when: cart: 1' })).toBeVisible()
  await expect(trying.getByRole('listitem').filter({ hasText: first!.name }).first()).toContainText('in the cart')
  // From workspace to workspace, within the studio.
  await page.getByRole('navigation').getByRole('link', { name: 'Bundles' }).click()
  await page.getByRole('link', { name: 'Offers' }).click()
  await expect(page.getByRole('region', { name: 'What shoppers see' }).getByRole('button', { name: 'Who and when: cart: 1' })).toBeVisible()
})

const sectionsIn = (frame: FrameLocator) =>
  frame.locator('[data-section]').evaluateAll(all => all.map(each => (each as HTMLElement).dataset.section!))

test('a section is tried on any kind of page, as if it stood at its foot where it does not, and that is said', async ({ page }) => {
  await page.addInitScript(() => {
    localStorage.setItem('manada-tried', 'EX-210')
    localStorage.setItem('manada-try-view', 'page')
  })
  // It would show the same on the page of the cart, before it.
  const data = { type: 'changeSection', key: 'cart-accessories', settings: { off: true }, seen: {} }
  expect((await page.request.post('/api/commands', { data })).status()).toBe(200)
  await page.goto('/sections/accessories')
  const trying = page.getByRole('region', { name: 'Try it' })
  const shown = page.frameLocator('iframe[title="The page as it will be"]')
  await expect(shown.locator('[data-section="accessories"]')).toBeVisible()
  await expect(trying).not.toContainText('as if')

  await trying.getByRole('button', { name: 'Kind of page: product page' }).click()
  await page.getByRole('list', { name: 'Kinds of pages' }).getByText('cart', { exact: true }).click()
  await expect(trying.getByRole('status')).toHaveText('Only on product pages. Shown as if it stood at the foot of this page.')
  await expect(shown.locator('[data-section="accessories"]')).toBeVisible()
  expect((await sectionsIn(shown)).at(-1)).toBe('accessories')
  const told = await trying.locator('.told').innerText()
  expect(told).toContain(`${await shown.locator('[data-section="accessories"] [data-sku]').count()} of `)
  // Beside it the page as shoppers have it: nothing is pretended there.
  await trying.getByRole('button', { name: 'Beside what is live' }).click()
  const live = page.frameLocator('iframe[title="The page as it is"]')
  await expect(live.getByRole('heading', { level: 1, name: 'Cart' })).toBeVisible()
  expect(await sectionsIn(live)).not.toContain('accessories')
})

test('a plan that has not got a section is named, and a plan is looked at on pages that get another', async ({ page }) => {
  // A plan of its own for seed has no “Worth the step up”.
  await page.addInitScript(() => localStorage.setItem('manada-tried', 'SEED-BOR'))
  await page.goto('/sections/upsells')
  const trying = page.getByRole('region', { name: 'Try it' })
  await expect(trying.getByRole('status')).toHaveText(
    'Only on pages whose plan has it. This one gets “Seed and plants”, which does not: shown as if it stood at its foot.',
  )
  await page.goto('/pages/seed-and-plants')
  await page.getByRole('button', { name: 'Shop view' }).click()
  const shown = page.frameLocator('iframe[title="The page as it will be"]')
  const preview = page.locator('.preview')
  await expect(shown.locator('[data-section]').first()).toBeVisible()
  const choose = async (words: string) => {
    await preview.getByRole('button', { name: /^Page that is shown/ }).click()
    const field = page.getByRole('dialog', { name: 'Choose a page' }).getByLabel('Choose a page')
    await field.fill(words)
    await page.getByRole('option').first().click()
  }
  await choose('EX-210')
  await expect(preview.getByRole('status')).toHaveText('This page gets “Product page”: shown as if it got this plan.')
  await expect(shown.getByRole('heading', { level: 1, name: 'Two-frame extractor' })).toBeVisible()
  await expect(shown.locator('[data-section="related"]')).toBeVisible()
  expect(await sectionsIn(shown)).not.toContain('upsells')
  // Back to the pages that get it.
  await preview.getByRole('button', { name: 'The next page' }).click()
  await expect(preview.getByRole('status')).toHaveCount(0)
  await expect(preview).toContainText('1 of 11')
})

test('a plan that no page gets yet is looked at all the same', async ({ page, request }) => {
  const scope = { products: [], categories: [], brands: [], tags: ['no-such-tag'], price: null }
  for (const data of [
    { type: 'addPlan', page: 'product', name: { en: 'For nobody yet' }, scope },
    { type: 'placeBlock', plan: 'for-nobody-yet', zone: 'aboveBuy', block: 'home-best-sellers' },
  ]) {
    const made = await request.post('/api/commands', { data })
    expect(made.status(), await made.text()).toBe(200)
  }
  await page.addInitScript(() => localStorage.setItem('manada-tried', 'EX-210'))
  await page.goto('/pages/for-nobody-yet')
  await page.getByRole('button', { name: 'Shop view' }).click()
  await expect(page.locator('.preview').getByRole('status')).toHaveText('This page gets “Product page”: shown as if it got this plan.')
  const shown = page.frameLocator('iframe[title="The page as it will be"]')
  await expect(shown.locator('[data-section="home-best-sellers"]')).toBeVisible()
  expect((await sectionsIn(shown))[0]).toBe('home-best-sellers')
})

test('an offer is tried on a product that it is not for, as if it were; shoppers see nothing of it', async ({ page }) => {
  await page.goto('/offers/to-light-it-with')
  const shown = page.frameLocator('iframe').getByRole('region', { name: 'To light it with' })
  await expect(seen(page).getByRole('status')).toContainText('Shoppers see it')
  await tryOn(page, 'refractometer')
  await expect(seen(page).getByRole('status')).toContainText(
    'It is not for this product, or not on this day, so shoppers don’t see it here. Shown as if they did:',
  )
  await expect(seen(page).getByText('Long lighter')).toBeVisible()
  // At the price that it would have.
  await shown.getByRole('checkbox', { name: 'Smoker fuel' }).check()
  await expect(shown.getByRole('status')).toContainText('together €55.11')
  await expect(shown.getByRole('status')).toContainText('before €55.90')
  const offers = async (query: string) => {
    const answer = (await (await page.request.get(`/api/shop/v1/pages/product/REF-1${query}`)).json()) as { offers?: { key: string }[] }
    return (answer.offers ?? []).map(each => each.key)
  }
  expect(await offers('?draft=1&offer=to-light-it-with')).toContain('to-light-it-with')
  expect(await offers('')).not.toContain('to-light-it-with')
  expect(await offers('?draft=1')).not.toContain('to-light-it-with')
})

test('a cart costs on the day that is looked at what the rows of an offer say then', async ({ page }) => {
  const settings = { from: '2099-01-01' }
  const changed = await page.request.post('/api/commands', { data: { type: 'changeOffer', key: 'to-light-it-with', settings, seen: {} } })
  expect(changed.status(), await changed.text()).toBe(200)
  const lines = ['SMO-S', 'SMO-BOX'].map(sku => ({ sku, quantity: 1 }))
  const total = async (query: string) =>
    ((await (await page.request.post(`/api/shop/v1/cart?${query}`, { data: { lines } })).json()) as { total: number }).total
  const own = await total('draft=1')
  expect(await total('draft=1&at=2099-01-02T12:00:00Z')).toBe(own - 340)
  expect(await total('draft=1&offer=to-light-it-with')).toBe(own - 340)
  expect(await total('at=2099-01-02T12:00:00Z')).toBe(own - 340)
})

test('why follows the page beside it: what is put into the cart there, and other pages', async ({ page, request }) => {
  const studio = new Studio(page)
  await byHandAlone(request, 'upsells', 'upsell')
  await studio.open('EX-210')
  await pressLetter(page, 'v')
  await pressLetter(page, 'y')
  const why = page.getByRole('region', { name: 'Why', exact: true })
  const upsells = why.getByRole('article', { name: 'Worth the step up' })
  await expect(upsells).toContainText('2 of 2 places')
  const shop = page.frameLocator('iframe')
  await shop.getByRole('button', { name: 'Add Four-frame extractor to the cart' }).click()
  await expect(upsells).toContainText('1 of 2 places')
  await expect(upsells.getByRole('listitem').filter({ hasText: 'in the cart' })).toContainText('Four-frame extractor')
  await shop.getByRole('link', { name: 'Four-frame extractor, motor drive' }).first().click()
  await expect(shop.getByRole('heading', { level: 1, name: 'Four-frame extractor, motor drive' })).toBeVisible()
  await expect(upsells).toContainText('Nine-frame radial extractor, motor drive')
  await shop.getByRole('link', { name: /^Cart/ }).click()
  await expect(why).toContainText('This page gets the plan Cart page')
  await expect(why.getByRole('button', { name: 'Switch off' })).toHaveCount(0)
})

test('what is pretended of a page is for those who may see drafts, and of what there is', async ({ request, baseURL }) => {
  const status = async (query: string) => (await request.get(`/api/shop/v1/pages/cart?cart=EX-210&${query}`)).status()
  expect(await status('draft=1&foot=cart:accessories')).toBe(200)
  expect(await status('foot=cart:accessories')).toBe(400)
  expect(await status('plan=cart')).toBe(400)
  expect(await status('draft=1&foot=cart:gone')).toBe(404)
  expect(await status('draft=1&plan=gone')).toBe(404)
  expect(await status('draft=1&offer=to-light-it-with')).toBe(200)
  expect(await status('draft=1&offer=gone')).toBe(404)
  expect(await status('offer=to-light-it-with')).toBe(400)
  expect(await status('draft=1&foot=accessories')).toBe(400)
  const nobody = await fetch(`${baseURL}/api/shop/v1/pages/cart?draft=1&foot=cart:accessories`)
  expect(nobody.status).toBe(401)
})
