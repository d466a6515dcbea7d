import { IncomingMessage } from 'node:http'
import type { EventHandler, H3Event } from 'h3'
import xxhash from 'xxhash-wasm'
import { jsonBytes } from '../../core/text/byteText'
import { toProblem } from '../utils/problem'

const { h64Raw } = await xxhash()
/** Where bytes stand while they are hashed. */
let bytes = Buffer.alloc(64 * 1024)

/** XXH64 of a byte text. */
function hashOf(body: string): string {
  if (body.length > bytes.length) bytes = Buffer.alloc(2 * body.length)
  return h64Raw(bytes.subarray(0, bytes.write(body, 'latin1'))).toString(36)
}

/**
 * A public, read-only JSON route: any shop's pages may call it, and may keep the answer as long as they ask whether it still holds
 * (RFC 9110 §13.1.2, If-None-Match). It answers by itself, past what the server does for routes of any kind.
 * @param answer what to answer; a text is the bytes of JSON already
 */
export function publicAnswer(answer: (event: H3Event) => Promise<object | string>): EventHandler {
  return defineEventHandler(async event => {
    try {
      send(event, await answer(event))
    } catch (error) {
      const { details, retryAfter } = toProblem(error, event.method)
      const headers = {
        ...(retryAfter !== null && { 'retry-after': String(retryAfter) }),
        ...(details.status === 401 && { 'www-authenticate': 'Bearer' }),
        'access-control-allow-origin': '*',
        'x-content-type-options': 'nosniff',
        'content-type': 'application/problem+json',
        'cache-control': 'no-store',
      }
      event.node.res.writeHead(details.status, headers).end(JSON.stringify(details))
    }
  })
}

const json = 'application/json; charset=utf-8'
const kept = 'public, max-age=0, must-revalidate'
/** Of what depends on who asks. */
const keptNowhere = 'private, no-store'

function send({ context, node: { req, res } }: H3Event, found: object | string): void {
  const body = typeof found === 'string' ? found : jsonBytes(found)
  // What the server asks of itself, while it renders a page, is taken without a look at its encoding.
  if (!(req instanceof IncomingMessage)) {
    res.setHeader('content-type', json)
    res.end(Buffer.from(body, 'latin1'))
    return
  }
  const etag = `"${hashOf(body)}"`
  // In this form they cost the least.
  const headers = [
    'access-control-allow-origin',
    '*',
    'x-content-type-options',
    'nosniff',
    'etag',
    etag,
    'cache-control',
    context.isPrivate ? keptNowhere : kept,
  ]
  if (matches(req.headers['if-none-match'], etag)) {
    res.writeHead(304, headers).end()
    return
  }
  headers.push('content-type', json, 'content-length', String(body.length))
  res.writeHead(200, headers).end(body, 'latin1')
}

/** Weak comparison, as RFC 9110 asks for with If-None-Match. */
function matches(header: string | undefined, etag: string): boolean {
  if (!header) return false
  return header.trim() === '*' || header.split(',').some(each => each.trim().replace(/^W\//, '') === etag)
}
