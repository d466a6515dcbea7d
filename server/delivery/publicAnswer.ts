import { hash } from 'node:crypto'
import type { EventHandler, H3Event } from 'h3'
import { api } from '../utils/problem'

/**
 * A public, read-only JSON route: any shop's pages may call it, and may keep the answer as long as they ask whether it still holds
 * (RFC 9110 §13.1.2, If-None-Match).
 * @param answer what to answer; a text is JSON already
 */
export function publicAnswer(answer: (event: H3Event) => Promise<object | string>): EventHandler {
  return api(async event => {
    setResponseHeader(event, 'access-control-allow-origin', '*')
    const found = await answer(event)
    const body = typeof found === 'string' ? found : JSON.stringify(found)
    const etag = `"${hash('sha1', body, 'base64url')}"`
    setResponseHeaders(event, { etag, 'cache-control': 'public, max-age=0, must-revalidate' })
    if (matches(getHeader(event, 'if-none-match'), etag)) {
      setResponseStatus(event, 304)
      return null
    }
    setResponseHeader(event, 'content-type', 'application/json; charset=utf-8')
    return body
  })
}

/** Weak comparison, as RFC 9110 asks for with If-None-Match. */
function matches(header: string | undefined, etag: string): boolean {
  if (!header) return false
  return header.trim() === '*' || header.split(',').some(each => each.trim().replace(/^W\//, '') === etag)
}
