import type { ChildProcess } from 'node:child_process'
import { spawn } from 'node:child_process'
import { once } from 'node:events'
import { readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import autocannon from 'autocannon'
import { randomOf } from '../demo/random'
import { adminToken } from './ask'
import { measureStudio } from './browser'
import { measureBusy } from './busy'
import { measureExchange, measureNewProducts } from './exchange'
import { measureChecks, measureFill } from './counting'
import { measureDearest } from './dearest'
import { measureSearch, measureSuggestions } from './search'
import { longestStall, measureAfterSale, sell } from './stalls'
import { percentile } from './statistics'

const port = 4395
const server = `http://127.0.0.1:${port}`

/** The server with the bare route: `nuxt build --envName bench`. */
const file = 'benchmarks/.output/server/index.mjs'

async function answering(url: string): Promise<void> {
  for (const start = Date.now(); Date.now() - start < 120_000;) {
    const status = await fetch(url).then(
      answer => answer.status,
      () => 0,
    )
    if (status === 200) return
    await new Promise(resolve => setTimeout(resolve, 20))
  }
  throw new Error(`${url} does not answer.`)
}

/** Megabytes of memory that a process holds now. */
function memoryOf({ pid }: ChildProcess): number {
  return Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))![1]) / 1024
}

/** Milliseconds of processor time that a process has used. */
function processorTimeOf({ pid }: ChildProcess): number {
  const fields = readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ')[1]!.split(' ')
  return (Number(fields[11]) + Number(fields[12])) * 10
}

/** Which address comes next: no two requests are the same, so that nothing can be kept from one to the next. */
let turn = 0

interface Load {
  requestsPerSecond: number
  processorMicroseconds: number
}

/** Twenty connections at once, each request with the next of these addresses. */
async function load(server: ChildProcess, urls: string[], seconds: number): Promise<Load> {
  const paths = urls.map(url => url.slice(new URL(url).origin.length))
  const before = processorTimeOf(server)
  const result = await autocannon({
    url: new URL(urls[0]!).origin,
    connections: 20,
    duration: seconds,
    requests: [{ setupRequest: request => ({ ...request, path: paths[turn++ % paths.length]! }) }],
  })
  if (result.non2xx || result.errors) throw new Error(`${result.non2xx} answers were not 2xx, ${result.errors} requests failed.`)
  return {
    requestsPerSecond: result.requests.average,
    processorMicroseconds: ((processorTimeOf(server) - before) * 1000) / result.requests.total,
  }
}

const middle = (loads: Load[]): Load => ({
  requestsPerSecond: percentile(
    loads.map(each => each.requestsPerSecond),
    50,
  ),
  processorMicroseconds: percentile(
    loads.map(each => each.processorMicroseconds),
    50,
  ),
})

function start(env: Record<string, string>): ChildProcess {
  return spawn(process.execPath, [file], {
    env: {
      ...process.env,
      ...env,
      MANADA_DEMO: '1',
      MANADA_ORDERS_A_MINUTE: '100000',
      MANADA_COSTLY_A_SECOND: '100000',
      MANADA_ADMIN_TOKEN: adminToken,
      PORT: String(port),
      HOST: '127.0.0.1',
    },
    stdio: ['ignore', 'ignore', 'inherit'],
  })
}

async function stop(child: ChildProcess): Promise<void> {
  child.kill()
  await once(child, 'exit')
}

/** The typical answer among many: the bytes that the bare route will send. */
async function writeTypicalAnswer(urls: string[], target: string): Promise<number> {
  const answers = await Promise.all(urls.slice(0, 50).map(async url => (await fetch(url)).text()))
  const typical = answers.toSorted((a, b) => a.length - b.length)[25]!
  writeFileSync(target, typical)
  return typical.length
}

/** Starts the built server on a data folder and measures what it takes and gives. */
export async function measureServer(folder: string, skus: string[]) {
  const random = randomOf('requests')
  const some = (most: number) => Array.from({ length: random.whole(0, most) }, () => random.pick(skus)).join()
  const urls = Array.from({ length: 50_000 }, (_, i) => {
    const query = new URLSearchParams({ cart: some(4), seen: some(6), visitor: `visitor-${i}`, lang: random.pick(['en', 'de']) })
    return `${server}/api/shop/v1/pages/product/${random.pick(skus)}?${query}`
  })
  const bytes = join(folder, 'bytes.json')
  const first = start({ MANADA_DATA: folder })
  await answering(urls[0]!)
  const size = await writeTypicalAnswer(urls, bytes)
  await stop(first)

  const started = Date.now()
  const child = start({ MANADA_DATA: folder, BARE_BYTES: bytes })
  try {
    await answering(urls[0]!)
    const startUp = Date.now() - started
    const memoryAtRest = memoryOf(child)

    const bareUrl = `${server}/bare`
    // Turn by turn, so that a noisy moment meets both.
    // Until then the server has also done what it still counts after its start.
    await load(child, urls, 15)
    await load(child, [bareUrl], 5)
    // Somebody buys four times a second, all the while.
    let isBuying = true
    const buying = (async () => {
      while (isBuying) {
        await sell(server)
        await new Promise(resolve => setTimeout(resolve, 250))
      }
    })()
    const delivery: Load[] = []
    const plain: Load[] = []
    const loadStall = await longestStall(server, async () => {
      for (let round = 0; round < 5; round++) {
        delivery.push(await load(child, urls, 4))
        plain.push(await load(child, [bareUrl], 4))
      }
    })
    isBuying = false
    await buying

    const dearest = await measureDearest(server, skus)
    const search = await measureSearch(server)
    const saleStall = await longestStall(server, () => sell(server))
    const afterSale = await measureAfterSale(server)
    const suggestions = await measureSuggestions(server, skus)
    const studio = await measureStudio(server, skus)
    const memoryAfter = memoryOf(child)
    const fill = await measureFill(server, skus[0]!)
    const checks = await measureChecks(server, skus[1]!)
    const memoryWithMeter = memoryOf(child)
    const exchange = await measureExchange(server, skus, 100_000)
    const newProducts = await measureNewProducts(server, 20_000)
    const busy = await measureBusy(server, urls, skus)
    return {
      busy,
      startUp,
      memoryAtRest,
      memoryAfter,
      memoryAfterExchange: memoryOf(child),
      bytes: size,
      delivery: middle(delivery),
      plain: middle(plain),
      dearest,
      search,
      suggestions,
      studio,
      exchange,
      newProducts,
      fill,
      checks,
      memoryWithMeter,
      saleStall,
      loadStall,
      afterSale,
    }
  } finally {
    await stop(child)
  }
}
