import type { Page } from '@playwright/test'
import { byHandAlone } from './byHandAlone'
import { hasNoViolations } from './axe'
import { cartOf, putIntoCart } from './putIntoCart'
import { expect, test } from './test'

const shown = (page: Page, section: string) =>
  page.locator(`[data-section="${section}"] [data-sku]`).evaluateAll(cards => cards.map(card => card.getAttribute('data-sku')))
const expectShown = (page: Page, section: string, skus: string[]) => expect.poll(() => shown(page, section)).toEqual(skus)

test('from a category to a product with upsells, accessories and related products', async ({ page }) => {
  await page.goto('/shop')
  await page.getByRole('navigation', { name: 'Aisles' }).getByRole('link', { name: 'Extraction' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Extraction')
  await expect(page.locator('.products [data-sku]')).toHaveCount(30)
  await expect(page.locator('[data-sku="EX-200"]'), 'a retired product').toHaveCount(0)
  await page.getByRole('link', { name: 'Two-frame extractor', exact: true }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Two-frame extractor')
  await expectShown(page, 'upsells', ['EX-410', 'EX-410M'])
  await expectShown(page, 'accessories', ['STR-240', 'GATE-40', 'UF-21'])
  await expectShown(page, 'related', ['EX-310', 'MELT-1', 'UT-1', 'REF-1'])
})

test('what is in the cart is recommended nowhere, and returns when it is removed', async ({ page, request }) => {
  await byHandAlone(request, 'cart-cross-sells', 'cross-sell', 'cart')
  await byHandAlone(request, 'cart-accessories', 'accessory', 'cart')
  await page.goto('/shop/products/EX-210')
  await page.getByRole('button', { name: 'Add Honey gate, 40 mm to the cart' }).click()
  const sheet = page.getByRole('dialog', { name: 'In your cart' })
  await expect(sheet).toContainText('Honey gate, 40 mm')
  await sheet.getByRole('button', { name: 'Close' }).click()
  await expectShown(page, 'accessories', ['STR-240', 'UF-21'])

  await page.getByRole('button', { name: 'Add to the cart', exact: true }).click()
  await expect(sheet.locator('[data-section="just-added"] [data-sku]')).toHaveCount(3)
  await sheet.getByRole('link', { name: 'To the cart' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Cart')
  await expectShown(page, 'cart-cross-sells', ['JAR-500', 'LAB-250', 'BK-HONEY'])
  await expectShown(page, 'cart-accessories', ['STR-240', 'UF-21'])

  await page.getByRole('button', { name: 'Add Double strainer, 240 mm to the cart' }).click()
  await sheet.getByRole('button', { name: 'Keep looking' }).click()
  await expect.poll(() => shown(page, 'cart-accessories')).not.toContain('STR-240')
  await page.reload()
  expect(await shown(page, 'cart-accessories')).not.toContain('STR-240')
  await page.getByRole('button', { name: 'Remove Double strainer, 240 mm' }).click()
  await expectShown(page, 'cart-accessories', ['STR-240', 'UF-21'])

  for (const name of ['Two-frame extractor', 'Honey gate, 40 mm']) await page.getByRole('button', { name: `Remove ${name}` }).click()
  await expect(page.getByText('Your cart is empty.')).toBeVisible()
  await expect(page.locator('[data-section]')).toHaveCount(0)
})

test('a section without products leaves nothing behind, nor does one that is switched off', async ({ page, request }) => {
  for (const section of ['upsells', 'related', 'more-from-the-same-workshop'])
    await request.post('/api/commands', { data: { type: 'switchSection', source: 'EX-LEG', section, off: true } })
  await page.goto('/shop/products/EX-LEG')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Leg set for extractors')
  await expect(page.locator('section, [data-section]')).toHaveCount(0)
  const bare = await page
    .locator('.product')
    .evaluate(product => product.parentElement!.getBoundingClientRect().bottom - product.getBoundingClientRect().bottom)
  expect(bare, 'no gap below the details').toBe(0)
})

test('a product with options: the choice decides what goes into the cart', async ({ page }) => {
  await page.goto('/shop/products/JKT?variant=JKT-SAG-M')
  await expect(page.getByRole('button', { name: 'sage', exact: true }).last()).toHaveAttribute('aria-pressed', 'true')
  const add = page.getByRole('button', { name: 'Add to the cart', exact: true })
  for (const size of ['S', 'M', 'L', 'XL']) {
    await page.locator('.details > fieldset .choice', { hasText: new RegExp(`^${size}`) }).click()
    if ((await add.isVisible()) && (await add.isEnabled())) break
  }
  await add.click()
  await expect.poll(() => cartOf(page)).toEqual([{ sku: expect.stringMatching(/^JKT-SAG-/), quantity: 1 }])
})

test('what was viewed before is offered again, the latest first', async ({ page, request }) => {
  await request.post('/api/commands', { data: { type: 'placeBlock', block: 'seen-lately', plan: 'product-default', zone: 'foot' } })
  await request.post('/api/commands', { data: { type: 'publish', sections: ['seen-lately'], plans: ['product-default'] } })
  for (const sku of ['SMO-M', 'JKT', 'EX-210']) {
    await page.goto(`/shop/products/${sku}`)
    await expect
      .poll(() =>
        page
          .context()
          .cookies()
          .then(all => decodeURIComponent(all.find(each => each.name === 'shop-seen')?.value ?? '')),
      )
      .toMatch(new RegExp(`^\\["${sku}"`))
  }
  await expectShown(page, 'seen-lately', ['JKT', 'SMO-M'])
  for (let i = 0; i < 2; i++) await request.post('/api/undo', { data: {} })
})

test('a shopper changes the language, and everything is told in it', async ({ page }) => {
  await page.goto('/shop/products/EX-210')
  await page.getByRole('group', { name: 'Language' }).getByRole('button', { name: 'Deutsch' }).click()
  await expect(page.locator('html')).toHaveAttribute('lang', 'de')
  await expect(page.getByRole('button', { name: 'In den Warenkorb', exact: true })).toBeVisible()
  await expect(page.locator('[data-section="accessories"] h2')).toHaveText('Passt dazu')
  await expectShown(page, 'accessories', ['STR-240', 'GATE-40', 'UF-21'])
  await expect(page.locator('.price b').first()).toHaveText(/^\d+,\d\d\s€$/)
  await page.getByRole('group', { name: 'Sprache' }).getByRole('button', { name: 'English' }).click()
  await expect(page.getByRole('button', { name: 'Add to the cart', exact: true })).toBeVisible()
})

test('an unknown page says so in words', async ({ page }) => {
  const answer = await page.goto('/shop/products/NO-SUCH-THING')
  expect(answer!.status()).toBe(404)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('This page is not here')
  await expect(page.getByRole('link', { name: 'To the shop' })).toBeVisible()
})

for (const [name, path] of [
  ['home', '/shop'],
  ['category', '/shop/categories/tools'],
  ['product', '/shop/products/JKT'],
  ['cart', '/shop/cart'],
  ['article', '/shop/articles/taking-honey'],
  ['brand', '/shop/brands/Larkmoor'],
  ['checkout', '/shop/checkout'],
  ['articles', '/shop/articles'],
  ['search', '/shop/search?q=hive'],
  ['ordered', '/shop/ordered?lines=SMO-M'],
] as const) {
  test(`the ${name} page can be used by everyone, on a desktop and on a phone`, async ({ page, baseURL }) => {
    await putIntoCart(page, baseURL!, [{ sku: 'EX-210', quantity: 2 }])
    for (const viewport of [
      { width: 1280, height: 800 },
      { width: 390, height: 844 },
    ]) {
      await page.setViewportSize(viewport)
      await page.goto(path)
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
      await hasNoViolations(page)
      expect(await page.evaluate(() => document.documentElement.scrollWidth), 'no sideways scrolling').toBeLessThanOrEqual(viewport.width)
    }
  })
}

test('a cart of a hundred bundles is kept whole, and one more is refused in words', async ({ page, baseURL }) => {
  const lines = Array.from({ length: 100 }, (_, i) => ({ sku: 'SET-03', quantity: 1 + (i % 9), with: `lab-250:LAB-250-${i}` }))
  await putIntoCart(page, baseURL!, lines)
  await page.goto('/shop/products/EX-210')
  await page.getByRole('button', { name: 'Add to the cart', exact: true }).click()
  await expect(page.getByRole('alert')).toContainText('Your cart holds no more lines. Take something out, then add this.')
  expect(await cartOf(page)).toEqual(lines)
  await page.getByRole('alert').getByRole('link', { name: 'To the cart' }).click()
  await expect(page.locator('[data-line]')).toHaveCount(100)
})
