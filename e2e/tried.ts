import type { Page } from '@playwright/test'
import { expect } from './test'

/** Says under “Who and when” that something is in the cart. */
export async function putInTriedCart(page: Page, sku: string): Promise<void> {
  await page.getByRole('button', { name: /^Who and when/ }).click()
  const who = page.getByRole('dialog', { name: 'Who and when' })
  await who.getByRole('button', { name: 'Add' }).first().click()
  const find = page.getByRole('combobox', { name: 'Find a product' })
  await find.fill(sku)
  await expect(page.getByRole('listbox', { name: 'Products' }).getByRole('option').first()).toContainText(sku)
  await find.press('Enter')
  await expect(who.getByRole('button', { name: `Take ${sku} out` })).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(who).toBeHidden()
}
