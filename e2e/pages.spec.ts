import type { APIRequestContext, Page } from '@playwright/test'
import { hasNoViolations } from './axe'
import { dragInto } from './dragInto'
import { Studio, publishRoom, pressLetter } from './studio'
import { expect, test } from './test'
import { undoAll } from './undoAll'

const editorOf = (page: Page) => page.getByRole('region', { name: 'Page plan', exact: true })
const sideOf = (page: Page) => page.getByRole('complementary', { name: 'Of this page plan' })
const plansOf = (page: Page) => page.getByRole('region', { name: 'Page plans' })
const zone = (page: Page, name: string) => editorOf(page).getByRole('region', { name })
const placed = (page: Page, key: string) => editorOf(page).locator(`[data-placed="${key}"]`)

async function open(page: Page, plan: string): Promise<void> {
  await page.goto(`/pages/${plan}`)
  await expect(sideOf(page).getByRole('button', { name: 'List', exact: true })).toBeVisible()
}
async function addPlan(page: Page, name: string): Promise<void> {
  await plansOf(page).getByRole('button', { name: 'New page plan' }).click()
  await page.getByRole('dialog').getByLabel('Name').fill(name)
  await page.keyboard.press('Enter')
  await expect(editorOf(page).getByRole('heading', { level: 1 })).toHaveText(name)
}
/** Says for which pages the open plan is. */
async function assign(page: Page, sort: string, words: string): Promise<void> {
  await sideOf(page)
    .getByRole('button', { name: /Say for which pages|^or$/ })
    .click()
  await page.locator('.v-list-item-title').getByText(sort, { exact: true }).click()
  const form = page.getByRole('dialog', { name: 'Which products or categories' })
  await form.locator('input').fill(words)
  await page.getByRole('option', { name: words }).first().click()
  await page.keyboard.press('Escape')
  await form.getByRole('button', { name: 'Done' }).click()
  await expect(form).toBeHidden()
}
/** The plan and the sections of a product's page, zone by zone. */
async function delivered(request: APIRequestContext, sku: string, query = ''): Promise<{ plan: string; sections: string[] }> {
  const { plan, sections } = (await (await request.get(`/api/shop/v1/pages/product/${sku}${query}`)).json()) as {
    plan: { key: string }
    sections: { key: string; zone: string }[]
  }
  return { plan: plan.key, sections: sections.map(each => `${each.zone} ${each.key}`) }
}

test('a plan for some products is set up from nothing, looked at in the shop, published and taken back', async ({ page, request }) => {
  const studio = new Studio(page)
  await open(page, 'product-default')
  await addPlan(page, 'Extraction')
  await expect(sideOf(page)).toContainText('0 products')
  await expect(sideOf(page)).toContainText('No page gets this plan yet')

  await test.step('it is for a category with those below it', async () => {
    await assign(page, 'Category', 'Extraction')
    await expect(sideOf(page)).toContainText('category Extraction and below')
    await expect(sideOf(page)).toContainText(/\d\d products/)
    await sideOf(page).getByRole('button', { name: 'List', exact: true }).click()
    const list = page.getByRole('dialog', { name: 'Gets Extraction' })
    await expect(list.getByRole('link', { name: /EX-210/ })).toBeVisible()
    await list.getByRole('button', { name: 'Close' }).click()
  })

  await test.step('a section is dragged into a zone, and others are moved by key', async () => {
    const handle = sideOf(page).locator('[data-at-hand="seen-lately"] .handle')
    // What is said before publishing stands above it, and comes a moment later.
    await expect(sideOf(page)).toContainText('no page of this plan is left blank')
    await dragInto(page, handle, zone(page, 'above the buy button'))
    await expect(zone(page, 'above the buy button').locator('[data-placed="seen-lately"]')).toBeVisible()
    await expect(sideOf(page).locator('[data-at-hand="seen-lately"]')).toHaveCount(0)

    await placed(page, 'related').focus()
    await page.keyboard.press('Alt+ArrowUp')
    await expect(zone(page, 'below the details').locator('[data-placed]').last()).toHaveAttribute('data-placed', 'related')
    await expect(placed(page, 'related')).toBeFocused()
    await page.keyboard.press('Alt+ArrowUp')
    await expect(zone(page, 'below the details').locator('[data-placed]').first()).toHaveAttribute('data-placed', 'related')
    await page.keyboard.press('o')
    await expect(placed(page, 'related')).toContainText('off here')
    await page.keyboard.press('o')
    await expect(placed(page, 'related')).not.toContainText('off here')
    await placed(page, 'upsells').focus()
    await page.keyboard.press('Delete')
    await expect(placed(page, 'upsells')).toHaveCount(0)
  })

  await test.step('the shop view shows it; shoppers see nothing of it', async () => {
    await pressLetter(page, 'v')
    const shop = page.frameLocator('iframe')
    await expect(shop.locator('[data-section="related"]')).toBeVisible()
    await expect(shop.locator('[data-section="upsells"]')).toHaveCount(0)
    await page.getByRole('button', { name: 'Phone', exact: true }).click()
    await expect.poll(() => page.locator('iframe').evaluate(frame => (frame as HTMLIFrameElement).contentWindow!.innerWidth)).toBe(390)
    await page.getByRole('button', { name: 'Beside what is live' }).click()
    await expect(page.locator('iframe')).toHaveCount(2)
    await expect(page.frameLocator('iframe[title="The page as it is"]').locator('[data-section="upsells"]')).toBeVisible()
    await page.getByRole('button', { name: 'Who and when' }).click()
    await page.getByRole('dialog', { name: 'Who and when' }).getByRole('button', { name: 'de', exact: true }).click()
    await expect(
      page.frameLocator('iframe[title="The page as it will be"]').getByRole('heading', { name: 'Auch einen Blick wert' }),
    ).toBeVisible()
    await page.keyboard.press('Escape')
    await page.getByRole('button', { name: 'Beside what is live' }).click()
    await pressLetter(page, 'v')
    const { plan, sections } = await delivered(request, 'EX-210')
    expect(plan).toBe('product-default')
    expect(sections).toContain('besideDetails upsells')
  })

  await test.step('publish, with what it needs', async () => {
    await pressLetter(page, 'p')
    const room = publishRoom(page)
    await expect(room).toContainText('Extraction')
    // What stands on the plan, but was drafted by somebody else, is ticked by nobody else.
    await expect(room.getByRole('status')).toContainText('“Seen lately” stands on a page that goes out, but is not ticked itself')
    await room.getByRole('button', { name: 'Publish it too' }).click()
    await room.getByRole('button', { name: /^Publish \d/ }).click()
    await expect(studio.message).toContainText('Published')
    const { plan, sections } = await delivered(request, 'EX-210', '?seen=SMO-M')
    expect(plan).toBe('extraction')
    expect(sections[0]).toBe('aboveBuy seen-lately')
    expect(sections.some(each => each.endsWith('upsells'))).toBe(false)
    expect((await delivered(request, 'SMO-M')).plan).toBe('product-default')
  })

  await test.step('undo all of it', async () => {
    await undoAll(page.request)
    expect((await delivered(request, 'EX-210')).plan).toBe('product-default')
    await expect(plansOf(page).getByText('Extraction', { exact: true })).toHaveCount(0)
  })
})

test('the more specific plan wins, and the interface says which and why', async ({ page, request }) => {
  // The demo's own plan for hives would take all the places of what is shared.
  expect((await page.request.post('/api/commands', { data: { type: 'removePlan', key: 'hives' } })).status()).toBe(200)
  await open(page, 'product-default')
  await addPlan(page, 'All extraction')
  await assign(page, 'Category', 'Extraction')
  await addPlan(page, 'For beginners')
  await assign(page, 'Tag', 'beginner')
  await expect(sideOf(page)).toContainText('gets this plan, not All extraction: a tag says more than a category')

  await plansOf(page)
    .getByRole('button', { name: /^All extraction/ })
    .click()
  const shared = sideOf(page).getByRole('listitem').filter({ hasText: 'Uncapping fork' })
  await expect(shared).toContainText('gets For beginners: a tag says more than a category')

  await test.step('which plan does this product get?', async () => {
    await sideOf(page).getByRole('combobox', { name: 'Which plan a page gets' }).fill('Uncapping fork')
    await page.getByRole('option', { name: 'Uncapping fork' }).click()
    await expect(sideOf(page).getByRole('status')).toContainText('It gets For beginners, because it has the tag beginner.')
    await expect(sideOf(page).getByRole('status')).toContainText('All extraction is for it too, because it is in Extraction.')
  })

  await test.step('a product chosen by name beats both, and delivery agrees', async () => {
    await addPlan(page, 'Only the fork')
    await sideOf(page).getByRole('button', { name: 'Say for which pages' }).click()
    await page.getByText('chosen one by one').click()
    await page.getByRole('combobox', { name: 'Add a product' }).fill('Uncapping fork')
    await page.getByRole('option', { name: 'Uncapping fork' }).click()
    await expect(sideOf(page)).toContainText('1 chosen product')
    await expect(sideOf(page)).toContainText('being chosen by name says more than a tag')
    const sku = await page.request.get('/api/products?q=Uncapping fork').then(async answer => (await answer.json()).rows[0].sku as string)
    expect((await delivered(request, sku, '?draft=1')).plan).toBe('only-the-fork')
    expect((await delivered(request, sku)).plan).toBe('product-default')
  })

  await test.step('of equal ones the one that stands higher wins', async () => {
    await addPlan(page, 'Beginners too')
    await assign(page, 'Tag', 'beginner')
    await expect(sideOf(page)).toContainText('gets For beginners: it stands higher in the list of plans')
    await plansOf(page).locator('[aria-current]').focus()
    for (let i = 0; i < 3; i++) {
      await page.keyboard.press('Alt+ArrowUp')
      await expect(
        page
          .locator('.message-bar')
          .getByText(/to place/)
          .last(),
      ).toBeVisible()
    }
    await expect(sideOf(page)).toContainText('gets this plan, not For beginners: it stands higher in the list of plans')
  })
  await undoAll(page.request)
})

test('a plan in use is renamed, removed and kept; the default plan stays', async ({ page }) => {
  await open(page, 'seed-and-plants')
  const more = editorOf(page).getByRole('button', { name: 'More of this page plan' })
  await more.click()
  await page.getByText('Rename', { exact: true }).click()
  await page.getByRole('dialog').getByLabel('Name').fill('Seed')
  await page.keyboard.press('Enter')
  await expect(editorOf(page).getByRole('heading', { level: 1 })).toHaveText('Seed')
  await more.click()
  await page.getByText('Remove', { exact: true }).click()
  await expect(editorOf(page)).toContainText('This plan is to be removed with the next publishing')
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect(editorOf(page).getByRole('heading', { level: 1 })).toHaveText('Seed and plants')

  await open(page, 'product-default')
  await more.click()
  await expect(page.locator('.v-list-item', { hasText: 'Remove' })).toHaveClass(/disabled/)
  await undoAll(page.request)
})

test('the workspace has no serious accessibility problem, and every kind of page its zones', async ({ page }) => {
  for (const [plan, zones] of [
    ['product-default', 5],
    ['cart-default', 2],
    ['added-default', 1],
    ['category-default', 2],
    ['article-default', 2],
  ] as const) {
    await open(page, plan)
    await expect(editorOf(page).locator('.zone')).toHaveCount(zones)
    await hasNoViolations(page)
  }
})

test('a key pressed right after a move is for the section that was moved, also while the move is still being taken in', async ({
  page,
}) => {
  await open(page, 'product-default')
  // What is stored is asked for twice, for the event and for the answer: the first comes when the move is done, the second later.
  const held = [400, 2500]
  await page.route('**/api/drafts', async route => {
    await new Promise(resolve => setTimeout(resolve, held.shift() ?? 0))
    await route.continue()
  })
  await zone(page, 'foot of the page').locator('[data-placed="related"]').focus()
  await page.keyboard.press('Alt+ArrowUp')
  await expect(zone(page, 'below the details').locator('[data-placed="related"]')).toBeVisible()
  await page.keyboard.press('o')
  await expect(placed(page, 'related')).toContainText('off here')
})

test('an offer is dragged to a place of its own with the mouse, and on from there', async ({ page }) => {
  await open(page, 'product-default')
  const offer = 'offer:to-light-it-with'
  await expect(placed(page, 'offer:*')).toContainText('To light it with')
  await expect(sideOf(page)).toContainText('is left blank')
  await dragInto(page, sideOf(page).locator(`[data-at-hand="${offer}"] .handle`), zone(page, 'above the buy button'))
  await expect(zone(page, 'above the buy button').locator(`[data-placed="${offer}"]`)).toBeVisible()
  await expect(placed(page, 'offer:*')).not.toContainText('To light it with')
  const zoneOf = async () => {
    const answer = (await (await page.request.get('/api/shop/v1/pages/product/SMO-M?draft=1')).json()) as {
      offers?: { key: string; zone: string }[]
    }
    return answer.offers?.find(each => each.key === 'to-light-it-with')?.zone
  }
  await expect.poll(zoneOf).toBe('aboveBuy')
  await dragInto(page, placed(page, offer).locator('.handle'), zone(page, 'below the buy button'))
  await expect(zone(page, 'below the buy button').locator(`[data-placed="${offer}"]`)).toBeVisible()
  await expect.poll(zoneOf).toBe('belowBuy')
  await page.keyboard.press('Control+z')
  await expect(zone(page, 'above the buy button').locator(`[data-placed="${offer}"]`)).toBeVisible()
  await expect.poll(zoneOf).toBe('aboveBuy')
  await undoAll(page.request)
})
