import type { APIRequestContext, Page } from '@playwright/test'
import { byHandAlone } from './byHandAlone'
import { hasNoViolations } from './axe'
import { Studio, effectsOf, publishRoom, pressLetter } from './studio'
import { expect, test } from './test'

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
  await byHandAlone(request, 'related', 'related')
  await page.goto('/sections/related')
  await setPlaces(page, 'More')
  await pressLetter(page, 'p')

  await test.step('what changes is told in words, with the fill before and after', async () => {
    await expect(publishRoom(page)).toContainText('Changes the places')
    await expect(effectsOf(page)).toContainText(/“Also worth a look” shows more on \d+ product pages?/)
    await expect(effectsOf(page)).toContainText(/full on \d+ → \d+ of \d+/)
    await publishRoom(page).getByLabel('A note to this release').fill('five for the summer')
    await hasNoViolations(page)
    await publishRoom(page).getByRole('button', { name: 'Publish 1' }).click()
    await expect(studio.message).toContainText('Published')
    await expect(publishRoom(page)).toBeHidden()
    expect(await placesOf(request, 'related')).toBe(5)
  })

  await setPlaces(page, 'More')
  await pressLetter(page, 'p')
  await publishRoom(page).getByRole('button', { name: 'Publish 1' }).click()
  await expect.poll(() => placesOf(request, 'related')).toBe(6)
  await expect(publishRoom(page)).toBeHidden()

  const releases = page.getByRole('region', { name: 'Releases' })
  await test.step('go back', async () => {
    await page
      .getByRole('banner')
      .getByRole('link', { name: /draft|Releases/ })
      .click()
    await page.getByRole('navigation', { name: 'Publish or look back' }).getByRole('link', { name: 'Releases' }).click()
    // The one before what shoppers have is what somebody goes back to.
    await expect(releases.locator('button[aria-current]')).toContainText('five for the summer')
    await expect(effectsOf(page)).toContainText('“Also worth a look”: the places')
    // No page has more than five: nobody would see less.
    await expect(effectsOf(page)).toContainText(/“Also worth a look” shows on \d+ product pages what it showed/)
    await expect(effectsOf(page)).toContainText('It has another number of places.')
    await releases.getByRole('button', { name: /^Go back to release/ }).click()
    await expect(studio.message).toContainText(/Went back to release \d/)
    expect(await placesOf(request, 'related')).toBe(5)
    await expect(releases.getByRole('listitem').first()).toContainText(/Went back to release \d/)
    await expect(effectsOf(page)).toContainText('This is what shoppers have now.')
    // What was made since stays a draft, and goes out only when somebody says so.
    await page.getByRole('link', { name: 'To publish' }).click()
    await expect(publishRoom(page).getByRole('checkbox', { name: /^“Also worth a look”/ })).not.toBeChecked()
    await publishRoom(page).getByRole('button', { name: 'Leave it', exact: true }).click()
    await expect(editorOf(page).getByText('changed', { exact: true })).toBeVisible()
  })

  await page.keyboard.press('Control+z')
  await expect.poll(() => placesOf(request, 'related')).toBe(6)
  await expect(publishRoom(page)).toBeHidden()
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
  await pressLetter(page, 'p')
  await expect(effectsOf(page)).toContainText('Waiting for what you have just changed')
  letThrough()
  await expect(effectsOf(page)).toContainText(/“Also worth a look” shows more on \d+ product pages?/)
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
    .getByRole('link', { name: /drafts/ })
    .click()
  const rows = publishRoom(page).getByRole('listitem')
  await expect(rows.first().getByRole('checkbox', { name: /^“Also worth a look”/ })).toBeChecked()
  const theirs = rows.filter({ hasText: 'Changes the places' }).nth(1)
  await expect(theirs.getByRole('checkbox')).not.toBeChecked()
  await expect(theirs).toContainText('the admin token')
  await expect(publishRoom(page).getByRole('button', { name: 'Publish 1' })).toBeVisible()
})

test('a publishing that is planned goes out at its time, or not when it is cancelled', async ({ page, request }) => {
  // Times are those of the shop, wherever somebody sits.
  expect((await request.post('/api/commands', { data: { type: 'changeSettings', settings: { timeZone: 'Asia/Kolkata' } } })).ok()).toBe(
    true,
  )
  await page.goto('/sections/related')
  await setPlaces(page, 'Fewer')
  await pressLetter(page, 'p')
  await publishRoom(page).getByRole('button', { name: 'At a set time' }).click()
  await expect(publishRoom(page).getByRole('button', { name: 'Plan 1' })).toBeDisabled()
  await expect(publishRoom(page)).toContainText('Choose a time to come.')
  const later = new Date(Date.now() + 24 * 3600_000)
  await publishRoom(page)
    .getByLabel('Goes out at')
    .fill(`${later.toISOString().slice(0, 10)}T09:30`)
  await publishRoom(page).getByRole('button', { name: 'Plan 1' }).click()
  await expect(publishRoom(page)).toBeHidden()
  const { schedules } = (await (await request.get('/api/releases')).json()) as { schedules: { at: string }[] }
  expect(schedules.map(each => each.at)).toEqual([`${later.toISOString().slice(0, 10)}T04:00:00.000Z`])
  await expect(editorOf(page)).toContainText(/planned for \d+ \w+, 09:30/)
  await expect(page.getByRole('region', { name: 'Sections' })).toContainText(/Planned for \d+ \w+, 09:30/)

  await pressLetter(page, 'p')
  const planned = publishRoom(page).getByRole('list', { name: 'Planned' }).getByRole('listitem')
  await expect(planned).toContainText('09:30: 1 draft goes out')
  await planned.getByRole('button', { name: 'Cancel it' }).click()
  await expect(planned).toHaveCount(0)
  await publishRoom(page).getByRole('button', { name: 'Leave it' }).click()
  await expect(editorOf(page)).not.toContainText('planned for')

  await test.step('one that is due goes out by itself', async () => {
    const at = new Date(Date.now() + 1500).toISOString()
    await page.request.post('/api/commands', { data: { type: 'schedulePublish', at, sections: ['related'], plans: [], note: 'by itself' } })
    expect(await placesOf(request, 'related')).toBe(4)
    await expect.poll(() => placesOf(request, 'related')).toBe(3)
    await expect(editorOf(page).getByText('live', { exact: true })).toBeVisible()
    const { releases } = (await (await request.get('/api/releases')).json()) as { releases: { note: string; words: string }[] }
    expect(releases[0]).toMatchObject({
      note: 'by itself',
      words: expect.stringMatching(/^Published what was planned for \d+ \w+ \d{4}, \d\d:\d\d$/) as unknown,
    })
    // By another editor: it stays when this one's edits are undone.
    await request.post('/api/commands', {
      data: { type: 'goBack', release: (await (await request.get('/api/releases')).json()).releases[1].number },
    })
  })
})
