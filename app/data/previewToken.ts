import { z } from 'zod'
import { callApi } from './callApi'

const answerSchema = z.object({ token: z.string(), until: z.string() })
/** A token that is over sooner than this is not begun with, in milliseconds. */
const margin = 10 * 60_000

let kept: z.infer<typeof answerSchema> | null = null

/** What opens the shop's pages as they are drafted, for the studio's own frames. */
export async function framesToken(): Promise<string> {
  if (!kept || Date.parse(kept.until) - Date.now() < margin) kept = await callApi(answerSchema, '/api/preview-token')
  return kept.token
}

/** The same for somebody who is asked for a look. @param days for which it holds */
export async function guestToken(days: number): Promise<string> {
  return (await callApi(answerSchema, '/api/preview-token', { query: { hours: days * 24 } })).token
}
