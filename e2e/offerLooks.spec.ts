import type { Page } from '@playwright/test'
import { hasNoViolations } from './axe'
import { editor, partOf, seen, tryOn } from './offerSteps'
import { publishRoom } from './studio'
import { expect, test } from './test'
import { undoAll } from './undoAll'

const publish = async (page: Page, count: number) => {
  await editor(page).getByRole('button', { name: 'Publish' }).click()
  await publishRoom(page)
    .getByRole('button', { name: `Publish ${count}` })
    .click()
  await expect(page.locator('.message-bar')).toContainText('Published')
}

test('an offer has a layout, a look and words of its own in each language, as the preview and then the shop show them', async ({
  page,
}) => {
  await page.goto('/offers/to-light-it-with')
  // A product that it is for is chosen by itself.
  const preview = page.frameLocator('iframe').locator('[data-offer="to-light-it-with"]')
  await expect(preview).toHaveClass(/checklist/)
  const looks = partOf(page, 'How it looks')
  await looks.getByRole('button', { name: 'row', exact: true }).click()
  await expect(preview).toHaveClass(/row/)
  await looks.getByRole('button', { name: 'price before' }).click()
  // Of name and picture one stays.
  await looks.getByRole('button', { name: 'name', exact: true }).click()
  await expect(looks.getByRole('button', { name: 'picture' })).toBeDisabled()
  await expect(preview.locator('.name')).toHaveCount(0)
  await looks.getByRole('button', { name: 'name', exact: true }).click()
  await looks.getByRole('group', { name: 'Look', exact: true }).getByRole('button', { name: 'Tray' }).click()

  const says = partOf(page, 'What it says')
  await says.getByRole('button', { name: 'Words of the button and the total' }).click()
  await says.getByLabel('Button, en').fill('Take')
  await says.getByRole('button', { name: 'Fill in how many' }).click()
  await expect(says.getByLabel('Button, en')).toHaveValue('Take {count}')
  await says.getByLabel('Button, en').fill('Take {count} for {total}')
  await says.getByLabel('Button, de').fill('{count} für {total} nehmen')
  await says.getByLabel('Total before, en').fill('instead of {before}')
  await says.getByLabel('Saving, en').fill('{saving} for your fuel')
  await says.getByLabel('Total, en').fill('{sum} in all')
  await says.getByLabel('Total, en').press('Tab')
  await expect(says.getByRole('alert')).toHaveText('Nothing stands for {sum} here. There are {count}, {total}, {before}, and {saving}.')
  await expect(says.getByLabel('Total, en')).toHaveValue('{sum} in all')
  await says.getByLabel('Total, en').fill('')
  await says.getByLabel('Total, en').press('Tab')
  await expect(says.getByRole('alert')).toHaveCount(0)
  await tryOn(page, 'smoker stainless')
  // 39.00 + 7.90 + 34.00, and a tenth less for the two that are offered.
  await expect(preview.getByRole('button')).toHaveText('Take 3 for €76.71')
  await expect(preview.getByRole('status')).toContainText('instead of €80.90')
  await expect(preview.getByRole('status')).toContainText('€4.19 for your fuel')
  await hasNoViolations(page)
  await publish(page, 1)

  for (const viewport of [
    { width: 1280, height: 800 },
    { width: 390, height: 844 },
  ]) {
    await page.setViewportSize(viewport)
    await page.goto('/shop/products/SMO-M')
    const offer = page.locator('[data-offer="to-light-it-with"]')
    await expect(offer.getByRole('button')).toHaveText('Take 3 for €76.71')
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(viewport.width)
    await hasNoViolations(page)
  }
  const offer = page.locator('[data-offer="to-light-it-with"]')
  await page.setViewportSize({ width: 1280, height: 800 })
  await page.goto('/shop/products/SMO-M')
  await page.getByRole('group', { name: 'Language' }).getByRole('button', { name: 'Deutsch' }).click()
  await expect(offer.getByRole('button')).toHaveText(/^3 für 76,71\s€ nehmen$/)
  await page.getByRole('group', { name: 'Sprache' }).getByRole('button', { name: 'English' }).click()
  await offer.getByRole('button').click()
  await expect(page.getByRole('dialog').locator('[data-added]')).toHaveCount(3)
  await expect(page.getByRole('dialog')).toContainText('You save €4.19')
  await undoAll(page.request)
})

test('what is offered is shown at its reduced price in search, in its category and on its own page while the reduction holds', async ({
  page,
}) => {
  const costs = (card: string) => page.locator(`[data-sku="${card}"] .price`).first()
  await page.goto('/shop/search?q=smoker')
  await expect(costs('SMO-BOX')).toHaveText('€34.00')
  await page.goto('/shop/products/SMO-S')
  await page.getByRole('button', { name: 'Add to the cart' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Keep looking' }).click()
  for (const address of ['/shop/search?q=smoker', '/shop/categories/smokers']) {
    await page.goto(address)
    await expect(costs('SMO-BOX')).toHaveText('€30.60before €34.00')
    // With variants, and by keyboard into the cart at what was said.
    await expect(costs('FUEL')).toHaveText('€7.11before €7.90')
  }
  // Beside the cart it is offered in each variant with what that costs otherwise.
  await page.goto('/shop/cart')
  const fuel = page.locator('[data-offer="to-light-it-with"] [data-sku="FUEL"]')
  await fuel.getByRole('checkbox').check()
  await fuel.getByRole('combobox').selectOption({ label: 'herbs' })
  await expect(fuel.locator('.price')).toHaveText('€8.01before €8.90')
  await page.goto('/shop/products/SMO-BOX')
  await expect(page.locator('.costs')).toContainText('€30.60')
  await page.getByRole('button', { name: 'Add to the cart' }).click()
  await page.getByRole('dialog').getByRole('link', { name: 'To the cart' }).click()
  await expect(page.locator('[data-line="SMO-BOX"] .cost')).toHaveText('€34.00€30.60')
  await expect(page.locator('aside')).toContainText('To light it with: −10 %on Smoker safe')
  await expect(page.locator('aside .total')).toContainText('€58.60')
  // It is given twice in a cart; the smoker brings one.
  await page.goto('/shop/products/SMO-BOX')
  await expect(page.locator('.costs')).toHaveText('€34.00')
})

test('an offer asks for several things at once, takes what a rule picks, and has something instead', async ({ page }) => {
  const delivered = async (sku: string) =>
    (
      (await (await page.request.get(`/api/shop/v1/pages/product/${sku}?draft=1`)).json()) as {
        offers?: { key: string; items: { sku: string }[] }[]
      }
    ).offers
      ?.find(each => each.key === 'to-light-it-with')
      ?.items.map(each => each.sku)
  await page.goto('/offers/to-light-it-with')
  const forWhat = partOf(page, 'What it is for')
  await forWhat.getByRole('button', { name: 'And they are also …' }).click()
  await expect(editor(page)).toContainText('It is for no product: say with which products it is offered.')
  await forWhat.getByRole('group', { name: 'And are' }).getByRole('button', { name: 'Say which' }).click()
  await page.locator('.v-list-item').filter({ hasText: 'Price' }).click()
  const form = page.getByRole('dialog', { name: 'Which products or categories' })
  await form.getByLabel('To').fill('40')
  await form.getByLabel('To').press('Tab')
  await form.getByRole('button', { name: 'Done' }).click()
  await expect.poll(() => delivered('SMO-M')).toEqual(['FUEL', 'SMO-BOX'])
  expect(await delivered('SMO-L')).toBeUndefined()

  await forWhat.getByRole('group', { name: 'but not' }).getByRole('button', { name: 'leave some out' }).click()
  await page.locator('.v-list-item').filter({ hasText: 'chosen one by one' }).click()
  await form.getByLabel('Add a product').fill('smoker small')
  await page.getByRole('option', { name: 'Smoker, small' }).click()
  await form.getByRole('button', { name: 'Done' }).click()
  await expect.poll(() => delivered('SMO-S')).toBeUndefined()

  await test.step('a rule in the place of chosen products, then nothing to be had, then what comes instead', async () => {
    const offered = partOf(page, 'What is offered')
    await offered.getByRole('button', { name: 'what a rule picks' }).click()
    await expect(offered).toContainText('products that are of the same category')
    await expect.poll(async () => (await delivered('SMO-M'))?.length).toBe(2)
    await offered.getByRole('button', { name: 'its first links' }).click()
    await offered.getByLabel('Kind of links').selectOption({ label: 'upsells' })
    await offered.getByRole('button', { name: 'Say what comes instead when nothing can be had of it' }).click()
    const instead = offered.getByRole('group', { name: 'What is offered instead' }).first()
    await instead.getByLabel('Add a product').fill('smoker safe')
    const option = page.getByRole('option', { name: 'Smoker safe' })
    await expect(option).toContainText('€34.00')
    await expect(option).toContainText('in stock')
    await option.click()
    await offered.getByRole('button', { name: 'what a rule picks' }).first().click()
    await offered.getByRole('button', { name: /of the same category/ }).click()
    const rule = page.getByRole('dialog', { name: 'Matching rule' })
    await expect(rule).toBeVisible()
    await page.keyboard.press('Escape')
    await expect(rule).toBeHidden()
  })
  await expect(seen(page).getByRole('status')).toContainText('Once it is published, shoppers see it')
  await hasNoViolations(page)
  await undoAll(page.request)
})

test('a bundle in the cart brings what goes with its parts, and its parts are not recommended', async ({ page }) => {
  const cart = async (query: string) =>
    (await (await page.request.get(`/api/shop/v1/pages/cart?${query}`)).json()) as {
      page: { subjects: string[] }
      sections: { key: string; items: { sku: string }[] }[]
    }
  const { page: about, sections } = await cart('cart=SET-01')
  expect(about.subjects).toEqual(['SET-01'])
  const skus = sections.flatMap(each => each.items.map(item => item.sku))
  expect(skus.length).toBeGreaterThan(3)
  // What is in the set whatever is chosen; of the suit and the gloves the product is known.
  for (const sku of ['SUIT', 'GLO-L', 'SMO-M', 'HT-STD']) expect(skus).not.toContain(sku)
  const before = await cart('cart=VEIL-R')
  const [first] = before.sections.flatMap(each => each.items.map(item => item.sku))
  const after = await cart(`cart=VEIL-R&parts=${first!}`)
  expect(after.sections.flatMap(each => each.items.map(item => item.sku))).not.toContain(first)
})
