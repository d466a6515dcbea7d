import type { IncomingHttpHeaders, IncomingMessage } from 'node:http'
import { Problem } from '../utils/problem'
import { hostsFrom } from './hosts'
import { isFromHere } from './origins'
import { shopOriginsFrom } from './shopOrigins'

const hosts = hostsFrom(process.env.MANADA_HOSTS ?? '')
/** From which other pages a request may come. */
export const shopOrigin = shopOriginsFrom(process.env.MANADA_SHOPS ?? '')

const live = '/api/health/live'

/**
 * Why a request goes no further than the door; null: it may come in. It is asked of every request, before anything is read of it.
 * @param isOpen whether the shop has been read
 */
export function refusalOf({ method, url, headers }: IncomingMessage, isOpen: boolean): Problem | null {
  return notFromHere(method, url, headers) ?? (isOpen || url === live ? null : notOpenYet())
}

/** Nobody waits for a shop that is being read: whoever asks is told to come again. */
const notOpenYet = () => new Problem(503, 'not-ready', 'Not ready yet', 'Manada is reading its data. Ask again in a moment.', [], 2)

function notFromHere(method: string | undefined, url: string | undefined, headers: IncomingHttpHeaders): Problem | null {
  switch (hosts(headers.host)) {
    case 'malformed':
      return new Problem(400, 'malformed', 'The request is malformed', 'Its Host header is not the name of a host.')
    case 'unknown':
      return new Problem(
        421,
        'unknown-host',
        'Not known by this name',
        'Manada does not answer for this host. Whoever runs the server names it in MANADA_HOSTS.',
      )
    case 'known':
      if (isFromHere(method, headers) || shopOrigin(url, headers)) return null
      return new Problem(403, 'foreign-origin', 'Not from here', 'A page of another server asked for this. Nothing was changed.')
  }
}

/** Headers of every answer, but for pages of the delivery contract, which have their own. */
export const commonHeaders: Record<string, string> = {
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'same-origin',
  'permissions-policy': 'camera=(), display-capture=(), geolocation=(), microphone=(), payment=(), usb=()',
  'x-frame-options': 'SAMEORIGIN',
  // Pages have another.
  'content-security-policy': "default-src 'none'; base-uri 'none'; object-src 'none'; frame-ancestors 'self'",
  ...(publicAddress().startsWith('https:') && { 'strict-transport-security': 'max-age=31536000' }),
}

/** Where people reach this server, without a slash at the end: a setting, because a Host header says what its sender likes. */
export function publicAddress(): string {
  const { MANADA_ADDRESS, HOST, PORT } = process.env
  // Where a server listens everywhere, this machine reaches it so.
  const host = !HOST || HOST === '0.0.0.0' || HOST === '::' ? '127.0.0.1' : HOST
  return (MANADA_ADDRESS || `http://${host}:${PORT || '4310'}`).replace(/\/$/, '')
}
