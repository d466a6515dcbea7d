import type { APIRequestContext, Page } from '@playwright/test'
import { byHandAlone } from './byHandAlone'
import { hasNoViolations } from './axe'
import { Studio, publishRoom, pressLetter } from './studio'
import { expect, test } from './test'
import { undoAll } from './undoAll'

const editorOf = (page: Page) => page.getByRole('region', { name: 'Section', exact: true })
const tryOf = (page: Page) => page.getByRole('region', { name: 'Try it' })
const stepsOf = (page: Page) =>
  editorOf(page)
    .getByRole('listitem')
    .filter({ has: page.locator('.say') })

async function open(page: Page, key: string, sku = 'SMO-M'): Promise<void> {
  await page.addInitScript(tried => localStorage.setItem('manada-tried', tried), sku)
  await page.goto(`/sections/${key}`)
  await expect(tryOf(page).locator('[data-try]')).toBeVisible()
}
/** Keys of the sections on a product's page, or SKUs of one of them. */
async function delivered(request: APIRequestContext, query = '', section?: string): Promise<string[]> {
  const { sections } = (await (await request.get(`/api/shop/v1/pages/product/SMO-M${query}`)).json()) as {
    sections: { key: string; items: { sku: string }[] }[]
  }
  return section ? (sections.find(each => each.key === section)?.items.map(item => item.sku) ?? []) : sections.map(each => each.key)
}

test('a section is filled by steps that read as sentences, tried, published and undone', async ({ page, request }) => {
  const studio = new Studio(page)
  await byHandAlone(request, 'related', 'related')
  await open(page, 'related')
  await expect(stepsOf(page)).toHaveText([/1\s*products linked by hand as related, in hand order/])
  const before = await delivered(request, '', 'related')

  await test.step('a step is added and set in place', async () => {
    await editorOf(page).getByRole('button', { name: 'Add a step' }).click()
    await page.getByText('Shared traits').click()
    await expect(stepsOf(page).nth(1)).toHaveText(/then products that share at least 2 of its categories and tags, most in common first/)
    await stepsOf(page).nth(1).getByRole('button', { name: 'at least 2' }).click()
    const form = page.getByRole('dialog', { name: 'This step' })
    await expect(form.getByLabel('At least so many in common')).toBeFocused()
    await form.getByLabel('At least so many in common').fill('1')
    const most = form.getByLabel('At most')
    await most.fill('60')
    await most.press('Tab')
    await expect(form.getByRole('alert')).toHaveText('A whole number from 1 to 48.')
    await expect(most).toHaveValue('')
    // Seen while it is typed; left empty, all places are meant.
    await most.fill('3')
    await expect(stepsOf(page).nth(1)).toHaveText(/at most 3/)
    await most.fill('')
    await expect(stepsOf(page).nth(1)).not.toHaveText(/at most/)
    await most.fill('1')
    await form.getByRole('button', { name: 'Done' }).click()
    await expect(stepsOf(page).nth(1)).toHaveText(/share at least 1 of its categories and tags, most in common first, at most 1/)
  })

  await test.step('the try-out follows and says why; shoppers see nothing of it', async () => {
    await expect(tryOf(page).locator('[data-try=shown]')).toContainText(/shares? (a trait|\d traits)/)
    await expect(tryOf(page).locator('[data-try=shown] li')).toHaveCount(before.length + 1)
    await expect(tryOf(page)).toContainText('more had no place left')
    expect(await delivered(request, '', 'related')).toEqual(before)
    expect(await delivered(request, '?draft=1', 'related')).toHaveLength(before.length + 1)
  })

  await test.step('steps change places with the keyboard', async () => {
    await stepsOf(page).nth(1).focus()
    await page.keyboard.press('Alt+ArrowUp')
    await expect(stepsOf(page).first()).toHaveText(/products that share/)
    await expect(stepsOf(page).first()).toBeFocused()
    await page.keyboard.press('Alt+ArrowDown')
    await expect(stepsOf(page).nth(1)).toBeFocused()
    await expect(stepsOf(page).first()).toHaveText(/linked by hand/)
  })

  await test.step('publish', async () => {
    await pressLetter(page, 'p')
    const room = publishRoom(page)
    await expect(room).toContainText('Changes the fill steps')
    await room.getByRole('button', { name: 'Publish 1' }).click()
    await expect(studio.message).toContainText('Published the section “Also worth a look”')
    const now = await delivered(request, '', 'related')
    expect(now).not.toEqual(before)
    expect(now).toEqual(await delivered(request, '?draft=1', 'related'))
    await expect(editorOf(page).getByText('live', { exact: true })).toBeVisible()
  })

  await test.step('undo', async () => {
    await page.keyboard.press('Control+z')
    await expect(studio.message).toContainText('Undone: Published')
    expect(await delivered(request, '', 'related')).toEqual(before)
    await undoAll(page.request)
    await expect(stepsOf(page)).toHaveCount(1)
  })
})

test('a matching rule is built with counts beside each condition and samples for a product', async ({ page }) => {
  await open(page, 'accessories', 'EX-210')
  await stepsOf(page)
    .nth(1)
    .getByRole('button', { name: /whose fits contains/ })
    .click()
  const dialog = page.getByRole('dialog', { name: 'Matching rule' })
  const samples = dialog.getByRole('region', { name: 'Samples' })
  await expect(dialog.locator('[data-count="pick.0"]')).toHaveText(/\d/)
  const total = async () => Number((await samples.locator('.total b').first().innerText()).replaceAll(',', ''))

  await test.step('a condition narrows it down', async () => {
    const pick = dialog.getByRole('region', { name: 'Pick' })
    await pick.getByRole('button', { name: 'Take this condition away' }).first().click()
    await expect(dialog).toContainText('Takes products priced at most 60 % of this one.')
    await expect(dialog.locator('[data-count="pick.0"]')).toHaveText(/[1-9]/)
    const before = await total()
    await pick.getByRole('button', { name: 'Add a condition' }).click()
    await expect(dialog).toContainText('Takes products priced at most 60 % of this one and of the same category.')
    await expect.poll(total).toBeLessThan(before)
    expect(await samples.getByRole('listitem').count()).toBe(Math.min(12, await total()))
  })

  await test.step('what contradicts itself is said', async () => {
    await dialog.getByLabel('From').first().fill('80')
    await dialog.getByLabel('From').first().press('Enter')
    await expect(dialog).toContainText('From 80 % to 60 % there is nothing: swap the two.')
    await expect(samples).toContainText('0 products match')
  })

  await test.step('a rule can be for some products only', async () => {
    await dialog.getByRole('region', { name: 'When' }).getByRole('button', { name: 'Add a condition' }).click()
    await dialog.getByRole('combobox', { name: 'Category' }).fill('Books')
    await page.getByRole('option', { name: 'Books' }).first().click()
    await expect(samples).toContainText('The rule is not for this product')
  })

  await dialog.getByRole('button', { name: 'Take this rule' }).click()
  await expect(stepsOf(page).nth(1)).toHaveText(/priced 80 % to 60 % of this one and of the same category, when it is in Books/)
  await expect(stepsOf(page).nth(1)).toContainText('From 80 % to 60 % there is nothing')
  await undoAll(page.request)
  await expect(stepsOf(page).nth(1)).toHaveText(/whose fits contains this product’s standard/)
})

test('a section is switched off everywhere, or on one plan: then it is in no answer', async ({ page, request }) => {
  await open(page, 'upsells')
  expect(await delivered(request)).toContain('upsells')
  const publish = async () => {
    await expect(editorOf(page).getByRole('button', { name: 'Publish' })).toBeEnabled()
    await pressLetter(page, 'p')
    await publishRoom(page).getByRole('button', { name: 'Publish 1' }).click()
  }
  await editorOf(page).getByRole('button', { name: 'More of this section' }).click()
  await page.getByText('Switch off everywhere').click()
  await expect(tryOf(page)).toContainText('Not on this page: switched off')
  expect(await delivered(request)).toContain('upsells')
  await publish()
  await expect.poll(() => delivered(request)).not.toContain('upsells')
  await undoAll(page.request)
  await expect.poll(() => delivered(request)).toContain('upsells')
  // The window follows what was undone beside it.
  await expect(tryOf(page)).not.toContainText('Not on this page')

  await editorOf(page).getByRole('listitem').filter({ hasText: 'Product page' }).getByRole('button', { name: 'Switch off' }).click()
  await expect(tryOf(page)).toContainText('Not on this page: switched off')
  await publish()
  await expect.poll(() => delivered(request)).not.toContain('upsells')
  await undoAll(page.request)
  await expect.poll(() => delivered(request)).toContain('upsells')
})

test('a new section is made, guarded, put on a page, and taken away again', async ({ page, request }) => {
  const studio = new Studio(page)
  await open(page, 'related')
  // A letter that is typed past a field makes nothing; in the list it does.
  await page.keyboard.press('n')
  await expect(editorOf(page).getByRole('heading', { level: 1 })).not.toHaveText('New section')
  await page.locator('[data-section="related"]').first().focus()
  await page.keyboard.press('n')
  await expect(editorOf(page).getByRole('heading', { level: 1 })).toHaveText('New section')
  await editorOf(page).getByLabel('Heading, en').fill('Not much dearer')
  await editorOf(page).getByLabel('Heading, en').press('Enter')
  await expect(editorOf(page).getByRole('heading', { level: 1 })).toHaveText('Not much dearer')
  await editorOf(page).getByRole('button', { name: 'Add a step' }).click()
  await page.getByText('Best sellers', { exact: true }).click()
  await editorOf(page).getByRole('button', { name: 'guard', exact: true }).click()
  await page.getByText('Price band').click()
  const band = page.getByRole('dialog', { name: 'Price band' })
  await band.getByLabel('To').fill('150')
  await band.getByLabel('To').press('Enter')
  await expect(editorOf(page).getByRole('button', { name: 'not priced at most 150 % of it' })).toBeVisible()
  await page.keyboard.press('Escape')
  // Nearly all of them are shown above already.
  await editorOf(page).getByRole('button', { name: 'shown earlier on the page' }).click()
  await editorOf(page).getByRole('button', { name: 'Put it on a page' }).click()
  await page.getByText('Product page · foot of the page', { exact: true }).click()
  await expect(editorOf(page)).toContainText('foot of the page')
  await page.getByRole('link', { name: '5 drafts' }).click()
  const room = publishRoom(page)
  await expect(room).toContainText('Adds “Not much dearer”')
  await room.getByRole('checkbox', { name: /^“Not much dearer”/ }).uncheck()
  await expect(room.getByRole('status')).toContainText('“Not much dearer” stands on a page that goes out, but is not ticked itself')
  await room.getByRole('button', { name: 'Publish it too' }).click()
  await expect(room.getByRole('status')).toBeHidden()
  // What the demo shop has as drafts stays a draft.
  await room.getByLabel('“Goes with it”').uncheck()
  await room.getByLabel('“Seen lately”').uncheck()
  await room.getByLabel('While you are at it (together offer)').uncheck()
  await room.getByRole('button', { name: 'Publish 2' }).click()
  await expect(studio.message).toContainText('Published')
  await expect.poll(() => delivered(request)).toContain('new-section')
  await undoAll(page.request)
  await expect.poll(() => delivered(request)).not.toContain('new-section')
})

test('a heading is filled from the product, is another for a single one, and never shows a bracket', async ({ page, request }) => {
  await open(page, 'accessories')
  const nameIn = async (language: string) =>
    ((await (await request.get(`/api/shop/v1/catalogue/products/SMO-M?lang=${language}`)).json()) as { name: string }).name
  const name = await nameIn('en')
  const heading = editorOf(page).getByLabel('Heading, en')
  const title = tryOf(page).locator('[data-try] h2')
  await heading.fill('Goes with your ')
  await editorOf(page).getByRole('button', { name: 'Fill in the product’s name' }).click()
  await expect(heading).toHaveValue('Goes with your {name}')
  await expect(title).toHaveText(`Goes with your ${name}`)
  await expect(editorOf(page).getByRole('status')).toContainText('Where a word of the heading has no value, it is left out')

  await test.step('another where a word has no value, or stands for nothing', async () => {
    await heading.fill('Goes with {colour}')
    await heading.press('Enter')
    await expect(editorOf(page).getByRole('status')).toContainText('“{colour}” in the heading stands for nothing')
    const without = editorOf(page).getByLabel('Heading where a word has no value, en')
    await without.fill('Goes with <b>it</b>')
    await without.press('Enter')
    await expect(title).toHaveText('Goes with <b>it</b>')
    await expect(editorOf(page).getByRole('status')).toContainText('headings have no markup')
  })

  await test.step('another for a single product', async () => {
    await editorOf(page).getByRole('button', { name: 'For a single product, and on buttons' }).click()
    const one = editorOf(page).getByLabel('Heading for a single product, en')
    await one.fill('The one thing for your {name}')
    await one.press('Enter')
    const places = editorOf(page).getByRole('group', { name: 'Places' })
    while ((await places.locator('b').textContent()) !== '1') await places.getByRole('button', { name: 'Fewer places' }).click()
    await expect(title).toHaveText(`The one thing for your ${name}`)
  })

  const shown = async (language: string) =>
    (
      (await (await request.get(`/api/shop/v1/pages/product/SMO-M?draft=1&lang=${language}`)).json()) as {
        sections: { key: string; heading: string }[]
      }
    ).sections.find(each => each.key === 'accessories')!.heading
  await expect.poll(() => shown('de')).toBe(`The one thing for your ${await nameIn('de')}`)
  await undoAll(page.request)
})

test('a draft that another window has changed is not overwritten', async ({ page, request }) => {
  await open(page, 'related')
  await page.route('**/api/events', route => route.abort())
  await page.reload()
  await expect(editorOf(page).getByRole('group', { name: 'Places' })).toContainText('4')
  const changed = await request.post('/api/commands', {
    data: { type: 'changeSection', key: 'related', settings: { places: 3 }, seen: { places: 4 } },
  })
  expect(changed.ok()).toBe(true)
  await editorOf(page).getByRole('button', { name: 'More places' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'was changed in the meantime' })).toBeVisible()
  await expect(editorOf(page).getByRole('group', { name: 'Places' })).toContainText('3')
  await request.post('/api/undo', { data: {} })
})

test('the workspace can be used by everyone', async ({ page }) => {
  await open(page, 'accessories')
  await hasNoViolations(page)
  await stepsOf(page)
    .nth(1)
    .getByRole('button', { name: /whose fits contains/ })
    .click()
  await expect(page.getByRole('dialog', { name: 'Matching rule' }).locator('[data-count="pick.0"]')).toHaveText(/\d/)
  await hasNoViolations(page)
})
