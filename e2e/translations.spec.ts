import type { Page } from '@playwright/test'
import { hasNoViolations } from './axe'
import { effectsOf, publishRoom } from './studio'
import { expect, test } from './test'
import { undoAll } from './undoAll'

const editorOf = (page: Page, name: string) => page.getByRole('region', { name, exact: true })
const written = (words: string) => `Written when the English was “${words}”.`

test.afterEach(({ page }) => undoAll(page.request))

test('a heading that was made from other words says so, once published too, until it is found to fit or is changed', async ({ page }) => {
  await page.goto('/sections/related')
  const editor = editorOf(page, 'Section')
  const [english, german] = [editor.getByLabel('Heading, en'), editor.getByLabel('Heading, de')]
  const older = editor.getByText(written('Also worth a look'))
  await expect(english).toHaveValue('Also worth a look')
  await english.fill('Look around')
  await expect(older).toBeVisible()
  await english.fill('Also worth a look')
  await expect(older).toBeHidden()
  await english.fill('Look around')
  await english.press('Enter')
  await expect(older).toBeVisible()

  await test.step('what is published is not forgotten', async () => {
    // The room waits for what was typed to be kept.
    await editor.getByRole('button', { name: 'Publish' }).click()
    await publishRoom(page).getByRole('button', { name: 'Publish 1' }).click()
    await expect(page.locator('.message-bar')).toContainText('Published')
    await page.goto('/sections/related')
    await expect(english).toHaveValue('Look around')
    await expect(older).toBeVisible()
    await hasNoViolations(page)
  })

  await test.step('it is found to fit, which is undone', async () => {
    const kept = await german.inputValue()
    await editor.getByRole('button', { name: 'It still fits' }).focus()
    await expect(page.getByRole('tooltip')).toContainText('until the shop’s own words change again')
    await page.keyboard.press('Enter')
    await expect(page.locator('.message-bar')).toContainText(`Kept “${kept}” (de) in “Look around”: it still fits.`)
    await expect(older).toBeHidden()
    await expect(german).toBeFocused()
    await expect(editor.locator('header .state')).toHaveText('live')
    await page.locator('.message-bar').getByRole('button', { name: 'Undo' }).click()
    await expect(older).toBeVisible()
  })

  await german.fill('Schau dich um')
  await expect(older).toBeHidden()
})

test('what is older in a draft of a bundle or an offer is said beside it, and in the Publish room', async ({ page }) => {
  await page.goto('/bundles/SET-02')
  const bundle = editorOf(page, 'Bundle')
  const description = bundle.getByLabel('Description, en')
  const before = await description.inputValue()
  await description.fill('All in one box.')
  await expect(bundle.getByText(written(before))).toBeVisible()
  await description.blur()

  await page.goto('/offers/to-light-it-with')
  const offer = editorOf(page, 'Together offer')
  await offer.getByLabel('Heading, en').fill('To get it going')
  await offer.getByLabel('Heading, en').press('Enter')
  await expect(offer.getByText(written('To light it with'))).toBeVisible()

  await page.goto('/publish')
  const effects = effectsOf(page)
  await expect(effects.getByText('“To get it going”: German words are older than the English ones')).toBeVisible()
  await page.goto('/offers/to-light-it-with')
  await offer.getByRole('button', { name: 'It still fits' }).click()
  await page.goto('/publish')
  await expect(effects.getByText('German words are older')).toHaveCount(1)
})
