import { once } from 'node:events'
import type { IncomingMessage } from 'node:http'
import { get } from 'node:http'
import { setPriority } from 'node:os'
import { ask, asAdmin } from './ask'

// Sends a feed and a file to try, and takes three files. `parts/busy.ts` starts it as a process of its own, and is told how long the feed
// took.

const stockFile = (skus: readonly string[], stock: number) => `sku,stock\n${skus.map((sku, i) => `${sku},${stock + (i % 7)}`).join('\n')}\n`
const csv = { method: 'POST', headers: { 'content-type': 'text/csv' } }

/** Seconds that setting the stock of all products takes. */
async function sendStock(server: string, skus: readonly string[], stock = 100): Promise<number> {
  const begun = performance.now()
  const answer = await ask(`${server}/api/exchange/import?kind=products&file=stock.csv`, { ...csv, body: stockFile(skus, stock) })
  const report = (await answer.json()) as { updated: number; unchanged: number }
  if (report.updated + report.unchanged !== skus.length) throw new Error(`The feed was not taken: ${JSON.stringify(report).slice(0, 300)}`)
  return (performance.now() - begun) / 1000
}

async function tryFile(server: string, skus: readonly string[]): Promise<void> {
  await (await ask(`${server}/api/exchange/import?kind=products&dry=1`, { ...csv, body: stockFile(skus, 200) })).text()
}

/** What arrives is thrown away: what takes it in must not keep itself from measuring. */
async function exported(server: string, kind: string): Promise<void> {
  const asked = get(`${server}/api/exchange/export?kind=${kind}`, { headers: asAdmin })
  const [answer] = (await once(asked, 'response')) as [IncomingMessage]
  await once(answer.resume(), 'end')
}

setPriority(10)
process.once('message', async ({ server, skus }: { server: string; skus: string[] }) => {
  const files = ['links', 'products', 'links'].map(kind => exported(server, kind))
  const [seconds] = await Promise.all([sendStock(server, skus), tryFile(server, skus), ...files])
  process.send!(seconds, () => process.exit())
})
