import { request as httpRequest } from 'node:http'
import type { APIRequestContext } from '@playwright/test'
import { asAdmin } from './demoServer'
import { expect, test } from './test'

const lane = { kind: 'accessory', on: [{ source: 'INC-1', seen: ['CAGE-R', 'CUPS'] }] }
const lanes = async (request: APIRequestContext, sku = 'INC-1') => {
  const { products } = (await (await request.get('/api/bench', { params: { sku } })).json()) as {
    products: { lanes: Record<string, { target: string }[]> }[]
  }
  return Object.fromEntries(Object.entries(products[0]!.lanes).map(([kind, rows]) => [kind, rows.map(row => row.target)]))
}
const send = (request: APIRequestContext, body: unknown, type = 'application/json') =>
  request.post('/api/commands', {
    headers: { 'content-type': type },
    data: Buffer.from(typeof body === 'string' ? body : JSON.stringify(body)),
  })

const refused: [what: string, body: unknown, status: number, code: string, words: RegExp][] = [
  ['an unknown target', { ...lane, type: 'link', targets: ['GONE'] }, 404, 'unknown-product', /no product with the SKU GONE/],
  [
    'an unknown source',
    { kind: 'accessory', on: [{ source: 'GONE' }], type: 'link', targets: ['PEN'] },
    404,
    'unknown-product',
    /no product with the SKU GONE/,
  ],
  [
    'an unknown kind',
    { type: 'link', kind: 'sidekick', on: [{ source: 'INC-1' }], targets: ['PEN'] },
    404,
    'unknown-kind',
    /no link kind “sidekick”/,
  ],
  ['a link to itself', { ...lane, type: 'link', targets: ['INC-1'] }, 422, 'self-link', /can’t be linked to itself/],
  [
    'a link to its own variant',
    { type: 'link', kind: 'related', on: [{ source: 'JKT', seen: ['JKT-O', 'SUIT'] }], targets: ['JKT-SAG-M'] },
    422,
    'self-link',
    /its own variants/,
  ],
  ['the same link twice', { ...lane, type: 'link', targets: ['PEN', 'CUPS'] }, 409, 'already-linked', /CUPS stands in this lane already/],
  ['a retired target', { ...lane, type: 'link', targets: ['EX-200'] }, 422, 'retired-target', /EX-200 is retired/],
  [
    'a lane that has changed',
    { ...lane, type: 'link', on: [{ source: 'INC-1', seen: [] }], targets: ['PEN'] },
    409,
    'lane-changed',
    /changed elsewhere/,
  ],
  ['a place that is not there', { ...lane, type: 'move', target: 'CUPS', place: 3 }, 422, 'no-such-place', /no place 3; the last one is 2/],
  ['a link that is not there', { ...lane, type: 'unlink', targets: ['PEN'] }, 409, 'not-linked', /PEN doesn’t stand in this lane/],
  [
    'dates that leave no time',
    { ...lane, type: 'detail', targets: ['CUPS'], details: { from: '2026-05-02', until: '2026-05-01' } },
    422,
    'dates-reversed',
    /ends before it begins/,
  ],
  [
    'a day that no calendar has',
    { ...lane, type: 'detail', targets: ['CUPS'], details: { from: '2026-02-30' } },
    400,
    'malformed',
    /not a date/,
  ],
  [
    'a copy to itself',
    { type: 'copy', from: 'INC-1', kinds: ['accessory'], to: ['INC-1'], replace: true },
    422,
    'self-link',
    /copied to itself/,
  ],
  ['no targets', { ...lane, type: 'link', targets: [] }, 400, 'malformed', /Name at least one target/],
  ['an unknown command', { ...lane, type: 'explode' }, 400, 'malformed', /type/],
  ['a SKU with a comma', { ...lane, type: 'link', targets: ['A,B'] }, 400, 'malformed', /can’t contain “,”/],
  ['a SKU with control characters', { ...lane, type: 'link', targets: ['A\u0000B'] }, 400, 'malformed', /control characters/],
  [
    'a SKU that asks the database for more',
    { ...lane, type: 'link', targets: ["'; DROP TABLE links; --"] },
    404,
    'unknown-product',
    /no product/,
  ],
  ['a body that is not JSON', '{"type": "link",', 400, 'not-json', /could not be read as JSON/],
  ['an empty body', '', 400, 'not-json', /could not be read as JSON/],
  ['an array', [], 400, 'malformed', /./],
]

for (const [what, body, status, code, words] of refused) {
  test(`refuses ${what} and changes nothing`, async ({ request }) => {
    const before = await lanes(request)
    const answer = await send(request, body)
    expect(answer.status()).toBe(status)
    expect(answer.headers()['content-type']).toContain('application/problem+json')
    const problem = await answer.json()
    expect(problem).toMatchObject({ type: `urn:manada:problem:${code}`, status, title: expect.any(String) })
    expect(problem.detail).toMatch(words)
    expect(await lanes(request)).toEqual(before)
  })
}

test('refuses what another site’s form could send', async ({ request }) => {
  const answer = await send(request, { ...lane, type: 'unlink', targets: ['CUPS'] }, 'text/plain')
  expect(answer.status()).toBe(415)
  expect(await answer.json()).toMatchObject({ detail: 'Send the command as application/json.' })
})

test('of many who edit one lane at the same moment, one succeeds and the others are told', async ({ request }) => {
  const targets = ['SEED-CLO', 'SEED-SUN', 'SEED-THY', 'SEED-CRO', 'SEED-BOR', 'SEED-PHA']
  const answers = await Promise.all(
    targets.map(target => send(request, { type: 'link', kind: 'upsell', on: [{ source: 'SEED-LAV', seen: [] }], targets: [target] })),
  )
  expect(answers.map(answer => answer.status()).sort()).toEqual([200, 409, 409, 409, 409, 409])
  expect((await lanes(request, 'SEED-LAV')).upsell).toHaveLength(1)
})

test('says what was done in words', async ({ request }) => {
  const answer = await send(request, { ...lane, type: 'move', target: 'CUPS', place: 1 })
  expect(await answer.json()).toEqual({
    words: 'Moved Cell cups, brown to place 1 as accessory of Incubator',
    changes: [{ of: 'links', source: 'INC-1', kind: 'accessory' }],
    undo: 'Moved Cell cups, brown to place 1 as accessory of Incubator',
    redo: null,
  })
  expect((await (await request.post('/api/undo', { headers: { 'content-type': 'application/json' }, data: {} })).json()).words).toBe(
    'Undone: Moved Cell cups, brown to place 1 as accessory of Incubator',
  )
  expect((await lanes(request)).accessory).toEqual(['CAGE-R', 'CUPS'])
})

test('an address that nothing answers is a problem too', async ({ request }) => {
  const answer = await request.get('/api/nothing/here')
  expect(answer.status()).toBe(404)
  expect(await answer.json()).toMatchObject({ type: 'urn:manada:problem:no-such-route' })
})

test('a body without a length is read up to the limit, and no further', async ({ baseURL, request }) => {
  for (const [path, type] of [
    ['/api/commands', 'application/json'],
    ['/api/pictures', 'image/png'],
  ] as const) {
    // It would go on for ever.
    const endless = new ReadableStream<Uint8Array>({ pull: piece => piece.enqueue(new Uint8Array(64 * 1024).fill(32)) })
    const status = await new Promise<number | undefined>((resolve, reject) => {
      const sent = httpRequest(`${baseURL}${path}`, { method: 'POST', headers: { ...asAdmin, 'content-type': type } }, answer =>
        resolve(answer.statusCode),
      )
      sent.once('error', reject)
      void (async () => {
        for await (const piece of endless) {
          if (sent.destroyed) return
          if (!sent.write(piece)) await new Promise(goOn => sent.once('drain', goOn).once('close', goOn))
        }
      })()
    })
    expect([path, status]).toEqual([path, 413])
  }
  expect((await request.get('/api/shop')).status()).toBe(200)
})
