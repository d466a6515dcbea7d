import type { Locator, Page } from '@playwright/test'
import { builtInLooks } from '../core/looks/builtInLooks'
import { hasNoViolations } from './axe'
import { publishRoom, pressLetter } from './studio'
import { expect, test } from './test'
import { undoAll } from './undoAll'

const sectionEditor = (page: Page) => page.getByRole('region', { name: 'Section', exact: true })
const lookEditor = (page: Page) => page.getByRole('region', { name: 'Look', exact: true })
const section = (page: Page, key: string) => page.locator(`[data-section="${key}"]`)
const frame = (page: Page) => page.frameLocator('iframe')
const styleOf = (of: Locator, property: string): Promise<string> =>
  of.evaluate((element, name) => getComputedStyle(element).getPropertyValue(name), property)
async function type(field: Locator, value: string): Promise<void> {
  await field.fill(value)
  await field.press('Enter')
  await field.blur()
}
async function publish(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Publish', exact: true }).click()
  await publishRoom(page)
    .getByRole('button', { name: /^Publish \d+$/ })
    .click()
  await expect(publishRoom(page)).toBeHidden()
}
async function tryOn(page: Page, words: string, name: string): Promise<void> {
  const tried = page.getByRole('region', { name: 'Try it' })
  await tried.getByRole('button', { name: 'Page', exact: true }).click()
  await pressLetter(page, 't')
  await page.getByRole('dialog').getByRole('combobox', { name: 'Find a product' }).fill(words)
  await page.getByRole('dialog').getByRole('option').filter({ hasText: name }).click()
}

test('a section is given a look and a word of its own on it, and shoppers get that with the publishing', async ({ page }) => {
  await page.goto('/sections/related')
  await tryOn(page, 'EX-210', 'Two-frame extractor')
  const shown = frame(page).locator('[data-section="related"]')
  await expect(shown).toBeVisible()
  await sectionEditor(page).getByRole('group', { name: 'Look' }).getByRole('button', { name: 'Tray' }).click()
  await expect.poll(() => styleOf(shown.locator('.frame'), 'background-color')).toBe('rgb(241, 235, 221)')
  await sectionEditor(page).getByRole('button', { name: 'Change it here' }).click()
  await type(sectionEditor(page).getByLabel('Corners in pixels'), '3')
  await expect.poll(() => styleOf(shown.locator('.frame'), 'border-radius')).toBe('3px')
  await expect(sectionEditor(page).getByText('With a word of its own on corners.')).toBeVisible()
  // A length beyond its bounds, or what is no colour, changes nothing and says which can.
  await type(sectionEditor(page).getByLabel('Gaps in pixels'), '900')
  await expect(sectionEditor(page).getByRole('alert')).toHaveText('A whole number from 4 to 48.')
  await type(sectionEditor(page).getByLabel('Text, typed', { exact: true }), 'red')
  await expect(sectionEditor(page).getByLabel('Text, typed', { exact: true })).toHaveValue('#1f2933')

  await page.goto('/shop/products/EX-210')
  expect(await styleOf(section(page, 'related').locator('.frame'), 'border-radius')).toBe('12px')
  await page.goto('/sections/related')
  await publish(page)
  await page.goto('/shop/products/EX-210')
  expect(await styleOf(section(page, 'related').locator('.frame'), 'border-radius')).toBe('3px')
  expect(await styleOf(section(page, 'accessories').locator('.frame'), 'background-color')).toBe('rgba(0, 0, 0, 0)')

  await page.goto('/sections/related')
  await sectionEditor(page).getByRole('button', { name: 'All as Tray' }).click()
  await expect(sectionEditor(page).getByRole('button', { name: 'All as Tray' })).toBeHidden()
})

test('a text that is hard to read is told at once, with the nearest colour that is not', async ({ page }) => {
  await page.goto('/sections/related')
  await sectionEditor(page).getByRole('button', { name: 'Change it here' }).click()
  await type(sectionEditor(page).getByLabel('Second text, typed'), '#aaa')
  const warning = sectionEditor(page).getByRole('status', { name: 'Contrast' })
  await expect(warning).toContainText('The second text has a contrast of 2.2 to 1')
  await expect(page.locator('[data-section="related"]').getByRole('img', { name: '1 to look at' })).toBeVisible()
  await warning.getByRole('button', { name: /^Use #/ }).click()
  await expect(warning).toBeHidden()
  await expect(page.locator('[data-section="related"]').getByRole('img', { name: 'to look at' })).toBeHidden()
})

test('every section follows the look that it shares with others', async ({ page }) => {
  for (const key of ['related', 'accessories']) {
    await page.goto(`/sections/${key}`)
    await sectionEditor(page).getByRole('group', { name: 'Look' }).getByRole('button', { name: 'Ruled' }).click()
    await expect(sectionEditor(page).getByRole('button', { name: 'Ruled' })).toHaveAttribute('aria-pressed', 'true')
  }
  await sectionEditor(page).getByRole('link', { name: 'Change Ruled everywhere' }).click()
  await expect(lookEditor(page)).toContainText('2 have it, and follow: Goes with it, Also worth a look')
  await Promise.all([
    page.waitForResponse('**/api/commands'),
    lookEditor(page).getByRole('button', { name: 'filled', exact: true }).first().click(),
  ])
  await Promise.all([page.waitForResponse('**/api/commands'), type(lookEditor(page).getByLabel('Accent, typed'), '8C3A27')])
  await page.goto('/shop/products/EX-210?preview=1&draft=1')
  for (const key of ['related', 'accessories'])
    await expect.poll(() => styleOf(section(page, key).locator('.add').first(), 'background-color')).toBe('rgb(140, 58, 39)')
  expect(await styleOf(section(page, 'upsells').locator('.add').first(), 'color')).toBe('rgb(70, 96, 58)')

  // While sections have it, it can't be taken away; nor can a section go out without it unnoticed.
  await page.goto('/looks/ruled')
  await page.getByRole('button', { name: 'More of this look' }).click()
  await page.getByText('Remove', { exact: true }).click()
  await expect(page.locator('.message-bar')).toContainText('This look is in use: section')
  await page.goto('/sections/related')
  await page.getByRole('button', { name: 'Publish', exact: true }).click()
  await expect(publishRoom(page)).toContainText('A section that goes out has the look “Ruled”, which is not ticked itself.')
  await publishRoom(page).getByRole('button', { name: 'Publish it too' }).click()
  await publishRoom(page).getByRole('button', { name: 'Publish 2' }).click()
  await expect(publishRoom(page)).toBeHidden()
  await page.goto('/shop/products/EX-210')
  await expect.poll(() => styleOf(section(page, 'related').locator('.add').first(), 'background-color')).toBe('rgb(140, 58, 39)')
})

test('the shop’s accent, fonts and background are said once, for its pages and its sections', async ({ page }) => {
  await page.goto('/looks')
  await expect(lookEditor(page).getByRole('heading', { level: 1 })).toHaveText('The shop’s own')
  await type(lookEditor(page).getByLabel('Accent, typed'), '#7a2d5c')
  await type(lookEditor(page).getByLabel('Background of pages, typed'), '#ffffff')
  await expect(frame(page).locator('.shop')).toHaveCSS('background-color', 'rgb(255, 255, 255)')
  await lookEditor(page).locator('.font').filter({ hasText: 'font of headings' }).locator('.v-field').click()
  await page.getByRole('option', { name: 'Source Serif' }).click()
  await expect(frame(page).getByRole('heading', { level: 1 })).toHaveCSS('font-family', /Source Serif 4 Variable/)
  // The shop’s page may move to what has changed; the studio around it stays where it is.
  expect(await page.evaluate(() => document.scrollingElement!.scrollTop)).toBe(0)
  await publish(page)
  await page.goto('/shop/products/EX-210')
  await expect(page.getByRole('heading', { level: 1 })).toHaveCSS('font-family', /Source Serif 4 Variable/)
  await expect(page.locator('.shop')).toHaveCSS('background-color', 'rgb(255, 255, 255)')
  await expect(page.getByRole('button', { name: 'Add to the cart' })).toHaveCSS('background-color', 'rgb(122, 45, 92)')
  await expect(section(page, 'related').locator('.add').first()).toHaveCSS('color', 'rgb(122, 45, 92)')
})

test('a picture stands beside the heading', async ({ page }) => {
  await page.goto('/sections/related')
  await sectionEditor(page).getByRole('button', { name: 'no picture' }).click()
  await page.getByRole('list', { name: 'Beside the heading' }).getByText('a leaf').click()
  await expect(sectionEditor(page).getByRole('button', { name: 'a leaf' })).toBeVisible()
  await page.goto('/shop/products/EX-210?preview=1&draft=1')
  await expect(section(page, 'related').locator('header svg')).toBeVisible()
})

test('a brand has a mark beside the heading of its section; without a picture, its initials', async ({ page }) => {
  const mark = section(page, 'more-from-the-same-workshop').locator('.mark')
  await page.goto('/shop/products/EX-210')
  await expect(mark.locator('img')).toHaveAttribute('src', '/pictures/mark-corrie.svg')
  await page.goto('/looks/house')
  const row = page.getByRole('list', { name: 'Marks of brands' }).getByRole('listitem').filter({ hasText: 'Corrie & Daughter' })
  const choose = async (name: string, text: string) => {
    const [chooser] = await Promise.all([
      page.waitForEvent('filechooser'),
      row.getByRole('button', { name: /^Choose a picture for/ }).click(),
    ])
    await chooser.setFiles({ name, mimeType: 'image/svg+xml', buffer: Buffer.from(text) })
  }
  await choose('mark.svg', 'this is no picture')
  await expect(page.locator('.message-bar')).toContainText('This is not a picture in SVG, PNG, JPEG, WebP or AVIF.')
  await choose(
    'mark.svg',
    '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 10 10"><script>document.title = "run"</script><rect width="10" height="10" ' +
      'fill="#7a2d5c"/></svg>',
  )
  await expect(page.locator('.message-bar')).toContainText('Set the mark of the brand Corrie & Daughter.')
  await expect(row.locator('img')).toHaveAttribute('src', /^\/pictures\/[0-9a-f]{24}\.svg$/)
  const address = await row.locator('img').getAttribute('src')
  await page.goto('/shop/products/EX-210')
  await expect(mark.locator('img')).toHaveAttribute('src', address!)
  // A picture that is opened on its own runs nothing.
  await page.goto(address!)
  expect(await page.title()).not.toBe('run')

  await page.goto('/looks/house')
  await row.getByRole('button', { name: 'Take the mark away from Corrie & Daughter' }).click()
  await expect(row.locator('img')).toHaveCount(0)
  await page.goto('/shop/brands/Corrie%20%26%20Daughter')
  await expect(page.locator('.brand').first()).toHaveText('CD')
})

test('sections can be read in every look that Manada begins with, and looks are chosen by everyone', async ({ page, request }) => {
  for (const { key } of builtInLooks) {
    for (const name of ['related', 'upsells', 'accessories']) {
      const layout = { related: 'comparison', upsells: 'checklist', accessories: 'shelf' }[name]
      expect(
        (
          await request.post('/api/commands', {
            data: { type: 'changeSection', key: name, settings: { look: { preset: key, own: {} }, layout }, seen: {} },
          })
        ).ok(),
      ).toBe(true)
    }
    await page.goto('/shop/products/EX-210?preview=1&draft=1')
    await expect(section(page, 'accessories')).toBeVisible()
    await hasNoViolations(page)
  }
  await undoAll(request)
  await page.goto('/looks/dusk')
  await expect(lookEditor(page).getByRole('heading', { level: 1 })).toHaveText('Dusk')
  await page.keyboard.press('Tab')
  await hasNoViolations(page)
})
