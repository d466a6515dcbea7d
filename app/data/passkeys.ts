import { browserSupportsWebAuthn, startAuthentication, startRegistration } from '@simplewebauthn/browser'
import type { Confirmation, Me, PasskeyAnswer, PasskeyShown } from '../../core/access/people'
import { meSchema, passkeyQuestionSchema, passkeysAnswerSchema } from '../../core/access/people'
import { callApi } from './callApi'

/** Whether passkeys can be used here. @param at the origin where the server takes them */
export const hasPasskeys = (at: string | null) => at === location.origin && browserSupportsWebAuthn()

/** The browser, or whoever uses it, did not want to: nothing has happened. */
export class PasskeyNotUsed extends Error {}

const asked = (path: string, body: object = {}) => callApi(passkeyQuestionSchema, path, { method: 'POST', body })

async function answered<T>(work: Promise<T>): Promise<T> {
  return work.catch((error: Error) => {
    throw new PasskeyNotUsed(error.message)
  })
}

/** What the browser answers to a question for a passkey. */
async function answerTo(path: string): Promise<PasskeyAnswer> {
  const { attempt, options } = await asked(path)
  return { attempt, response: { ...(await answered(startAuthentication({ optionsJSON: options as never }))) } }
}

/** Has the browser make a passkey. Returns all of one's own. @throws PasskeyNotUsed */
export async function makePasskey(confirmation: Confirmation): Promise<PasskeyShown[]> {
  const { attempt, options } = await asked('/api/account/passkeys/options', confirmation)
  const response = await answered(startRegistration({ optionsJSON: options as never }))
  return (await callApi(passkeysAnswerSchema, '/api/account/passkeys', { method: 'POST', body: { attempt, response } })).passkeys
}

/** Shows by a passkey that it is oneself who is signed in. @throws PasskeyNotUsed */
export const passkeyOfOneself = () => answerTo('/api/account/passkeys/own')

/** Signs in with a passkey that the browser has. @throws PasskeyNotUsed */
export const signInWithPasskey = async (): Promise<Me> =>
  callApi(meSchema, '/api/sign-in/passkey', { method: 'POST', body: await answerTo('/api/sign-in/passkey/options') })
