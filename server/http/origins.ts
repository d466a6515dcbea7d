import type { IncomingHttpHeaders } from 'node:http'

const reading: ReadonlySet<string | undefined> = new Set(['GET', 'HEAD', 'OPTIONS'])

/**
 * Whether a request may come from where it comes from. Reading may be asked for from anywhere (what another page may read of the answer is
 * another question); what writes only by pages of this server, or by programs, which say nothing of where they are.
 * Sources: W3C Fetch Metadata Request Headers, §2 (Sec-Fetch-Site); RFC 6454 (Origin).
 */
export function isFromHere(method: string | undefined, headers: IncomingHttpHeaders): boolean {
  if (reading.has(method)) return true
  const site = headers['sec-fetch-site']
  // “none” is a person's own doing, such as a bookmark.
  if (site !== undefined && site !== 'same-origin' && site !== 'none') return false
  const { origin, host } = headers
  return origin === undefined || originHost(origin) === host?.toLowerCase()
}

/** The host of an origin, with its port if that is not the usual one; null: it is none, as of a page in a sandbox. */
function originHost(origin: string): string | null {
  return URL.canParse(origin) ? new URL(origin).host : null
}
