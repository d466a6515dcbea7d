import type { APIRequestContext, Locator, Page } from '@playwright/test'
import { Studio } from './studio'
import { expect, test } from './test'
import { undoAll } from './undoAll'

const dialogOf = (page: Page) => page.getByRole('dialog', { name: 'Publish' })
const effectsOf = (page: Page) => dialogOf(page).getByRole('region', { name: 'What shoppers see then' })
const rowOf = (effects: Locator, name: string) => effects.getByRole('listitem').filter({ hasText: name })

/** How many products each section shows on the page of each product that is for sale, as shoppers get them. */
async function shownToShoppers(request: APIRequestContext): Promise<Map<string, Map<string, string[]>>> {
  const { rows } = (await (await request.get('/api/products?status=active&limit=200')).json()) as { rows: { sku: string }[] }
  expect(rows.length).toBeGreaterThan(100)
  const pages = new Map<string, Map<string, string[]>>()
  for (const { sku } of rows) {
    const { sections } = (await (await request.get(`/api/shop/v1/pages/product/${encodeURIComponent(sku)}`)).json()) as {
      sections: { key: string; items: { sku: string; variant: string | null }[] }[]
    }
    pages.set(sku, new Map(sections.map(({ key, items }) => [key, items.map(each => each.variant ?? each.sku)])))
  }
  return pages
}

test('publishing says what it does to every page, and then does just that', async ({ page, request }) => {
  const studio = new Studio(page)
  await page.goto('/sections')
  await page.getByRole('button', { name: '3 drafts' }).click()
  await expect(effectsOf(page)).toContainText('Tick something to see what it does to pages.')
  await dialogOf(page).getByLabel('“Seen lately”').check()
  await expect(effectsOf(page)).toContainText('“Seen lately” stands on no page')
  await dialogOf(page).getByLabel('“Seen lately”').uncheck()
  await dialogOf(page).getByLabel('“Goes with it”').check()
  await expect(effectsOf(page)).toContainText('Worked out on')

  const promised = await effectsOf(page).innerText()
  const before = await shownToShoppers(request)
  await dialogOf(page).getByRole('button', { name: 'Publish 1' }).click()
  await expect(studio.message).toContainText('Published')
  const after = await shownToShoppers(request)

  const became = (section: string, test: (was: string[], is: string[]) => boolean) =>
    [...before].filter(([sku, was]) => test(was.get(section) ?? [], after.get(sku)!.get(section) ?? [])).length
  const loses = (section: string) => became(section, (was, is) => is.length < was.length)
  const blank = became('related', (was, is) => was.length > 0 && !is.length)
  expect(loses('related')).toBeGreaterThan(0)
  expect(promised).toContain(`“Also worth a look” loses products on ${loses('related')} product pages`)
  expect(promised).toContain(`Above it “Goes with it” shows the same ones. On ${blank} product pages nothing is left of it.`)
  expect(promised).toContain(`“Goes with it” shows more on ${became('accessories', (was, is) => is.length > was.length)} product pages`)
  await undoAll(page.request)
})

test('what publishing does is worked out anew when a colleague changes something meanwhile', async ({ page, request }) => {
  await page.goto('/sections')
  await page.getByRole('button', { name: '3 drafts' }).click()
  await dialogOf(page).getByLabel('“Goes with it”').check()
  const row = rowOf(effectsOf(page), '“Goes with it” shows more')
  await expect(row).toBeVisible()
  const changed = await request.post('/api/commands', {
    data: { type: 'changeSection', key: 'accessories', settings: { off: true }, seen: {} },
  })
  expect(changed.ok()).toBe(true)
  await expect(row).toBeHidden()
  await expect(effectsOf(page)).toContainText('“Goes with it” shows nothing any more')
  await undoAll(request)
})
