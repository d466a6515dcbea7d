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
  await expect(trying.getByRole('button', { name: 'cart: 1' })).toBeVisible()
  await expect(trying.getByRole('listitem').filter({ hasText: first!.name }).first()).toContainText('in the cart')
  // From workspace to workspace, within the studio.
  await page.getByRole('navigation').getByRole('link', { name: 'Bundles' }).click()
  await page.getByRole('link', { name: 'Offers' }).click()
  await expect(page.getByRole('region', { name: 'What shoppers see' }).getByRole('button', { name: 'cart: 1' })).toBeVisible()
})
