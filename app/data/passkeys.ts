import { browserSupportsWebAuthn, startAuthentication, startRegistration } from '@simplewebauthn/browser'
import type { Me, PasskeyShown } from '../../core/access/people'
import { meSchema, passkeyQuestionSchema, passkeysAnswerSchema } from '../../core/access/people'
import { callApi } from './callApi'

/** Whether passkeys can be used here. @param at the origin where the server takes them */
export const hasPasskeys = (at: string | null) => at === location.origin && browserSupportsWebAuthn()

/** The browser, or whoever uses it, did not want to: nothing has happened. */
export class PasskeyNotUsed extends Error {}

const asked = (path: string) => callApi(passkeyQuestionSchema, path, { method: 'POST', body: {} })

async function answered<T>(work: Promise<T>): Promise<T> {
  return work.catch((error: Error) => {
    throw new PasskeyNotUsed(error.message)
  })
}

/** Has the browser make a passkey. Returns all of one's own. @throws PasskeyNotUsed */
export async function makePasskey(): Promise<PasskeyShown[]> {
  const { attempt, options } = await asked('/api/account/passkeys/options')
  const response = await answered(startRegistration({ optionsJSON: options as never }))
  return (await callApi(passkeysAnswerSchema, '/api/account/passkeys', { method: 'POST', body: { attempt, response } })).passkeys
}

/** Signs in with a passkey that the browser has. @throws PasskeyNotUsed */
export async function signInWithPasskey(): Promise<Me> {
  const { attempt, options } = await asked('/api/sign-in/passkey/options')
  const response = await answered(startAuthentication({ optionsJSON: options as never }))
  return callApi(meSchema, '/api/sign-in/passkey', { method: 'POST', body: { attempt, response } })
}
