import { randomUUID } from 'node:crypto'
import type { H3Event } from 'h3'
import type { z } from 'zod'

/** The decoded part of the path with this name. */
export function pathPart(event: H3Event, name: string): string {
  return decoded(getRouterParam(event, name) ?? '')
}

/** @throws Problem when the percent-encoding is broken */
export function decoded(part: string): string {
  try {
    return decodeURIComponent(part)
  } catch {
    throw new Problem(400, 'malformed', 'The request is malformed', `The address has a broken percent-encoding: ${part}`)
  }
}

/** The query, checked. */
export function queryOf<S extends z.ZodType>(event: H3Event, schema: S): z.infer<S> {
  return schema.parse(getQuery(event))
}

/** Bodies above this many characters are refused; a command is far smaller. */
const longestBody = 1_000_000

/** The JSON body, checked. */
export async function bodyOf<S extends z.ZodType>(event: H3Event, schema: S): Promise<z.infer<S>> {
  if (!/^application\/json\b/i.test(getHeader(event, 'content-type') ?? '')) {
    throw new Problem(415, 'not-json', 'The body must be JSON', 'Send the command as application/json.')
  }
  if (Number(getHeader(event, 'content-length')) > longestBody) throw tooLong()
  const raw = await readRawBody(event) ?? ''
  if (raw.length > longestBody) throw tooLong()
  let body: unknown
  try {
    body = JSON.parse(raw)
  } catch {
    throw new Problem(400, 'not-json', 'The body must be JSON', 'The body could not be read as JSON. Nothing was changed.')
  }
  return schema.parse(body)
}

function tooLong(): Problem {
  return new Problem(413, 'too-long', 'The body is too long', `A command has at most ${longestBody} characters. Nothing was changed.`)
}

/** Who is editing: a name for this browser, kept in a cookie, so that undo takes back one's own changes only. */
export function editorOf(event: H3Event): string {
  const known = getCookie(event, 'manada-editor')
  if (known && /^[\w-]{8,64}$/.test(known)) return known
  const editor = randomUUID()
  setCookie(event, 'manada-editor', editor, { httpOnly: true, sameSite: 'lax', path: '/', maxAge: 365 * 24 * 3600 })
  return editor
}
