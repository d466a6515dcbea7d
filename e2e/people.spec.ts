import type { Page } from '@playwright/test'
import { hasNoViolations } from './axe'
import { asAdmin } from './demoServer'
import { inviteAs, password, signIn } from './signIn'
import { publishRoom } from './studio'
import { expect, test } from './test'

async function signInWith(page: Page, email: string, word: string): Promise<void> {
  await page.getByLabel('E-mail').fill(email)
  await page.getByLabel('Password').fill(word)
  await page.getByRole('button', { name: 'Sign in', exact: true }).click()
}
const bench = (page: Page) => page.getByRole('region', { name: 'Bench' })

test.describe('with nobody signed in', () => {
  test.use({ role: null })

  test('the studio asks who one is, leads on to where one wanted to go, and signs out', async ({ page }) => {
    await page.goto('/products/EX-210')
    await expect(page).toHaveURL(/\/sign-in\?to=/)
    await hasNoViolations(page)
    await signInWith(page, 'nobody@demo.example', 'a password that is long')
    await expect(page.getByRole('alert')).toHaveText('This address and this password don’t belong together.')
    await page.getByRole('button', { name: 'Go in as the demo merchandiser' }).click()
    await expect(page).toHaveURL(/\/products\/EX-210$/)
    await expect(bench(page)).toContainText('Two-frame extractor')
    await page.getByRole('button', { name: 'You: Demo merchandiser' }).click()
    await expect(page.getByText('publisher', { exact: true })).toBeVisible()
    await expect(page.getByText('People and tokens')).toHaveCount(0)
    await page.getByText('Sign out').click()
    await expect(page).toHaveURL(/\/sign-in$/)
    // The way back leads nowhere.
    await page.goBack()
    await expect(page).toHaveURL(/\/sign-in/)
  })

  test('a link that is used up, or made up, says so', async ({ page, context, freshShop }) => {
    await page.goto('/join#made-up')
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('This link holds no more')
    const key = await inviteAs(context, freshShop.url, 'editor')
    await page.goto('/sign-in')
    await page.goto(`/join#${key}`)
    await expect(page.getByText('You were invited as editor')).toBeVisible()
    await hasNoViolations(page)
    await page.getByLabel('Your name').fill('Ansgar Peil')
    await page.getByLabel('E-mail').fill('ansgar@demo.example')
    // What the field itself would refuse, refused by the server as well.
    await page.getByLabel('Password').evaluate(field => field.removeAttribute('minlength'))
    await page.getByLabel('Password').fill('too short')
    await page.getByRole('button', { name: 'Go in' }).click()
    await expect(page.getByRole('alert')).toContainText('A password has at least 15 characters')
    await page.getByLabel('Password').fill(password)
    await page.getByRole('button', { name: 'Go in' }).click()
    await expect(page).toHaveURL(/\/products$/)
    await page.goto('/shop')
    await page.goto(`/join#${key}`)
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('This link holds no more')
  })

  test('whoever tries passwords is slowed down, also when one of them is right', async ({ request, freshShop: { url }, context }) => {
    const key = await inviteAs(context, url, 'editor')
    await request.post('/api/join', { data: { key, name: 'E', email: 'e@demo.example', password } })
    const attempt = async (word: string) => {
      const answer = await fetch(`${url}/api/sign-in`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ email: 'E@demo.example', password: word }),
      })
      return { status: answer.status, after: answer.headers.get('retry-after') }
    }
    expect((await attempt(password)).status).toBe(200)
    for (let i = 0; i < 5; i++) expect((await attempt('wrong wrong wrong')).status).toBe(401)
    const { status, after } = await attempt(password)
    expect(status).toBe(429)
    expect(Number(after)).toBeGreaterThan(800)
  })
})

test.describe('as an admin', () => {
  test.use({ role: 'admin' })

  test('somebody is invited, given another role, and let in no more', async ({ page, browser }) => {
    await page.goto('/products')
    await page.getByRole('button', { name: 'You: The admin' }).click()
    await page.getByText('People and tokens').click()
    await page.getByRole('button', { name: 'Invite somebody' }).click()
    await page.getByLabel('Their name').fill('Ansgar Peil')
    await page.getByRole('button', { name: 'Make the link' }).click()
    const link = await page.getByRole('textbox', { name: 'Link' }).inputValue()
    await page.getByRole('button', { name: 'Close' }).click()
    await expect(page.getByRole('row', { name: /Ansgar Peil/ })).toContainText('Invited')
    await hasNoViolations(page)

    const other = await browser.newContext()
    const theirs = await other.newPage()
    await theirs.goto(link)
    await expect(theirs.getByLabel('Your name')).toHaveValue('Ansgar Peil')
    await theirs.getByLabel('E-mail').fill('ansgar@demo.example')
    await theirs.getByLabel('Password').fill(password)
    await theirs.getByRole('button', { name: 'Go in' }).click()
    await expect(theirs.getByRole('button', { name: 'You: Ansgar Peil' })).toBeVisible()
    // An editor drafts, and does not publish.
    const publish = { type: 'publish', sections: ['related'], plans: [] }
    const refused = await theirs.request.post('/api/commands', { data: publish })
    expect([refused.status(), ((await refused.json()) as { detail: string }).detail]).toEqual([
      403,
      'This takes a publisher; you are an editor. Nothing was changed.',
    ])
    const linked = { type: 'link', kind: 'related', on: [{ source: 'HAT' }], targets: ['PEN'] }
    expect((await theirs.request.post('/api/commands', { data: linked })).status()).toBe(200)

    await page.reload()
    await page.getByLabel('Role of Ansgar Peil').locator('xpath=ancestor::*[contains(@class,"v-field")][1]').click()
    await page.getByRole('option', { name: 'viewer' }).click()
    await expect(page.locator('.message-bar')).toContainText('Ansgar Peil is viewer now.')
    // It holds with the next step; also for what was done before.
    expect((await theirs.request.post('/api/undo', { data: {} })).status()).toBe(403)

    await page.getByRole('button', { name: 'Remove Ansgar Peil' }).click()
    await page.getByRole('dialog').getByRole('button', { name: 'Remove' }).click()
    await expect(page.locator('.message-bar')).toContainText('Removed Ansgar Peil.')
    expect((await theirs.request.get('/api/shop')).status()).toBe(401)
    await other.close()
    // What they did stays, with their name.
    const { entries } = (await (await page.request.get('/api/history?limit=1')).json()) as { entries: object[] }
    expect(entries[0]).toMatchObject({ mine: false, by: 'Ansgar Peil' })
    await page.getByRole('button', { name: 'Remove The admin' }).click()
    await page.getByRole('dialog').getByRole('button', { name: 'Remove' }).click()
    await expect(page.locator('.message-bar')).toContainText('The last admin stays one')
  })

  test('a program gets a token, which is shown once and can be taken back', async ({ page, freshShop: { url } }) => {
    await page.goto('/people')
    await page.getByRole('button', { name: 'Make a token' }).click()
    await page.getByLabel('What the program is called').fill('Stock feed')
    await page.getByLabel(/exchange:read/).check()
    await page.getByRole('button', { name: 'Make it' }).click()
    const token = await page.getByRole('textbox', { name: 'Stock feed' }).inputValue()
    await page.getByRole('button', { name: 'Close' }).click()
    const exported = () => fetch(`${url}/api/exchange/export?kind=links`, { headers: { authorization: `Bearer ${token}` } })
    expect((await exported()).status).toBe(200)
    await page.reload()
    await expect(page.getByRole('listitem').filter({ hasText: 'Stock feed' })).toContainText('last used')
    expect(await page.content()).not.toContain(token)
    await page.getByRole('button', { name: 'Take back the token of Stock feed' }).click()
    await expect(page.getByText('No program has a token.')).toBeVisible()
    expect((await exported()).status).toBe(401)
  })

  test('a password is changed, which signs out everywhere else; whoever is signed out goes on where they were', async ({
    page,
    browser,
  }) => {
    const other = await browser.newContext()
    const elsewhere = await other.newPage()
    await elsewhere.goto('/sign-in')
    await signInWith(elsewhere, 'admin@demo.example', password)
    await expect(elsewhere).toHaveURL(/\/products$/)
    await elsewhere.goto('/products/EX-210')
    await expect(bench(elsewhere)).toContainText('Two-frame extractor')

    await page.goto('/account')
    await hasNoViolations(page)
    await page.getByLabel('The one you have').fill('not this one at all')
    await page.getByLabel('The new one').fill('another battery staple')
    await page.getByRole('button', { name: 'Change it' }).click()
    await expect(page.locator('.message-bar')).toContainText('The password that you have now is another one.')
    await page.getByLabel('The one you have').fill(password)
    await page.getByRole('button', { name: 'Change it' }).click()
    await expect(page.locator('.message-bar')).toContainText('you are signed out in 1 other place')

    // There the next thing that is asked for says so; signed in again, everything is as it was.
    await elsewhere.getByRole('region', { name: 'Products', exact: true }).getByRole('searchbox').fill('smoker')
    await expect(elsewhere.getByRole('dialog', { name: 'You are signed out' })).toBeVisible()
    await signInWith(elsewhere, 'admin@demo.example', password)
    await expect(elsewhere.getByRole('alert')).toContainText('don’t belong together')
    await signInWith(elsewhere, 'admin@demo.example', 'another battery staple')
    await expect(elsewhere.getByRole('dialog', { name: 'You are signed out' })).toBeHidden()
    await expect(elsewhere).toHaveURL(/\/products\/EX-210/)
    await expect(bench(elsewhere)).toContainText('Two-frame extractor')
    await other.close()

    await page.getByRole('textbox', { name: 'Name' }).fill('Wilma Oster')
    await page.getByRole('button', { name: 'plum' }).click()
    await page.getByRole('button', { name: 'Save' }).click()
    await expect(page.getByRole('button', { name: 'You: Wilma Oster' })).toBeVisible()
  })
})

test.describe('as a viewer', () => {
  test.use({ role: 'viewer' })

  test('everything is seen and nothing changed', async ({ page }) => {
    await page.goto('/products/SMO-M')
    await page.getByRole('button', { name: 'You: The viewer' }).click()
    await expect(page.getByText('You see everything and change nothing')).toBeVisible()
    await page.keyboard.press('Escape')
    const card = bench(page).locator('[data-target]').first()
    await card.focus()
    const targets = () =>
      bench(page)
        .locator('[data-target]')
        .evaluateAll(all => all.map(each => each.getAttribute('data-target')))
    const before = await targets()
    await page.keyboard.press('Delete')
    await expect(page.locator('.message-bar')).toContainText('This takes an editor; you are a viewer.')
    await expect.poll(targets).toEqual(before)
    await page.goto('/people')
    await expect(page.getByText('People and tokens are for admins')).toBeVisible()
  })
})

test('the demo’s merchandiser lets nobody in', async ({ freshShop: { url }, context }) => {
  expect((await context.request.get('/api/people')).status()).toBe(403)
  const people = (await (await fetch(`${url}/api/people`, { headers: asAdmin })).json()) as { people: { role: string }[] }
  expect(people.people.map(each => each.role)).toEqual(['publisher'])
})

test.describe('as an editor', () => {
  test.use({ role: 'editor' })

  test('others see that one is here; drafts are shown to somebody who is asked for a look, and published by a publisher', async ({
    page,
    browser,
    freshShop,
  }) => {
    const other = await browser.newContext()
    await signIn(other, freshShop, 'publisher')
    const theirs = await other.newPage()
    await theirs.goto('/products')
    await page.addInitScript(() => localStorage.setItem('manada-tried', 'EX-210'))
    await page.goto('/sections/related')
    await expect(theirs.getByRole('img', { name: 'Also here: The editor' })).toBeVisible()
    await expect(page.getByRole('img', { name: 'Also here: Demo merchandiser' })).toBeVisible()
    await other.close()
    await expect(page.getByRole('img', { name: /Also here/ })).toBeHidden()

    const heading = page.getByLabel('Heading, en')
    await heading.fill('Only drafted so far')
    await heading.press('Enter')
    await expect(page.getByRole('region', { name: 'Section', exact: true }).getByText('changed', { exact: true })).toBeVisible()
    await page.getByRole('button', { name: 'Publish', exact: true }).click()
    await expect(publishRoom(page)).toContainText('Publishing takes a publisher')
    await expect(publishRoom(page).getByRole('button', { name: /^Publish 1/ })).toBeDisabled()
    await publishRoom(page).getByRole('button', { name: 'Leave it' }).click()

    await page.getByRole('button', { name: 'Page', exact: true }).click()
    await page.getByRole('button', { name: 'Ask somebody for a look' }).click()
    const link = await page.getByRole('textbox', { name: 'A link to this page as it will be' }).inputValue()
    const guest = await browser.newContext()
    const asked = await guest.newPage()
    await asked.goto(link)
    await expect(asked.getByRole('heading', { name: 'Only drafted so far' })).toBeVisible()
    // Of Manada they see nothing else; and what shoppers see is as it was.
    expect((await guest.request.get('/api/drafts')).status()).toBe(401)
    await asked.goto(link.replace(/preview=[^&]*/, 'preview=1'))
    await expect(asked.getByRole('heading', { level: 1 })).toHaveText('This look at what is drafted is over')
    await asked.goto('/shop/products/EX-210')
    await expect(asked.getByRole('heading', { name: 'Only drafted so far' })).toHaveCount(0)
    await guest.close()
  })
})
