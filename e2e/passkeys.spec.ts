import type { Page } from '@playwright/test'
import { asAdmin } from './demoServer'
import { inviteAs, password } from './signIn'
import { expect, test } from './test'

test.use({ role: null })

/** A device with fingerprints, as the browser's protocol for tests has it (W3C Web Authentication Level 3, §11). */
async function addDevice(page: Page): Promise<void> {
  const cdp = await page.context().newCDPSession(page)
  await cdp.send('WebAuthn.enable')
  const options = {
    protocol: 'ctap2',
    transport: 'internal',
    hasResidentKey: true,
    hasUserVerification: true,
    isUserVerified: true,
  } as const
  await cdp.send('WebAuthn.addVirtualAuthenticator', { options })
}

/** Somebody closes what the browser asks next. */
const closeNext = (page: Page, what: 'create' | 'get') =>
  page.evaluate(name => {
    const { credentials } = navigator
    const own = credentials[name].bind(credentials)
    credentials[name] = () => {
      credentials[name] = own as never
      return Promise.reject(new DOMException('Closed.', 'NotAllowedError'))
    }
  }, what)

test('somebody makes a passkey, signs in with it, and takes it away', async ({ page, context, freshShop }) => {
  // A browser makes none for an address without a name.
  const url = freshShop.url.replace('127.0.0.1', 'localhost')
  await freshShop.stop()
  await freshShop.start('hidden', { MANADA_ADDRESS: url })
  await addDevice(page)
  const key = await inviteAs(context, freshShop.url, 'editor')
  await page.goto(`${url}/join#${key}`)
  await page.getByLabel('Your name').fill('Ansgar Peil')
  await page.getByLabel('E-mail').fill('ansgar@demo.example')
  await page.getByLabel('Password').fill(password)
  await page.getByRole('button', { name: 'Go in' }).click()
  await expect(page).toHaveURL(/\/products$/)

  await page.goto(`${url}/account`)
  const passkeys = page.getByRole('region', { name: 'Passkeys' })
  const add = passkeys.getByRole('button', { name: 'Add a passkey of this device' })
  const dialog = page.getByRole('dialog', { name: 'Is it you?' })
  // Whoever comes by a browser that was left open makes no lasting way in.
  expect((await page.request.post(`${url}/api/account/passkeys/options`, { data: {} })).status()).toBe(400)
  expect((await page.request.post(`${url}/api/account/passkeys/options`, { data: { password: 'wrong wrong wrong' } })).status()).toBe(403)
  expect((await page.request.post(`${url}/api/account/passkeys/own`, { data: {} })).status()).toBe(404)
  await add.click()
  await dialog.getByLabel('Your password').fill('another battery')
  await dialog.getByRole('button', { name: 'Go on' }).click()
  await expect(dialog.getByRole('alert')).toHaveText('The password that you have now is another one.')
  await closeNext(page, 'create')
  await dialog.getByLabel('Your password').fill(password)
  await page.keyboard.press('Enter')
  await expect(page.getByText('No passkey was made.')).toBeVisible()
  await expect(dialog).toHaveCount(0)
  await add.click()
  await expect(dialog.getByRole('button', { name: 'Use a passkey I have' })).toHaveCount(0)
  await dialog.getByLabel('Your password').fill(password)
  await page.keyboard.press('Enter')
  await expect(passkeys.getByRole('listitem')).toHaveCount(1)
  await expect(passkeys.getByRole('listitem')).toContainText('not used yet')

  await page.getByRole('button', { name: 'You: Ansgar Peil' }).click()
  await page.getByText('Sign out', { exact: true }).click()
  await expect(page).toHaveURL(/\/sign-in$/)
  await closeNext(page, 'get')
  await page.getByRole('button', { name: 'Sign in with a passkey' }).click()
  await expect(page.getByRole('alert')).toHaveText('No passkey was used. Try again, or sign in with your password.')
  const sent = page.waitForRequest(each => each.url().endsWith('/api/sign-in/passkey'))
  await page.getByRole('button', { name: 'Sign in with a passkey' }).click()
  await expect(page).toHaveURL(/\/products$/)
  await page.goto(`${url}/account`)
  await expect(passkeys.getByRole('listitem')).toContainText('last used')

  // What was answered once is no answer again, also to another question.
  const post = async (path: string, body: object) => {
    const answer = await fetch(`${url}${path}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    })
    return { status: answer.status, ...((await answer.json()) as { type?: string; attempt?: string }) }
  }
  const { response, attempt } = (await sent).postDataJSON() as { response: object; attempt: string }
  expect(await post('/api/sign-in/passkey', { response, attempt })).toMatchObject({ status: 409 })
  const { attempt: another } = await post('/api/sign-in/passkey/options', {})
  expect(await post('/api/sign-in/passkey', { response, attempt: another })).toMatchObject({
    status: 401,
    type: 'urn:manada:problem:wrong-passkey',
  })
  const { attempt: third } = await post('/api/sign-in/passkey/options', {})
  expect(await post('/api/sign-in/passkey', { response: { id: 'unheard-of' }, attempt: third })).toMatchObject({ status: 401 })

  await passkeys.getByRole('button', { name: /^Remove the passkey of/ }).click()
  await expect(passkeys.getByRole('listitem')).toHaveCount(0)
  await page.getByRole('button', { name: 'You: Ansgar Peil' }).click()
  await page.getByText('Sign out', { exact: true }).click()
  await page.getByRole('button', { name: 'Sign in with a passkey' }).click()
  await expect(page.getByRole('alert')).toHaveText('This passkey is not known here.')
})

test('a passkey shows that it is oneself, and goes with a password that others may know', async ({ page, context, freshShop }) => {
  const url = freshShop.url.replace('127.0.0.1', 'localhost')
  await freshShop.stop()
  await freshShop.start('hidden', { MANADA_ADDRESS: url })
  await addDevice(page)
  const key = await inviteAs(context, freshShop.url, 'editor')
  const join = { key, name: 'Wilma', email: 'wilma@demo.example', password }
  expect((await page.request.post(`${url}/api/join`, { data: join })).status()).toBe(200)
  await page.goto(`${url}/account`)
  const passkeys = page.getByRole('region', { name: 'Passkeys' })
  const add = passkeys.getByRole('button', { name: 'Add a passkey of this device' })
  const dialog = page.getByRole('dialog', { name: 'Is it you?' })
  await add.click()
  await dialog.getByLabel('Your password').fill(password)
  await page.keyboard.press('Enter')
  await expect(passkeys.getByRole('listitem')).toHaveCount(1)

  await add.click()
  await closeNext(page, 'get')
  await dialog.getByRole('button', { name: 'Use a passkey I have' }).click()
  await expect(dialog.getByRole('alert')).toHaveText('No passkey was used. Try again.')
  const sent = page.waitForRequest(each => each.url().endsWith('/api/account/passkeys/options'))
  await dialog.getByRole('button', { name: 'Use a passkey I have' }).click()
  // The device has one already, and makes no second.
  await expect(page.getByText('No passkey was made.')).toBeVisible()
  await page.reload()
  await expect(passkeys.getByRole('listitem')).toContainText('last used')
  // What has shown it once shows it no more.
  const { passkey } = (await sent).postDataJSON() as { passkey: { attempt: string; response: object } }
  expect((await page.request.post(`${url}/api/account/passkeys/options`, { data: { passkey } })).status()).toBe(409)
  const { attempt } = (await (await page.request.post(`${url}/api/sign-in/passkey/options`, { data: {} })).json()) as { attempt: string }
  const mixed = { passkey: { ...passkey, attempt } }
  expect((await page.request.post(`${url}/api/account/passkeys/options`, { data: mixed })).status()).toBe(409)

  const ownPassword = page.getByRole('region', { name: 'Password' })
  await ownPassword.getByLabel('The one you have').fill(password)
  await ownPassword.getByLabel('The new one').fill('horse staple correct')
  await ownPassword.getByLabel(/^Take my passkey away too/).check()
  await ownPassword.getByRole('button', { name: 'Change it' }).click()
  await expect(page.getByText('Your password is another now, your passkey is gone.')).toBeVisible()
  await expect(passkeys.getByRole('listitem')).toHaveCount(0)
  await expect(ownPassword.getByRole('checkbox')).toHaveCount(0)
})

test('where browsers make no passkeys none are offered, and it is said why', async ({ page, context, freshShop: { url } }) => {
  await page.goto('/sign-in')
  await expect(page.getByRole('button', { name: 'Sign in', exact: true })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Sign in with a passkey' })).toHaveCount(0)
  const refused = await context.request.post(`${url}/api/sign-in/passkey/options`, { data: {} })
  expect(refused.status()).toBe(404)
  await page.getByRole('button', { name: 'Go in as the demo merchandiser' }).click()
  await expect(page).toHaveURL(/\/products$/)
  await page.goto('/account')
  await expect(page.getByRole('region', { name: 'Passkeys' })).toContainText('Passkeys need an address with a name and TLS.')
  await expect(page.getByRole('region', { name: 'Password' })).toHaveText(/You have none: whoever tries the demo goes in without\./)
  expect((await context.request.get(`${url}/api/account/passkeys`, { headers: asAdmin })).status()).toBe(404)
})
