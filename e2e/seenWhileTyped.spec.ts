import type { Page } from '@playwright/test'
import { expect, test } from './test'
import { undoAll } from './undoAll'

const preview = (page: Page) => page.frameLocator('iframe[title="The page as it will be"]')
const undone = async (page: Page) => {
  const { entries } = (await (await page.request.get('/api/history')).json()) as { entries: unknown[] }
  return entries.length
}

test.beforeEach(({ page }) =>
  page.addInitScript(() => {
    localStorage.setItem('manada-tried', 'SMO-M')
    localStorage.setItem('manada-try-view', 'page')
  }),
)

test('a heading is seen in the preview while it is typed, and is one step back', async ({ page, request }) => {
  await page.goto('/sections/related')
  const editor = page.getByRole('region', { name: 'Section', exact: true })
  const heading = preview(page).locator('[data-section="related"]').getByRole('heading').first()
  await expect(heading).toHaveText('Also worth a look')
  const before = await undone(page)
  const field = editor.getByLabel('Heading, en')
  await field.fill('')
  // Nothing is no heading: the last one stays.
  await expect(heading).toHaveText('Also worth a look')
  await field.pressSequentially('Look around')
  await expect(heading).toHaveText('Look around')
  await expect(field).toBeFocused()
  await field.pressSequentially(' a little')
  await expect(heading).toHaveText('Look around a little')
  await field.press('Enter')
  expect((await undone(page)) - before).toBeLessThanOrEqual(2)
  // A colleague who saves meanwhile is asked about, not overwritten.
  await field.pressSequentially(' more')
  await expect(heading).toHaveText('Look around a little more')
  await request.post('/api/commands', {
    data: { type: 'changeSection', key: 'related', settings: { heading: { en: 'Theirs' } }, seen: {} },
  })
  await expect(editor.getByRole('status').filter({ hasText: 'A colleague saved “Theirs” meanwhile.' })).toBeVisible()
  await expect(field).toHaveValue('Look around a little more')
  await editor.getByRole('button', { name: 'Keep mine' }).click()
  await expect(heading).toHaveText('Look around a little more')
  await undoAll(page.request)
  await undoAll(request)
})

test('a number and a colour are seen while they are typed; one that can’t be says which can', async ({ page }) => {
  await page.goto('/sections/related')
  const editor = page.getByRole('region', { name: 'Section', exact: true })
  await editor.getByRole('button', { name: 'Change it here' }).click()
  const section = preview(page).locator('[data-section="related"]')
  const size = editor.getByLabel('Size of text in pixels')
  await size.fill('18')
  const textSize = () => section.evaluate(each => getComputedStyle(each).getPropertyValue('--section-size').trim())
  await expect.poll(textSize).toBe('18px')
  await size.fill('40')
  await size.press('Tab')
  await expect(editor.getByRole('alert')).toContainText('from 12 to 20')
  await expect(size).toHaveValue('18')

  const colour = editor.getByLabel('Accent, typed')
  await colour.fill('#0055')
  await colour.pressSequentially('aa')
  const accent = () => section.evaluate(each => getComputedStyle(each).getPropertyValue('--section-accent').trim())
  await expect.poll(accent).toBe('#0055aa')
  await colour.fill('blue')
  await colour.press('Tab')
  await expect(editor.getByRole('alert').filter({ hasText: 'A colour such as' })).toBeVisible()
  await expect(colour).toHaveValue('#0055aa')

  await editor.getByRole('button', { name: 'guard', exact: true }).click()
  await page.getByText('Lowest margin', { exact: true }).click()
  const margin = page.getByRole('dialog', { name: 'Lowest margin' })
  await margin.getByRole('spinbutton').fill('120')
  await expect(margin.getByRole('alert')).toHaveText('A percentage from −1000 to 100.')
  await margin.getByRole('spinbutton').fill('12.5')
  await expect(margin.getByRole('alert')).toHaveCount(0)
  await page.keyboard.press('Escape')
  await expect(editor.getByRole('button', { name: 'margin under 12.5 %' })).toBeVisible()
  await undoAll(page.request)
})

test('what is typed in one section is saved when another is opened, and the other stays as it was', async ({ page, request }) => {
  await page.goto('/sections/related')
  const editor = page.getByRole('region', { name: 'Section', exact: true })
  await editor.getByLabel('Heading, en').fill('Look around')
  await page.locator('[data-section="accessories"]').first().click()
  await expect(editor.getByLabel('Heading, en')).toHaveValue('Goes with it')
  const heading = async (key: string) => {
    const answer = await request.get('/api/drafts')
    const { sections } = (await answer.json()) as { sections: { key: string; draft: { heading: { en: string } } }[] }
    return sections.find(each => each.key === key)!.draft.heading.en
  }
  await expect.poll(() => heading('related')).toBe('Look around')
  expect(await heading('accessories')).toBe('Goes with it')
  await undoAll(page.request)
})
