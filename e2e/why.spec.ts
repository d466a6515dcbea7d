import { hasNoViolations } from './axe'
import { Studio, pressLetter } from './studio'
import { expect, test } from './test'

test('says why each product is shown or not, and switches a section off for the product, with keys alone', async ({ page, request }) => {
  const studio = new Studio(page)
  await studio.open('EX-210')
  await pressLetter(page, 'v')
  const steps = studio.shopView.locator('[data-section="upsells"]')
  await expect(steps).toBeVisible()
  await pressLetter(page, 'y')

  const why = page.getByRole('region', { name: 'Why', exact: true })
  const upsells = why.getByRole('article', { name: 'Worth the step up' })
  await expect(upsells).toContainText('2 of 2 places')
  await expect(upsells.getByRole('listitem').first()).toHaveText('Four-frame extractorlinked by hand as upsell, place 1')
  const accessories = why.getByRole('article', { name: 'Goes with it' })
  await expect(accessories).toContainText('What was held back')
  await expect(accessories).toContainText('Leg set for extractorsout of stock')
  await hasNoViolations(page, '[aria-label="Why"]')

  const off = upsells.getByRole('button', { name: 'Switch off' })
  await off.focus()
  await page.keyboard.press('Enter')
  await expect(upsells).toContainText('switched off for this product')
  await expect(steps).toHaveCount(0)
  await expect(studio.message).toContainText('Switched the section “Worth the step up” off on the page of Two-frame extractor')
  const delivered = async (sku: string) =>
    ((await (await request.get(`/api/shop/v1/pages/product/${sku}`)).json()) as { sections: { key: string }[] }).sections.map(
      each => each.key,
    )
  expect(await delivered('EX-210')).not.toContain('upsells')
  // What was an upsell is no longer shown above, so it may show further down; nobody else's page changes.
  expect(await delivered('SMO-M')).toContain('upsells')

  await page.keyboard.press('Control+z')
  await expect(steps).toBeVisible()
  await expect(upsells).toContainText('2 of 2 places')
  expect(await delivered('EX-210')).toContain('upsells')
})

test('says of a cart what is held back because it is in it', async ({ page }) => {
  const studio = new Studio(page)
  await studio.open('EX-210')
  await pressLetter(page, 'v')
  await pressLetter(page, 'y')
  await page.getByRole('button', { name: 'Cart with it' }).click()
  const why = page.getByRole('region', { name: 'Why', exact: true })
  await expect(why.getByRole('article', { name: 'Goes with what is in your cart' })).toContainText('linked by hand as accessory, place 1')
  await expect(why.getByRole('button', { name: 'Switch off' })).toHaveCount(0)
  await pressLetter(page, 'y')
  await expect(why).toHaveCount(0)
})
