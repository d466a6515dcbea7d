import type { BrowserContext } from '@playwright/test'
import { expect } from '@playwright/test'
import type { Role } from '../core/access/roles'
import type { DemoServer } from './demoServer'
import { asAdmin } from './demoServer'

/** What whoever works in a test's browser may do; null: nobody is signed in. */
export type SignedInRole = Role | null
export const password = 'correct horse battery'

/** Signs somebody in with a browser: for the usual role the demo's merchandiser, for any other somebody who is invited for it. */
export async function signIn(browser: BrowserContext, { url, session }: DemoServer, role: SignedInRole): Promise<void> {
  if (!role) return
  if (role === 'publisher') {
    await browser.addCookies([{ name: 'manada-session', value: session, url, httpOnly: true, sameSite: 'Lax' }])
    return
  }
  const key = await inviteAs(browser, url, role)
  await post(browser, `${url}/api/join`, { key, name: `The ${role}`, email: `${role}@demo.example`, password })
}

/** Invites somebody. Returns the key of their link. */
export async function inviteAs(browser: BrowserContext, url: string, role: Role): Promise<string> {
  const { link } = await post(browser, `${url}/api/people/invite`, { name: role, role }, asAdmin)
  return link.slice(link.indexOf('#') + 1)
}

async function post({ request }: BrowserContext, address: string, data: object, headers = {}): Promise<{ link: string }> {
  const answer = await request.post(address, { data, headers })
  expect(answer.status(), `${address}: ${await answer.text()}`).toBe(200)
  return (await answer.json()) as { link: string }
}
