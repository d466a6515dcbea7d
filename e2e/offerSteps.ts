import type { Page } from '@playwright/test'

/** The editor of a together offer, and one of its parts. */
export const editor = (page: Page) => page.getByRole('region', { name: 'Together offer', exact: true })
export const partOf = (page: Page, name: string) => editor(page).getByRole('region', { name, exact: true })
/** What shoppers see of it. */
export const seen = (page: Page) => page.getByRole('region', { name: 'What shoppers see' })

export async function tryOn(page: Page, words: string): Promise<void> {
  const field = seen(page).getByLabel('Try it on a product')
  await field.fill(words)
  await page.locator('.v-autocomplete__content').getByRole('option').first().click()
}
