import { fork } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { once } from 'node:events'
import type { IncomingMessage } from 'node:http'
import { Agent, get } from 'node:http'
import { setTimeout as pause } from 'node:timers/promises'
import { ask } from '../ask'
import type { Part } from '../part'
import { mb, ms, row, s } from '../part'
import { publish, sell } from '../stalls'

/** Shops ask for so many pages a second. */
const pagesPerSecond = 100

interface Busy {
  /** 99 of 100 pages are answered within so many milliseconds, while nothing else goes on and while all of it does. */
  calm: number
  busy: number
  /** The longest that an edit, and an order with the price of its cart, took meanwhile, in milliseconds. */
  edit: number
  order: number
  /** Writes meanwhile, and those of them that waited for more than 250 ms for those before them. */
  writes: number
  late: number
  /** Seconds that the feed took, which sets the stock of every product. */
  feed: number
}

/** What shops and merchandisers notice while a feed comes in, another file is tried, three are handed out, and something is published. */
async function measureBusy(server: string, urls: readonly string[], skus: readonly string[]): Promise<Busy> {
  const calm = await pages(urls, 10)
  const before = await waits(server)
  let isOver = false
  const feed = busyWork(server, skus).finally(() => (isOver = true))
  const whileFed = async (work: () => Promise<unknown>, everyMs: number) => {
    let longest = 0
    while (!isOver) {
      const begun = performance.now()
      await work()
      longest = Math.max(longest, performance.now() - begun)
      await pause(everyMs)
    }
    return longest
  }
  const [edit, order, busy] = await Promise.all([
    whileFed(() => editLane(server, skus), 200),
    whileFed(() => sell(server), 400),
    pages(urls, 20),
    publish(server, 3 + (publishes++ % 5)),
  ])
  const after = await waits(server)
  return { calm, busy, edit, order, writes: after.writes - before.writes, late: after.late - before.late, feed: await feed }
}

/** Writes since the server started, and how many of them waited for more than 250 ms, as it tells them itself. */
async function waits(server: string): Promise<{ writes: number; late: number }> {
  const text = await (await ask(`${server}/api/metrics`)).text()
  const lines = text.split('\n')
  const value = (name: string) => Number(lines.find(line => line.startsWith(`manada_write_wait_seconds_${name} `))!.split(' ')[1])
  const writes = value('count')
  return { writes, late: writes - value('bucket{le="0.25"}') }
}

/**
 * Seconds that the feed takes which sets the stock of every product, while another file is tried and three are handed out.
 * Who sends and takes these is on other machines in life. Here it is a process that stands back behind the server and the shoppers.
 */
async function busyWork(server: string, skus: readonly string[]): Promise<number> {
  const child = fork('benchmarks/busyWork.ts')
  child.send({ server, skus })
  const ended = once(child, 'exit').then(([code]) => {
    throw new Error(`What was to go on beside the shoppers ended with ${code}.`)
  })
  const [seconds] = (await Promise.race([once(child, 'message'), ended])) as [number]
  return seconds
}

let publishes = 0
let turn = 0

/**
 * The time within which 99 of 100 pages are answered, in milliseconds. Shoppers come by chance, as in a Poisson process, and do not wait
 * for each other (an open system; Schroeder, Wierman and Harchol-Balter 2006): in a burst of ten, the last would wait for nine others.
 */
async function pages(urls: readonly string[], seconds: number): Promise<number> {
  const agent = new Agent({ keepAlive: true })
  const asked: Promise<number>[] = []
  const begun = performance.now()
  for (let next = 0; next < seconds * 1000; next += (-Math.log(1 - Math.random()) / pagesPerSecond) * 1000) {
    await pause(Math.max(0, begun + next - performance.now()))
    asked.push(opened(urls[turn++ % urls.length]!, agent))
  }
  const took = (await Promise.all(asked)).toSorted((a, b) => a - b)
  agent.destroy()
  return took[Math.floor(took.length * 0.99)]!
}

/** Milliseconds that a page takes. */
async function opened(url: string, agent: Agent): Promise<number> {
  const begun = performance.now()
  const [answer] = (await once(get(url, { agent }), 'response')) as [IncomingMessage]
  await once(answer.resume(), 'end')
  if (answer.statusCode !== 200) throw new Error(`${url} answers ${answer.statusCode}.`)
  return performance.now() - begun
}

/** Links two products, or, when they are, parts them. */
async function editLane(server: string, skus: readonly string[]): Promise<void> {
  const source = skus[1000 + Math.floor(Math.random() * 1000)]!
  const command = { type: 'link', kind: 'related', on: [{ source }], targets: [skus[Math.floor(Math.random() * 1000)]] }
  const answer = await ask(`${server}/api/commands`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', 'idempotency-key': randomUUID() },
    body: JSON.stringify(command),
  })
  await answer.text()
}

export const busy: Part = {
  name: 'busy',
  async measure({ server: started, skus }) {
    const server = await started()
    const measured = await measureBusy(server.address, server.urls, skus)
    return [
      row('delivery at 100 pages a second, p99', ms(measured.calm)),
      row('the same while a feed, a dry run, three exports and a publish run', ms(measured.busy), '≤ twice'),
      row('writes meanwhile that waited for more than 250 ms', `${measured.late} of ${measured.writes}`, 'none'),
      row('longest edit meanwhile, asked for until answered', ms(measured.edit)),
      row('longest order meanwhile, with the price of its cart', ms(measured.order)),
      row('the feed, stock of 5,000 products, meanwhile', s(measured.feed)),
      row('memory of the server after that', mb(server.memory()), '≤ 700 MB'),
    ]
  },
}
