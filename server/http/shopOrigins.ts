import type { IncomingHttpHeaders } from 'node:http'

/** What a shop's own pages send: these two alone are taken from other origins. */
const sendable = /^\/api\/shop\/v1\/(?:cart|orders)(?:\?|$)/

/**
 * Tells from which other pages carts and orders are taken.
 * @param list origins of shops, separated by commas: `https://shop.example`
 * @returns the origin that a request may come from although it is another one; null: none
 */
export function shopOriginsFrom(list: string): (url: string | undefined, headers: IncomingHttpHeaders) => string | null {
  const known = new Set(
    list
      .split(',')
      .map(each => each.trim().toLowerCase())
      .filter(Boolean),
  )
  return (url, { origin }) => (origin !== undefined && sendable.test(url ?? '') && known.has(origin.toLowerCase()) ? origin : null)
}

/** What such a page may read of the answer, and send (W3C/WHATWG Fetch, §3.2, CORS protocol). */
export const shopOriginHeaders = (origin: string): Record<string, string> => ({
  'access-control-allow-origin': origin,
  'vary': 'Origin',
  'access-control-allow-methods': 'POST',
  'access-control-allow-headers': 'content-type, idempotency-key',
  'access-control-expose-headers': 'retry-after',
  'access-control-max-age': '600',
})
