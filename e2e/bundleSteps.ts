import type { Page } from '@playwright/test'
import { publishRoom } from './studio'
import { expect } from './test'

export const phone = { width: 390, height: 844 }
export const desktop = { width: 1280, height: 800 }

export const editor = (page: Page) => page.getByRole('region', { name: 'Bundle', exact: true })
export const price = (page: Page) => page.getByRole('region', { name: 'Price' })

export async function addBundle(page: Page, type: string, name: string): Promise<void> {
  await page.goto('/bundles')
  await page.getByRole('button', { name: 'Add a bundle' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('radio', { name: type }).check()
  await dialog.getByLabel('Name').fill(name)
  await dialog.getByRole('button', { name: 'Add a draft' }).click()
  await expect(editor(page).getByRole('heading', { level: 1 })).toHaveText(name)
}
/** Finds a product, picks it and puts it into the bundle. */
export async function putIn(page: Page, words: string, sku: string, way: string): Promise<void> {
  await page.getByRole('button', { name: 'Find parts' }).click()
  const find = page.getByRole('region', { name: 'Find parts' })
  await find.getByLabel('Find products').fill(words)
  await find.locator(`[data-sku="${sku}"]`).click()
  await find.getByRole('button', { name: way }).click()
  await expect(page.getByText('1 product added.')).toBeVisible()
}
/** Publishes the open bundle, and comes back to it. */
export async function publishBundle(page: Page): Promise<void> {
  const address = page.url()
  await editor(page).getByRole('button', { name: 'Publish' }).click()
  await publishRoom(page).getByRole('button', { name: 'Publish 1' }).click()
  await expect(page.locator('.message-bar')).toContainText('Published')
  await page.goto(address)
  await expect(editor(page).locator('header .state')).toHaveText('live')
}
/** Buys what is in the cart, and returns the number of the order. */
export async function buy(page: Page, total: string): Promise<string> {
  await page.goto('/shop/checkout')
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(page.viewportSize()!.width)
  await page.getByLabel('Name').fill('A shopper')
  await page.getByLabel('E-mail').fill('shopper@shop.example')
  await page.getByLabel('Address').fill('1 Lane')
  await page.getByRole('button', { name: `Place the order · ${total}` }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Thank you for your order')
  return (await page.getByRole('status').innerText()).match(/stand-in-\d+/)![0]
}
