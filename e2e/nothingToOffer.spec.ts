import type { APIRequestContext } from '@playwright/test'
import { offerDefaults } from '../core/offers/offerDefaults'
import { emptyScope } from '../core/pagePlans/pagePlan'
import { effectsOf, publishRoom } from './studio'
import { expect, test } from './test'
import { undoAll } from './undoAll'

const run = async (request: APIRequestContext, data: object) => {
  const answer = await request.post('/api/commands', { data })
  return { status: answer.status(), ...((await answer.json()) as { detail?: string }) }
}
const offer = (request: APIRequestContext, heading: string, skus: string[], scope: object, percent: number) =>
  run(request, {
    type: 'addOffer',
    settings: {
      ...offerDefaults,
      heading: { en: heading, de: heading },
      trigger: { all: [{ ...emptyScope, ...scope }], except: emptyScope },
      offered: { by: 'chosen', skus },
      reduction: { by: 'percent', percent },
    },
  })
const cart = async (request: APIRequestContext, ...skus: string[]) => {
  const answer = await request.post('/api/shop/v1/cart', { data: { lines: skus.map(sku => ({ sku, quantity: 1 })) } })
  return (await answer.json()) as {
    total: number
    lines: { sku: string; total: number; reductions: { key: string }[] }[]
    warnings: { sku: string; code: string; part: string | null }[]
  }
}
const offersOn = async (request: APIRequestContext, sku: string) => {
  const answer = await request.get(`/api/shop/v1/pages/product/${sku}`)
  return ((await answer.json()) as { offers: { key: string }[] }).offers.map(each => each.key)
}
const importProducts = async (request: APIRequestContext, csv: string) =>
  expect((await request.post('/api/exchange/import?kind=products', { data: csv, headers: { 'content-type': 'text/csv' } })).status()).toBe(
    200,
  )

test('an offer whose products are all retired is not published, and says why', async ({ page, request }) => {
  await offer(page.request, 'Old ones', ['EX-200'], { categories: ['smokers'] }, 10)
  await page.goto('/offers/old-ones')
  const editor = page.getByRole('region', { name: 'Together offer', exact: true })
  await expect(editor.getByRole('status').first()).toHaveText('All that it offers is retired: choose other products.')
  await editor.getByRole('button', { name: 'Publish' }).click()
  await expect(publishRoom(page).getByRole('status')).toContainText('All that it offers is retired')
  await expect(publishRoom(page).getByRole('button', { name: 'Publish 1' })).toBeDisabled()
  expect(await run(request, { type: 'publish', sections: [], plans: [], offers: ['old-ones'] })).toMatchObject({ status: 409 })
  await undoAll(page.request)
})

test('an offer that no product meets says so before it goes out, and shoppers see nothing of it', async ({ page, request }) => {
  await offer(page.request, 'For nobody', ['BRU-1'], { tags: ['no-such-tag'] }, 10)
  await page.goto('/offers/for-nobody')
  await page.getByRole('region', { name: 'Together offer', exact: true }).getByRole('button', { name: 'Publish' }).click()
  await expect(effectsOf(page)).toContainText('The offer “For nobody” comes up on no page')
  await publishRoom(page).getByRole('button', { name: 'Publish 1' }).click()
  await expect(page.locator('.message-bar')).toContainText('Published')
  expect(await offersOn(request, 'SMO-M')).toEqual(['to-light-it-with'])
  expect((await cart(request, 'SMO-M', 'BRU-1')).total).toBe(3900 + 750)
  await undoAll(page.request)
})

test('of two offers for the same product the first counts, and the second is said to come up nowhere', async ({ page, request }) => {
  await offer(page.request, 'A safe again', ['SMO-BOX'], { categories: ['smokers'] }, 20)
  await page.goto('/offers/a-safe-again')
  await page.getByRole('region', { name: 'Together offer', exact: true }).getByRole('button', { name: 'Publish' }).click()
  await expect(effectsOf(page)).toContainText('The offer “A safe again” comes up on no page')
  await publishRoom(page).getByRole('button', { name: 'Publish 1' }).click()
  await expect(page.locator('.message-bar')).toContainText('Published')
  expect(await offersOn(request, 'SMO-M')).toEqual(['to-light-it-with'])
  const { lines, total } = await cart(request, 'SMO-M', 'SMO-BOX')
  // €34.00 less 10 %, once.
  expect(total).toBe(3900 + 3060)
  expect(lines[1]!.reductions.map(each => each.key)).toEqual(['to-light-it-with'])
  await undoAll(page.request)
})

test('a part that is retired between looking and publishing stops the bundle, and carts with it say why', async ({ page, request }) => {
  const parts = ['UF-21', 'BRU-1'].map(sku => ({ key: sku.toLowerCase(), sku, quantity: 1 }))
  const bundle = { type: 'fixed', components: parts, price: { by: 'own', price: 1500 }, marginFloor: null }
  expect((await run(page.request, { type: 'changeBundle', sku: 'SET-02', settings: { bundle }, seen: {} })).status).toBe(200)
  await page.goto('/bundles/SET-02')
  await page.getByRole('region', { name: 'Bundle', exact: true }).getByRole('button', { name: 'Publish' }).click()
  const room = publishRoom(page)
  await expect(effectsOf(page)).toContainText('costs €15.00, before €59.00')
  await importProducts(request, 'sku,status\nBRU-1,retired\n')
  // The room follows, and whoever publishes without it is refused.
  await expect(room.getByRole('status')).toContainText(
    'Harvest day (bundle) can’t be published. It can’t be sold: a part of it has nothing',
  )
  await expect(room.getByRole('button', { name: 'Publish 1' })).toBeDisabled()
  const { status, detail } = await run(request, { type: 'publish', sections: [], plans: [], bundles: ['SET-02'] })
  expect(status).toBe(409)
  expect(detail).toContain('a part of it has nothing that shoppers can get')
  // Shoppers have it as it was.
  expect((await cart(request, 'SET-02')).total).toBe(5900)

  await importProducts(request, 'sku,status\nUF-21,retired\n')
  const { total, warnings } = await cart(request, 'SET-02', 'EX-210')
  expect(total).toBe(18900)
  expect(warnings).toMatchObject([{ sku: 'SET-02', code: 'notForSale', part: 'UF-21' }])
  await page.goto('/shop/products/SET-02')
  await expect(page.getByRole('button', { name: 'Not for sale' })).toBeDisabled()
  await importProducts(request, 'sku,status\nBRU-1,active\nUF-21,active\n')
  await undoAll(request)
  await undoAll(page.request)
})
