import AxeBuilder from '@axe-core/playwright'
import type { APIRequestContext, Page } from '@playwright/test'
import { Studio } from './studio'
import { expect, test } from './test'

const dialogOf = (page: Page) => page.getByRole('dialog')
const editorOf = (page: Page) => page.getByRole('region', { name: 'Section', exact: true })
async function placesOf(request: APIRequestContext, key: string): Promise<number | undefined> {
  const { sections } = (await (await request.get('/api/shop/v1/pages/product/EX-210')).json()) as {
    sections: { key: string; display: { places: number } }[]
  }
  return sections.find(each => each.key === key)?.display.places
}
async function setPlaces(page: Page, verb: 'More' | 'Fewer'): Promise<void> {
  await editorOf(page)
    .getByRole('button', { name: `${verb} places` })
    .click()
  await expect(editorOf(page).getByText('changed', { exact: true })).toBeVisible()
}

test('a release goes out with a note, and shoppers get an earlier one back', async ({ page, request }) => {
  const studio = new Studio(page)
  await page.goto('/sections/related')
  await setPlaces(page, 'More')
  await page.keyboard.press('p')

  await test.step('what changes is told in words, with the fill before and after', async () => {
    await expect(dialogOf(page)).toContainText('Changes the places')
    await expect(dialogOf(page)).toContainText(/“Also worth a look” shows more on \d+ product pages?/)
    await expect(dialogOf(page)).toContainText(/full on \d+ → \d+ of \d+/)
    await dialogOf(page).getByLabel('A note to this release').fill('five for the summer')
    const { violations } = await new AxeBuilder({ page }).include('[role=dialog]').analyze()
    expect(violations.map(each => `${each.id} ${each.nodes[0]?.html}`)).toEqual([])
    await dialogOf(page).getByRole('button', { name: 'Publish 1' }).click()
    await expect(studio.message).toContainText('Published')
    await expect(dialogOf(page)).toBeHidden()
    expect(await placesOf(request, 'related')).toBe(5)
  })

  await setPlaces(page, 'More')
  await page.keyboard.press('p')
  await dialogOf(page).getByRole('button', { name: 'Publish 1' }).click()
  await expect.poll(() => placesOf(request, 'related')).toBe(6)
  await expect(dialogOf(page)).toBeHidden()

  await test.step('go back', async () => {
    await page
      .getByRole('banner')
      .getByRole('button', { name: /draft|Releases/ })
      .click()
    await dialogOf(page).getByRole('button', { name: 'Releases', exact: true }).click()
    const release = dialogOf(page).getByRole('listitem').filter({ hasText: 'five for the summer' })
    await release.getByRole('button', { name: 'What would change' }).click()
    await expect(release).toContainText('“Also worth a look”: the places')
    await release.getByRole('button', { name: /^Go back to release/ }).click()
    await expect(studio.message).toContainText(/Went back to release \d/)
    expect(await placesOf(request, 'related')).toBe(5)
    await expect(dialogOf(page).getByRole('listitem').first()).toContainText(/Went back to release \d/)
    // What was made since stays a draft, and goes out only when somebody says so.
    await dialogOf(page).getByRole('button', { name: 'To publish' }).click()
    await expect(dialogOf(page).getByRole('checkbox', { name: /^“Also worth a look”/ })).not.toBeChecked()
    await dialogOf(page).getByRole('button', { name: 'Leave it', exact: true }).click()
    await expect(editorOf(page).getByText('changed', { exact: true })).toBeVisible()
  })

  await page.keyboard.press('Control+z')
  await expect.poll(() => placesOf(request, 'related')).toBe(6)
  await expect(dialogOf(page)).toBeHidden()
})

test('what publishing does follows an edit that was still on its way when it was asked for', async ({ page }) => {
  let letThrough!: () => void
  const isHeld = new Promise<void>(resolve => {
    letThrough = resolve
  })
  await page.route('**/api/commands', async route => {
    await isHeld
    await route.continue()
  })
  await page.goto('/sections/related')
  await setPlaces(page, 'More')
  await page.keyboard.press('p')
  await expect(dialogOf(page)).toContainText('Every page keeps what stands on it.')
  letThrough()
  await expect(dialogOf(page)).toContainText(/“Also worth a look” shows more on \d+ product pages?/)
})

test('what is live is taken from shoppers and stays a draft; what others have drafted is named, and not ticked', async ({
  page,
  request,
}) => {
  const menu = async (item: RegExp) => {
    await editorOf(page)
      .getByRole('button', { name: /^More of this/ })
      .click()
    return page.locator('.v-list-item').filter({ hasText: item })
  }
  await page.goto('/sections/related')
  await (await menu(/^Take it from shoppers/)).click()
  await expect(new Studio(page).message).toContainText('Took the section “Also worth a look” from shoppers')
  await expect(editorOf(page).getByText('draft', { exact: true })).toBeVisible()
  expect(await placesOf(request, 'related')).toBeUndefined()
  await expect(await menu(/^Take it from shoppers/)).toHaveClass(/v-list-item--disabled/)
  await page.keyboard.press('Escape')
  await page.keyboard.press('Control+z')
  await expect.poll(() => placesOf(request, 'related')).toBe(4)

  await page.goto('/pages/product-default')
  await page.getByRole('button', { name: /^More of this/ }).click()
  await page
    .locator('.v-list-item')
    .filter({ hasText: /^Take it from shoppers/ })
    .click()
  await expect(new Studio(page).message).toContainText('It is the default plan: every page needs one.')

  const change = { type: 'changeSection', key: 'upsells', settings: { places: 7 }, seen: {} }
  expect((await request.post('/api/commands', { data: change })).ok()).toBe(true)
  await page.goto('/sections/related')
  await setPlaces(page, 'More')
  await page
    .getByRole('banner')
    .getByRole('button', { name: /drafts/ })
    .click()
  const rows = dialogOf(page).getByRole('listitem')
  await expect(rows.first().getByRole('checkbox', { name: /^“Also worth a look”/ })).toBeChecked()
  const theirs = rows.filter({ hasText: 'Changes the places' }).nth(1)
  await expect(theirs.getByRole('checkbox')).not.toBeChecked()
  await expect(theirs).toContainText('the admin token')
  await expect(dialogOf(page).getByRole('button', { name: 'Publish 1' })).toBeVisible()
})

test('a publishing that is planned goes out at its time, or not when it is cancelled', async ({ page, request }) => {
  await page.goto('/sections/related')
  await setPlaces(page, 'Fewer')
  await page.keyboard.press('p')
  await dialogOf(page).getByRole('button', { name: 'At a set time' }).click()
  await expect(dialogOf(page).getByRole('button', { name: 'Plan 1' })).toBeDisabled()
  await expect(dialogOf(page)).toContainText('Choose a time to come.')
  const later = new Date(Date.now() + 24 * 3600_000)
  await dialogOf(page)
    .getByLabel('Goes out at')
    .fill(`${later.toISOString().slice(0, 10)}T09:30`)
  await dialogOf(page).getByRole('button', { name: 'Plan 1' }).click()
  await expect(dialogOf(page)).toBeHidden()

  await page.keyboard.press('p')
  const planned = dialogOf(page).getByRole('list', { name: 'Planned' }).getByRole('listitem')
  await expect(planned).toContainText('09:30: 1 draft goes out')
  await planned.getByRole('button', { name: 'Cancel it' }).click()
  await expect(planned).toHaveCount(0)
  await page.keyboard.press('Escape')

  await test.step('one that is due goes out by itself', async () => {
    const at = new Date(Date.now() + 1500).toISOString()
    await page.request.post('/api/commands', { data: { type: 'schedulePublish', at, sections: ['related'], plans: [], note: 'by itself' } })
    expect(await placesOf(request, 'related')).toBe(4)
    await expect.poll(() => placesOf(request, 'related')).toBe(3)
    await expect(editorOf(page).getByText('live', { exact: true })).toBeVisible()
    const { releases } = (await (await request.get('/api/releases')).json()) as { releases: { note: string; words: string }[] }
    expect(releases[0]).toMatchObject({
      note: 'by itself',
      words: expect.stringMatching(/^Published what was planned for \d{4}-/) as unknown,
    })
    // By another editor: it stays when this one's edits are undone.
    await request.post('/api/commands', {
      data: { type: 'goBack', release: (await (await request.get('/api/releases')).json()).releases[1].number },
    })
  })
})
