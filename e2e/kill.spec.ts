import { randomUUID } from 'node:crypto'
import { once } from 'node:events'
import { firstPort } from '../playwright.config'
import { asAdmin, DemoServer } from './demoServer'
import { expectWhole, targetsOf } from './storedLanes'
import { expect, test } from './test'

/** `npm run torture` kills it more often. */
const rounds = Number(process.env.KILL_ROUNDS ?? 3)

/** A server that may be killed, beside the one that every test has. */
function ownServer(): DemoServer {
  const { parallelIndex } = test.info()
  return (last = new DemoServer(firstPort + 2 * parallelIndex + 1, `test-results/kill-data-${parallelIndex}`))
}
let last: DemoServer | undefined
test.afterEach(() => last?.stop())

const targets = ['SEED-CLO', 'SEED-SUN', 'SEED-THY', 'SEED-CRO', 'SEED-PHA', 'SEED-MEA', 'TREE-1', 'POUCH-1']
const sources = ['BK-WAX', 'BK-SWARM', 'BK-PLANT', 'BK-HEALTH', 'GAIT', 'HAT', 'MEAD', 'CARTON']

/** Links one target after another to a source until the server is gone. Returns what was confirmed, and what was sent last. */
async function keepLinking(
  url: string,
  source: string,
  kind: string,
  onConfirmed: () => void,
): Promise<{ source: string; kind: string; confirmed: string[]; last: string[] }> {
  let confirmed: string[] = []
  for (;;) {
    // Filled lanes are emptied again, so that writing never ends.
    const full = confirmed.length === targets.length
    const next = full ? [] : [...confirmed, targets[confirmed.length]!]
    const body = full ? { type: 'unlink', targets: confirmed } : { type: 'link', targets: [next.at(-1)] }
    try {
      const answer = await fetch(`${url}/api/commands`, {
        method: 'POST',
        headers: { ...asAdmin, 'content-type': 'application/json' },
        body: JSON.stringify({ ...body, kind, on: [{ source, seen: confirmed }] }),
      })
      if (answer.status !== 200) throw new Error(`unexpected: ${await answer.text()}`)
      await answer.json()
      confirmed = next
      onConfirmed()
    } catch (error) {
      if (error instanceof Error && error.message.startsWith('unexpected')) throw error
      return { source, kind, confirmed, last: next }
    }
  }
}

const json = { ...asAdmin, 'content-type': 'application/json' }
const send = (url: string, path: string, body: object, headers: Record<string, string> = json) =>
  fetch(`${url}${path}`, { method: 'POST', headers, body: JSON.stringify(body) })

const bought = 'BK-QUEEN'
async function stockOf(url: string, sku: string): Promise<number> {
  const answer = await fetch(`${url}/api/products/named?sku=${sku}`, { headers: asAdmin })
  return ((await answer.json()) as { rows: { stock: number }[] }).rows[0]!.stock
}
/** Orders one after another until the server is gone. Returns how many were confirmed. */
async function keepBuying(url: string): Promise<number> {
  const product = (await (await fetch(`${url}/api/shop/v1/catalogue/products/${bought}`)).json()) as { price: number }
  for (let confirmed = 0; ;) {
    const order = { lines: [{ sku: bought, quantity: 1 }], total: product.price }
    const answer = await send(url, '/api/shop/v1/orders', order, { ...json, 'idempotency-key': randomUUID() }).catch(() => null)
    if (answer?.status !== 201) return confirmed
    confirmed++
  }
}

const newRows = 1000
/** Begins to import new products; the answer, if it comes, does not matter. */
const sendFile = (url: string, name: string) =>
  fetch(`${url}/api/exchange/import?kind=products&file=${name}`, {
    method: 'POST',
    headers: { ...asAdmin, 'content-type': 'text/csv' },
    body: `sku,name,price,status\n${Array.from({ length: newRows }, (_, i) => `NEW-${i},Unheard of,5,active`).join('\n')}\n`,
  }).then(
    answer => answer.text(),
    () => '',
  )
/** The entry of a file, and how many of its rows it says are in. */
async function entryOf(url: string, name: string): Promise<{ id: number; rows: number }> {
  const answer = await fetch(`${url}/api/history?limit=200`, { headers: asAdmin })
  const { entries } = (await answer.json()) as { entries: { id: number; words: string }[] }
  const { id, words } = entries.find(each => each.words.includes(name)) ?? { id: 0, words: '' }
  return { id, rows: Number((/: ([\d,]+) (?:of|new)/.exec(words)?.[1] ?? '0').replaceAll(',', '')) }
}
async function foundNew(url: string): Promise<number> {
  return ((await (await fetch(`${url}/api/products?q=unheard`, { headers: asAdmin })).json()) as { total: number }).total
}

test('killing the server in the middle of writes loses nothing that was confirmed', async () => {
  const own = ownServer()
  const counts = { edits: 0, orders: 0, rows: 0 }
  const { url, folder } = own
  await own.fill()
  test.setTimeout(60_000 + rounds * 30_000)
  for (let round = 0; round < rounds; round++) {
    const pause = [400, 900, 250, 60, 1500][round % 5]!
    const server = await own.start()
    const emptied = await Promise.all(
      sources.map(async source => {
        const seen = await targetsOf(url, source, 'upsell')
        if (seen.length) {
          await fetch(`${url}/api/commands`, {
            method: 'POST',
            headers: { ...asAdmin, 'content-type': 'application/json' },
            body: JSON.stringify({ type: 'unlink', targets: seen, kind: 'upsell', on: [{ source, seen }] }),
          })
        }
        return source
      }),
    )
    let written = 0
    const writing = Promise.all(emptied.map(source => keepLinking(url, source, 'upsell', () => written++)))
    const stock = await stockOf(url, bought)
    const buying = keepBuying(url)
    const importing = sendFile(url, `round-${round}.csv`)
    await expect.poll(() => written).toBeGreaterThan(0)
    await new Promise(resolve => setTimeout(resolve, pause))
    server.kill('SIGKILL')
    await once(server, 'exit')
    const lanes = await writing
    const orders = await buying
    await importing

    await own.start()
    for (const { source, kind, confirmed, last } of lanes) {
      // What was sent last may have been done before the answer was lost; nothing else may differ.
      expect([confirmed, last]).toContainEqual(await targetsOf(url, source, kind))
    }
    expect([orders, orders + 1]).toContain(stock - (await stockOf(url, bought)))
    const { id, rows } = await entryOf(url, `round-${round}.csv`)
    expect(await foundNew(url)).toBe(rows)
    if (rows) expect((await send(url, '/api/history/revert', { entry: id })).status).toBe(200)
    expect(await foundNew(url)).toBe(0)
    counts.edits += written
    counts.orders += orders
    counts.rows += rows
    await own.stop()

    await expectWhole(folder, lanes)
  }
  const { edits, orders, rows } = counts
  test.info().annotations.push({
    type: 'figures',
    description: `${rounds} kills; ${edits} edits, ${orders} orders and ${rows} rows of files confirmed, none lost`,
  })
})

test('the server stops cleanly when asked to, also while a studio listens for changes', async () => {
  const own = ownServer()
  const server = await own.serveFresh()
  const listening = await fetch(`${own.url}/api/events`, { headers: asAdmin })
  const asked = Date.now()
  server.kill('SIGINT')
  const [code] = (await once(server, 'exit')) as [number]
  expect(code).toBe(0)
  expect(Date.now() - asked, 'no waiting for the open stream').toBeLessThan(10_000)
  await listening.body?.cancel().catch(() => undefined)
})

test('a file that is being written ends with the server between two pieces, and says how far it came', async () => {
  const own = ownServer()
  const server = await own.serveFresh()
  const rows = Array.from({ length: 20_000 }, (_, i) => `NEW-${i},Unheard of,5,active`)
  const job = randomUUID()
  const importing = fetch(`${own.url}/api/exchange/import?kind=products&file=many.csv&job=${job}`, {
    method: 'POST',
    headers: { ...asAdmin, 'content-type': 'text/csv' },
    body: `sku,name,price,status\n${rows.join('\n')}\n`,
  })
  const progress = async () =>
    (await (await fetch(`${own.url}/api/exchange/jobs/${job}`, { headers: asAdmin })).json()) as { stage?: string; rows?: number }
  await expect
    .poll(async () => ((await progress()).stage === 'writing' ? (await progress()).rows : 0), { timeout: 60_000 })
    .toBeGreaterThan(0)
  server.kill('SIGTERM')
  const answer = await importing
  expect(answer.status).toBe(422)
  const { detail } = (await answer.json()) as { detail: string }
  const [, written] = /^The import was stopped: ([\d,]+) of 20,000 rows are in\./.exec(detail)!
  const [code] = (await once(server, 'exit')) as [number]
  expect(code).toBe(0)

  await own.start()
  const history = await fetch(`${own.url}/api/history?limit=1`, { headers: asAdmin })
  const { entries } = (await history.json()) as { entries: { words: string; lanes: number }[] }
  expect(entries[0]!.words).toBe(`Imported products from many.csv: ${written} of 20,000 rows`)
  expect(entries[0]!.lanes.toLocaleString('en')).toBe(written)
  const found = async () => {
    const answer = await fetch(`${own.url}/api/products?q=unheard`, { headers: asAdmin })
    return ((await answer.json()) as { total: number }).total
  }
  expect((await found()).toLocaleString('en')).toBe(written)
  const undone = await fetch(`${own.url}/api/undo`, {
    method: 'POST',
    headers: { ...asAdmin, 'content-type': 'application/json' },
    body: '{}',
  })
  expect(undone.status).toBe(200)
  expect(await found()).toBe(0)
  await own.stop()
})
