import type { ChildProcess } from 'node:child_process'
import { spawn } from 'node:child_process'
import { once } from 'node:events'
import { readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { randomOf } from '../demo/random'
import { adminToken } from './ask'

const port = 4395
const address = `http://127.0.0.1:${port}`

/** The server with the bare route: `nuxt build --envName bench`. */
const file = 'benchmarks/.output/server/index.mjs'

/** The built server on a data folder, in a process of its own. */
export class MeasuredServer {
  readonly address = address
  readonly bareUrl = `${address}/bare`
  /** Pages of products for many visitors: no two are the same, so that nothing can be kept from one to the next. */
  readonly urls: readonly string[]
  /** Of the typical answer, which the bare route sends. */
  readonly bytes: number
  /** Milliseconds from its start to its first answer. */
  readonly startUp: number
  /** Megabytes that it held then. */
  readonly memoryAtRest: number
  readonly #child: ChildProcess

  private constructor(child: ChildProcess, urls: readonly string[], bytes: number, startUp: number) {
    this.#child = child
    this.urls = urls
    this.bytes = bytes
    this.startUp = startUp
    this.memoryAtRest = this.memory()
  }

  static async start(folder: string, skus: readonly string[]): Promise<MeasuredServer> {
    const urls = visits(skus)
    const bytes = join(folder, 'bytes.json')
    const first = start({ MANADA_DATA: folder })
    await answering(urls[0]!)
    const size = await writeTypicalAnswer(urls, bytes)
    await stop(first)
    const started = Date.now()
    const child = start({ MANADA_DATA: folder, BARE_BYTES: bytes })
    await answering(urls[0]!)
    return new MeasuredServer(child, urls, size, Date.now() - started)
  }

  stop(): Promise<void> {
    return stop(this.#child)
  }

  /** Megabytes of memory that it holds now. */
  memory(): number {
    return Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${this.#child.pid}/status`, 'utf8'))![1]) / 1024
  }

  /** Milliseconds of processor time that it has used. */
  processorTime(): number {
    const fields = readFileSync(`/proc/${this.#child.pid}/stat`, 'utf8').split(') ')[1]!.split(' ')
    return (Number(fields[11]) + Number(fields[12])) * 10
  }
}

function visits(skus: readonly string[]): string[] {
  const random = randomOf('requests')
  const some = (most: number) => Array.from({ length: random.whole(0, most) }, () => random.pick(skus)).join()
  return Array.from({ length: 50_000 }, (_, i) => {
    const query = new URLSearchParams({ cart: some(4), seen: some(6), visitor: `visitor-${i}`, lang: random.pick(['en', 'de']) })
    return `${address}/api/shop/v1/pages/product/${random.pick(skus)}?${query}`
  })
}

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
