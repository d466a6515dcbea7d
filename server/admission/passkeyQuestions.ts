import { randomUUID } from 'node:crypto'
import { isIP } from 'node:net'
import {
  generateAuthenticationOptions,
  generateRegistrationOptions,
  verifyAuthenticationResponse,
  verifyRegistrationResponse,
} from '@simplewebauthn/server'
import type { PasskeyAnswer } from '../../core/access/people'
import type { Person } from '../access/accessBook'
import type { Passkey } from '../access/passkeys'
import { publicAddress } from '../http/door'
import { Problem } from '../utils/problem'

/*
 * What browsers are asked and answer when somebody makes a passkey or signs in with one (W3C Web Authentication Level 3, §7). Names come
 * from the address that people reach the server by, which is a setting.
 */

type Transports = NonNullable<Parameters<typeof generateRegistrationOptions>[0]['excludeCredentials']>[0]['transports']

/** Milliseconds in which a question has to be answered. */
const longest = 5 * 60_000
const mostOpen = 100_000

/** Questions that are not answered yet: what was asked, and of whom; null: of whoever wants to sign in. */
const open = new Map<string, { challenge: string; person: string | null; until: number }>()

/** The origin at which passkeys can be used; null: browsers make none for an address without a name, or without TLS elsewhere. */
export function passkeysAt(): string | null {
  const { protocol, hostname, origin } = new URL(publicAddress())
  if (hostname === 'localhost') return origin
  return protocol === 'https:' && !isIP(hostname.replace(/^\[|\]$/g, '')) ? origin : null
}

/** @throws Problem when there are no passkeys here */
function site(): { expectedOrigin: string; rpID: string } {
  const origin = passkeysAt()
  if (origin === null)
    throw new Problem(404, 'no-passkeys', 'No passkeys here', 'Passkeys take an address with a name and TLS (MANADA_ADDRESS).')
  return { expectedOrigin: origin, rpID: new URL(origin).hostname }
}

function ask<Options extends { challenge: string }>(options: Options, person: string | null) {
  // The oldest come first.
  for (const [attempt, { until }] of open) {
    if (until >= Date.now() && open.size < mostOpen) break
    open.delete(attempt)
  }
  const attempt = randomUUID()
  open.set(attempt, { challenge: options.challenge, person, until: Date.now() + longest })
  return { attempt, options: { ...options } as Record<string, unknown> }
}

/** What was asked; it can't be answered twice. @throws Problem when it was not asked of this person, or is too long ago */
function askedOf(attempt: string, person: string | null): string {
  const asked = open.get(attempt)
  open.delete(attempt)
  if (!asked || asked.person !== person || asked.until < Date.now())
    throw new Problem(409, 'passkey-late', 'Too late', 'This took too long, or was done already. Try again.')
  return asked.challenge
}

const refused = () => new Problem(401, 'wrong-passkey', 'Not let in', 'This passkey is not known here.')

/** Asks a browser to make a passkey for somebody. @param own those that they have, of which no second is made */
export async function askForPasskey({ id, name, email }: Person, own: readonly Passkey[]) {
  const { rpID } = site()
  const options = await generateRegistrationOptions({
    rpID,
    rpName: 'Manada',
    userID: new TextEncoder().encode(id),
    userName: email,
    userDisplayName: name,
    attestationType: 'none',
    excludeCredentials: own.map(each => ({ id: each.id, transports: each.transports as Transports })),
    // It is all that somebody signs in with: the device must know whom it is for, and who uses it.
    authenticatorSelection: { residentKey: 'required', userVerification: 'required' },
  })
  return ask(options, id)
}

/** The passkey that a browser has made. @throws Problem when it is not one that was asked for */
export async function madePasskey({ id: person }: Person, { attempt, response }: PasskeyAnswer) {
  const { expectedOrigin, rpID } = site()
  const { registrationInfo } = await verifyRegistrationResponse({
    response: response as never,
    expectedChallenge: askedOf(attempt, person),
    expectedOrigin,
    expectedRPID: rpID,
    requireUserVerification: true,
  }).catch(() => ({ registrationInfo: undefined }))
  if (!registrationInfo) throw new Problem(422, 'no-passkey-made', 'Not taken', 'What the browser made is no passkey for this address.')
  const { id, publicKey, counter, transports } = registrationInfo.credential
  return { id, person, publicKey: Buffer.from(publicKey).toString('base64url'), counter, transports: transports ?? [] }
}

/** Asks a browser for any passkey of this address. */
export const askWho = async () => ask(await generateAuthenticationOptions({ rpID: site().rpID, userVerification: 'required' }), null)

/** Asks the browser of somebody who is signed in for one of their own. */
export async function askWhetherThemselves({ id }: Person, own: readonly Passkey[]) {
  const { rpID } = site()
  const allowCredentials = own.map(each => ({ id: each.id, transports: each.transports as Transports }))
  return ask(await generateAuthenticationOptions({ rpID, userVerification: 'required', allowCredentials }), id)
}

/**
 * Checks that somebody has a passkey.
 * @param passkey the one that they say they have; null: it is not known
 * @param asked who was asked; null: whoever wants to sign in
 * @returns how often it was used, as the device says @throws Problem when they don’t
 */
export async function provenPasskey(
  passkey: Passkey | null,
  { attempt, response }: PasskeyAnswer,
  asked: string | null = null,
): Promise<number> {
  const { expectedOrigin, rpID } = site()
  const expectedChallenge = askedOf(attempt, asked)
  if (!passkey) throw refused()
  const { id, publicKey, counter, transports } = passkey
  const { verified, authenticationInfo } = await verifyAuthenticationResponse({
    response: response as never,
    expectedChallenge,
    expectedOrigin,
    expectedRPID: rpID,
    requireUserVerification: true,
    credential: { id, publicKey: new Uint8Array(Buffer.from(publicKey, 'base64url')), counter, transports: transports as Transports },
  }).catch(() => ({ verified: false, authenticationInfo: null }))
  if (!verified || !authenticationInfo) throw refused()
  return authenticationInfo.newCounter
}
