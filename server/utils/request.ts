import { IncomingMessage } from 'node:http'
import { parse } from 'fast-querystring'
import type { H3Event } from 'h3'
import type { z } from 'zod'

/**
 * The decoded part of the path with this name. It is taken from the address as it was sent: routes are looked for in a decoded one, where a
 * product's “?” and the end of the path are the same.
 */
export function pathPart(event: H3Event, name: string): string {
  const place = event.context.matchedRoute!.path.split('/').indexOf(`:${name}`)
  return decoded(sentAddress(event).split('?', 1)[0]!.split('/')[place] ?? '')
}

const sentAddress = ({ node: { req } }: H3Event): string => (req as { originalUrl?: string }).originalUrl ?? req.url ?? '/'

/** @throws Problem when the percent-encoding is broken, or there is a NUL in it */
export function decoded(part: string): string {
  refuseNul(part)
  try {
    return decodeURIComponent(part)
  } catch {
    throw new Problem(400, 'malformed', 'The request is malformed', `The address has a broken percent-encoding: ${part}`)
  }
}

/** No text has a NUL, and databases take it for an end. @param sent as it stands in the address */
function refuseNul(sent: string): void {
  if (sent.includes('%00')) throw new Problem(400, 'malformed', 'The request is malformed', 'There is a NUL (%00) in the address.')
}

/** The query, checked. */
export function queryOf<S extends z.ZodType>(event: H3Event, schema: S): z.infer<S> {
  return schema.parse(parse(searchOf(sentAddress(event))))
}

/** What stands behind the question mark of an address. @throws Problem when there is a NUL in it */
export function searchOf(path: string): string {
  const start = path.indexOf('?')
  if (start < 0) return ''
  const search = path.slice(start + 1)
  refuseNul(search)
  return search
}

/** Bodies above this many bytes are refused; a command is far smaller. */
const longestBody = 1_000_000

/** Milliseconds in which a body has to come. */
const longestSending = 30_000

/** Milliseconds for which the rest of a body that is refused is passed over. */
const lingering = 1000

/** The JSON body, checked. */
export async function bodyOf<S extends z.ZodType>(event: H3Event, schema: S): Promise<z.infer<S>> {
  if (!/^application\/json\b/i.test(getHeader(event, 'content-type') ?? '')) {
    throw new Problem(415, 'not-json', 'The body must be JSON', 'Send the command as application/json.')
  }
  const raw = await bytesOf(
    event,
    longestBody,
    () => new Problem(413, 'too-long', 'The body is too long', `A command has at most ${longestBody} bytes. Nothing was changed.`),
  )
  let body: unknown
  try {
    body = JSON.parse(raw.toString('utf8'))
  } catch {
    throw new Problem(400, 'not-json', 'The body must be JSON', 'The body could not be read as JSON. Nothing was changed.')
  }
  return schema.parse(body)
}

/**
 * The body. Whoever sends more than is taken is told so before the rest has come, whether its length was said before or not.
 * @param most bytes that are taken
 * @throws what tooLong makes
 */
export async function bytesOf(event: H3Event, most: number, tooLong: () => Problem): Promise<Buffer> {
  const { req, res } = event.node
  // The server's own call, while it renders a page.
  if (!(req instanceof IncomingMessage)) return Buffer.from((await readRawBody(event, false)) ?? '')
  const refuse = () => {
    // The rest is not wanted. It is passed over for a moment, so that whoever is still sending can read the answer; then the connection
    // ends.
    req.resume()
    res.once('finish', () => setTimeout(() => req.complete || req.destroy(), lingering).unref())
    return tooLong()
  }
  if (Number(getHeader(event, 'content-length')) > most) throw refuse()
  const pieces: Buffer[] = []
  let length = 0
  const late = setTimeout(() => req.destroy(tooSlow()), longestSending)
  try {
    for await (const piece of req.iterator({ destroyOnReturn: false })) {
      length += (piece as Buffer).length
      if (length > most) throw refuse()
      pieces.push(piece as Buffer)
    }
  } finally {
    clearTimeout(late)
  }
  return Buffer.concat(pieces)
}

const tooSlow = () => new Problem(408, 'too-slow', 'Too slow', `The body did not come within ${longestSending / 1000} seconds.`)

/** Says when whoever asked has gone before they were answered. */
export function askedSignal(event: H3Event): AbortSignal {
  const gone = new AbortController()
  const { res } = event.node
  res.once('close', () => res.writableFinished || gone.abort())
  return gone.signal
}

/** Throws once whoever asked has gone: nobody waits for the answer of long work any more. For `runInSteps`. */
export function whileAsked(event: H3Event): () => void {
  return () => {
    if (event.node.res.destroyed) throw new Problem(499, 'gone', 'Nobody waits for this', 'The connection was closed before the answer.')
  }
}
