import type { APIRequestContext } from '@playwright/test'
import { asAdmin } from './demoServer'
import { expect, test } from './test'

const link = (request: APIRequestContext, target: string) =>
  request.post('/api/commands', { data: { type: 'link', kind: 'related', on: [{ source: 'INC-1' }], targets: [target] } })

/** An event, with what its data say. */
interface Heard {
  id?: string
  event?: string
  words?: string
}

/** The first so many events that the server sends. */
async function events(url: string, count: number, lastId?: string): Promise<Heard[]> {
  const closing = new AbortController()
  const answer = await fetch(`${url}/api/events`, {
    signal: closing.signal,
    headers: { ...asAdmin, ...(lastId !== undefined && { 'last-event-id': lastId }) },
  })
  const heard: Heard[] = []
  let text = ''
  const reader = answer.body!.pipeThrough(new TextDecoderStream()).getReader()
  while (heard.length < count) {
    const { value, done } = await reader.read()
    if (done) break
    text += value
    const parts = text.split('\n\n')
    text = parts.pop()!
    for (const part of parts) {
      const { data, ...fields } = Object.fromEntries(
        part.split('\n').map(line => [line.slice(0, line.indexOf(':')), line.slice(line.indexOf(':') + 1).trim()]),
      )
      heard.push(data ? { ...fields, ...(JSON.parse(data) as Heard) } : fields)
    }
  }
  closing.abort()
  return heard
}

test('a studio whose connection broke is told what it missed, or that it has to load everything anew', async ({ request, demoShop }) => {
  const [connected] = await events(demoShop.url, 1)
  expect(connected!.event).toBe('connected')
  const last = Number(connected!.id)
  for (const answer of [await link(request, 'PEN'), await link(request, 'SMO-M'), await request.post('/api/undo')])
    expect(answer.status()).toBe(200)
  const missed = (await events(demoShop.url, 5, connected!.id)).filter(each => each.words)
  // Whose changes they are is not said: with the name in the cookie one could undo for another.
  const changes = [{ of: 'links', source: 'INC-1', kind: 'related' }]
  expect(missed).toEqual([
    { id: String(last + 1), words: expect.stringMatching(/^Linked .* to Incubator as related$/), changes },
    { id: String(last + 2), words: expect.stringMatching(/^Linked .* to Incubator as related$/), changes },
    { id: String(last + 3), words: expect.stringMatching(/^Undone: Linked /), changes },
  ])
  // Another database, or too much: it can't be told one by one.
  expect((await events(demoShop.url, 1, String(last + 1000)))[0]!.event).toBe('missed')
  expect((await events(demoShop.url, 1, 'nonsense'))[0]!.event).toBe('missed')
})
