import { connect } from 'node:net'
import type { Socket } from 'node:net'
import { asAdmin } from './demoServer'
import { inviteAs, password } from './signIn'
import { expectWhole, targetsOf } from './storedLanes'
import { expect, test } from './test'

/*
 * Many at once: editors, studios that listen, and connections that never come to an end of what they ask.
 */

const json = { 'content-type': 'application/json' }
const sources = ['BK-WAX', 'BK-SWARM', 'BK-PLANT', 'BK-HEALTH', 'GAIT']
const targets = ['SEED-CLO', 'SEED-SUN', 'SEED-THY', 'SEED-CRO', 'SEED-PHA', 'SEED-MEA', 'TREE-1', 'POUCH-1']
const kind = 'upsell'

test('fifty people edit the same few lanes: each is told what came of it, undo is their own, and nothing is lost', async ({
  context,
  freshShop,
}) => {
  const { url } = freshShop
  const people = await Promise.all(
    Array.from({ length: 50 }, async (_, i) => {
      const key = await inviteAs(context, url, 'editor')
      const body = JSON.stringify({ key, name: `Editor ${i}`, email: `editor-${i}@demo.example`, password })
      const joined = await fetch(`${url}/api/join`, { method: 'POST', headers: json, body })
      return { cookie: joined.headers.getSetCookie()[0]!.split(';', 1)[0]!, done: [] as string[], refused: 0 }
    }),
  )
  const before = (await history()).length
  async function history(): Promise<{ words: string }[]> {
    const all: { id: number; words: string }[] = []
    for (;;) {
      const answer = await fetch(`${url}/api/history?limit=200&before=${all.at(-1)?.id ?? 1e9}`, { headers: asAdmin })
      const { entries, more } = (await answer.json()) as { entries: typeof all; more: boolean }
      all.push(...entries)
      if (!more) return all
    }
  }
  async function send({ cookie }: { cookie: string }, path: string, body: object) {
    const answer = await fetch(`${url}${path}`, { method: 'POST', headers: { ...json, cookie }, body: JSON.stringify(body) })
    return { status: answer.status, words: ((await answer.json()) as { words?: string }).words ?? '' }
  }
  const statuses = new Set<number>()
  await Promise.all(
    people.map(async (person, i) => {
      for (let k = 0; k < 12; k++) {
        const source = sources[(i + k) % sources.length]!
        const seen = await targetsOf(url, source, kind)
        const target = targets[(i * 5 + k) % targets.length]!
        const type = seen.includes(target) ? 'unlink' : 'link'
        const { status, words } = await send(person, '/api/commands', { type, kind, on: [{ source, seen }], targets: [target] })
        statuses.add(status)
        if (status === 200) person.done.push(words)
        else person.refused++
      }
    }),
  )
  expect([...statuses].sort()).toEqual([200, 409])
  const done = people.flatMap(each => each.done)
  const entries = await history()
  expect(
    entries
      .map(each => each.words)
      .slice(0, entries.length - before)
      .sort(),
  ).toEqual(done.toSorted())

  // Whoever undoes takes back what they did last themselves, unless somebody has changed the same since.
  let undone = 0
  for (const person of people) {
    const { status, words } = await send(person, '/api/undo', {})
    if (status === 200) {
      expect(words).toBe(`Undone: ${person.done.at(-1)}`)
      undone++
    } else expect(status).toBe(409)
  }
  expect(undone).toBeGreaterThan(0)
  expect(await history()).toHaveLength(before + done.length + undone)
  test.info().annotations.push({
    type: 'figures',
    description: `${done.length} edits done, ${people.reduce((sum, each) => sum + each.refused, 0)} refused, ${undone} undone`,
  })
  await freshShop.stop()
  await expectWhole(
    freshShop.folder,
    sources.map(source => ({ source, kind })),
  )
})

/** Notes the number of each write that a stream tells of. */
async function hear(stream: NonNullable<Response['body']>, numbers: number[]): Promise<void> {
  for await (const piece of stream.pipeThrough(new TextDecoderStream()))
    for (const [, number] of piece.matchAll(/^id: (\d+)\ndata: \{/gm)) numbers.push(Number(number))
}

test('five hundred studios listen, and each hears of every change, in order', async ({ request, freshShop: { url } }) => {
  const edits = 20
  const closing = new AbortController()
  const heard = Array.from({ length: 500 }, () => [] as number[])
  const listening = await Promise.all(
    heard.map(async numbers => {
      const answer = await fetch(`${url}/api/events`, { headers: asAdmin, signal: closing.signal })
      return { over: hear(answer.body!, numbers) }
    }),
  )
  const studios = async () => Number(/^manada_studios (\d+)/m.exec(await (await request.get('/api/metrics')).text())![1])
  await expect.poll(studios).toBe(500)
  for (let i = 0; i < edits; i++) {
    const data = { type: i % 2 ? 'unlink' : 'link', kind: 'related', on: [{ source: 'INC-1' }], targets: ['PEN'] }
    expect((await request.post('/api/commands', { data })).status()).toBe(200)
  }
  await expect.poll(() => heard.filter(each => each.length < edits).length).toBe(0)
  const first = heard[0]![0]!
  expect(heard.every(each => each.every((number, i) => number === first + i))).toBe(true)
  closing.abort()
  await Promise.allSettled(listening.map(each => each.over))
  // Nothing is kept of those who have gone.
  await expect.poll(studios).toBe(0)
})

test('connections that never finish what they ask keep nobody else waiting, and are closed', async ({ freshShop: { url } }) => {
  test.setTimeout(120_000)
  const { hostname, port, host } = new URL(url)
  let closed = 0
  const open = (first: string, next: string) =>
    new Promise<Socket>(resolve => {
      const socket = connect(Number(port), hostname, () => {
        socket.write(first)
        resolve(socket)
      })
      const going = setInterval(() => socket.write(next), 500)
      socket.on('error', () => undefined)
      socket.resume()
      socket.once('close', () => {
        clearInterval(going)
        closed++
      })
    })
  const heads = Array.from({ length: 300 }, () => open(`GET /shop HTTP/1.1\r\nHost: ${host}\r\nX-Slow: `, 'x'))
  const begun = `POST /api/commands HTTP/1.1\r\nHost: ${host}\r\nAuthorization: ${asAdmin.authorization}\r\n`
  const bodies = Array.from({ length: 100 }, () =>
    open(`${begun}Content-Type: application/json\r\nContent-Length: 1000\r\n\r\n{"type":"`, 'x'),
  )
  const sockets = await Promise.all([...heads, ...bodies])
  for (let i = 0; i < 50; i++) expect((await fetch(`${url}/api/shop/v1/pages/product/EX-210`)).status).toBe(200)
  await expect.poll(() => closed, { timeout: 90_000, intervals: [500] }).toBe(sockets.length)
})
