import { createHmac, timingSafeEqual } from 'node:crypto'

/**
 * A word that opens drafts to whoever is given it, until a time; whoever has the secret can tell that it is right, and nobody else can make
 * one (HMAC, RFC 2104).
 * @param until milliseconds since 1970
 */
export function makePreviewToken(secret: string, until: number): string {
  const time = Math.floor(until / 1000).toString(36)
  return `${time}.${signatureOf(secret, time)}`
}

/** Whether a word opens drafts now. */
export function isPreviewToken(secret: string, word: string, now: number): boolean {
  const [, time, signature] = /^([0-9a-z]{1,9})\.([\w-]{43})$/.exec(word) ?? []
  if (time === undefined || parseInt(time, 36) * 1000 <= now) return false
  return timingSafeEqual(Buffer.from(signature!), Buffer.from(signatureOf(secret, time)))
}

const signatureOf = (secret: string, time: string) => createHmac('sha256', secret).update(`preview ${time}`).digest('base64url')
