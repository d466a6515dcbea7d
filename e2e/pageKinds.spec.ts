import type { APIRequestContext } from '@playwright/test'
import { expect, test } from './test'

interface Answer {
  page: { kind: string; subjects: string[] }
  plan: { key: string }
  sections: { key: string; zone: string; items: { sku: string; step: number }[] }[]
  hidden: { key: string; reason: string }[]
}
const page = async (request: APIRequestContext, path: string, query: Record<string, string> = {}) => {
  const answer = await request.get(`/api/shop/v1/pages/${path}`, { params: query })
  expect(answer.status()).toBe(200)
  return (await answer.json()) as Answer
}

test('the home page is about nothing, and shows best sellers and what was viewed before', async ({ request }) => {
  const home = await page(request, 'home', { seen: 'SMO-M,EX-210', cart: 'SMO-M' })
  expect(home).toMatchObject({ page: { kind: 'home', subjects: [] }, plan: { key: 'home-default' } })
  expect(home.sections.map(each => [each.key, each.zone])).toEqual([
    ['home-best-sellers', 'belowIntro'],
    ['home-recently-viewed', 'homeFoot'],
  ])
  expect(
    home.sections[1]!.items.map(each => each.sku),
    'what is in the cart is held back',
  ).toEqual(['EX-210'])
})

test('a search is about what it found; with nothing found the page still has something', async ({ request }) => {
  const found = await page(request, 'search', { q: 'smoker', found: 'SMO-M,GONE,SMO-BOX' })
  expect(found.page).toEqual({ kind: 'search', subjects: ['SMO-M', 'SMO-BOX'] })
  expect(found.sections.flatMap(each => each.items.map(item => item.sku))).not.toContain('SMO-M')
  const nothing = await page(request, 'search', { q: 'zeppelin', explain: '1' })
  expect(nothing.sections.map(each => each.key)).toEqual(['search-best-sellers'])
  expect(nothing.hidden).toMatchObject([{ key: 'search-related', reason: 'nothingFound' }])
  expect((await request.get('/api/shop/v1/pages/search', { params: { found: 'SMO-M:2' } })).status()).toBe(400)
})

test('after an order, what was ordered is not recommended, nor is what is in the cart', async ({ request }) => {
  const ordered = await page(request, 'ordered', { lines: 'SMO-M:2,EX-210', explain: '1' })
  expect(ordered.page).toEqual({ kind: 'ordered', subjects: ['SMO-M', 'EX-210'] })
  const shown = ordered.sections.flatMap(each => each.items.map(item => item.sku))
  expect(shown.length).toBeGreaterThan(0)
  const also = await page(request, 'ordered', { lines: `SMO-M:2,EX-210,${shown[0]!}` })
  expect(also.sections.flatMap(each => each.items.map(item => item.sku))).not.toContain(shown[0])
  expect((await request.get('/api/shop/v1/pages/ordered', { params: { lines: 'SMO-M:0' } })).status()).toBe(400)
})

test('the catalogue is searched by beginnings of words, whatever their accents', async ({ request }) => {
  const search = async (q: string) =>
    (await (await request.get('/api/shop/v1/catalogue/search', { params: { q, limit: '5' } })).json()) as {
      products: { sku: string }[]
      total: number
    }
  const { products, total } = await search('smoker stain')
  expect(products[0]!.sku).toBe('SMO-M')
  expect(total).toBeGreaterThan(0)
  expect(await search('smókér STAIN')).toEqual({ products, total })
  expect(await search('zeppelin')).toEqual({ products: [], total: 0 })
  expect((await request.get('/api/shop/v1/catalogue/search', { params: { q: ' ' } })).status()).toBe(400)
})

test('a shopper searches from any page, finds nothing, tries again, and gets what goes with it', async ({ page: shop }) => {
  await shop.goto('/shop')
  await expect(shop.getByRole('region', { name: 'Bought most' })).toBeVisible()
  await shop.getByRole('link', { name: 'Search' }).click()
  await shop.getByRole('searchbox', { name: 'Search' }).fill('zeppelin')
  await shop.getByRole('searchbox', { name: 'Search' }).press('Enter')
  await expect(shop.getByRole('heading', { level: 1 })).toHaveText('Found for “zeppelin”')
  await expect(shop.getByText('Nothing here has all these words.')).toBeVisible()
  await expect(shop.getByRole('region', { name: 'Others buy these' })).toBeVisible()
  await shop.getByRole('searchbox', { name: 'Search' }).fill('smoker')
  await shop.getByRole('button', { name: 'Search' }).click()
  await expect(shop.getByRole('heading', { level: 1 })).toHaveText('Found for “smoker”')
  await expect(shop.getByRole('region', { name: 'Goes with what was found' })).toBeVisible()
  await shop.goBack()
  await expect(shop.getByRole('searchbox', { name: 'Search' })).toHaveValue('zeppelin')
  await expect(shop.getByText('Nothing here has all these words.')).toBeVisible()
})

test('a section is put on the home page in Pages, tried in Sections, and seen in the shop', async ({ page: studio }) => {
  await studio.goto('/pages/home-default')
  const zone = studio.getByRole('region', { name: 'foot of the home page' })
  await expect(zone).toContainText('What you looked at')
  await studio.getByRole('button', { name: 'Shop view' }).click()
  const frame = studio.frameLocator('iframe')
  await expect(frame.getByRole('heading', { name: 'Bought most' })).toBeVisible()
  await studio.goto('/sections/home-best-sellers')
  await expect(studio.getByRole('region', { name: 'Try it' })).toContainText('Twist lids, 82 mm')
  await expect(studio.getByRole('region', { name: 'Fill meter' })).toContainText('4 of 4 places filled')
  // What hangs on the shopper alone is not counted, and says so.
  await studio.goto('/sections/home-recently-viewed')
  await expect(studio.getByRole('region', { name: 'Try it' })).toContainText('So there is no telling how often it is full or blank')
})
