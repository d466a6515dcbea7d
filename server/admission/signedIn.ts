import Bowser from 'bowser'
import type { H3Event } from 'h3'
import { publicAddress } from '../http/door'
import { useShop } from '../running/useShop'
import type { Person } from '../access/accessBook'
import { sessionDays } from '../access/accessBook'

declare module '#auth-utils' {
  interface SecureSessionData {
    session: string
  }
}

export const sessionCookie = 'manada-session'

/** How the session's cookie is sealed and kept. */
const config = () => ({
  name: sessionCookie,
  maxAge: sessionDays * 24 * 3600,
  cookie: { path: '/', httpOnly: true, sameSite: 'lax' as const, secure: publicAddress().startsWith('https:') },
})

/** Signs somebody in with the browser that asks; whoever was signed in with it is no longer. */
export async function signIn(event: H3Event, person: Person): Promise<void> {
  const { access } = await useShop()
  const before = await sessionOf(event)
  if (before) await access.endSession(before)
  const { id } = await access.beginSession(person.id, deviceOf(getHeader(event, 'user-agent') ?? ''))
  await replaceUserSession(event, { secure: { session: id } }, config() as never)
}

export async function signOut(event: H3Event): Promise<void> {
  const session = await sessionOf(event)
  if (!session) return
  const { access } = await useShop()
  await access.endSession(session)
  await clearUserSession(event, config())
}

/** The session of the browser that asks; null: it has none that was ever right. */
export async function sessionOf(event: H3Event): Promise<string | null> {
  // A session that is asked for without one would be begun.
  if (!getCookie(event, sessionCookie)) return null
  // Pages of the delivery contract are asked for at the door, where the server has not noted anything of the request yet.
  event.context.nitro ??= { errors: [] }
  const { secure } = await getUserSession(event)
  return secure?.session ?? null
}

/** A browser in words: “Firefox on Linux”. */
export function deviceOf(userAgent: string): string {
  if (!userAgent) return 'a program'
  const { browser, os } = Bowser.parse(userAgent.slice(0, 300))
  return [browser.name || 'a browser', os.name && `on ${os.name}`].filter(Boolean).join(' ')
}
