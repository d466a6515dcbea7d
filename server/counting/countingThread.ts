import { setImmediate as nextTurn } from 'node:timers/promises'
import { Worker } from 'node:worker_threads'
import type { Finding, ProductCheck } from '../../core/checks/check'
import type { Change } from '../../core/records/registry'
import type { PageKind } from '../../core/pageTypes/registry'
import { countedPages } from '../../core/checks/countedPages'
import type { FillAnswer, MeterReading } from '../../core/studio/sectionAnswers'
import { packing } from '../../core/links/packedLinks'
import type { Running } from '../running/useShop'
import { runInSteps } from '../live/runInSteps'
import type { ChecksReading, CountingMessage, MeterName, CountingTask } from './counting.worker'
import { copiedRecords } from './countingShop'
import script from './counting.worker?worker-script'
import { log } from '../log'

interface ListedSubjects {
  subjects: string[]
  total: number
}

const keyOf = ({ section, page, version }: MeterName) => `${section} ${page} ${version}`
const productsAtOnce = 250
const changesAtOnce = 100
/** A copy of the shop that nobody asks of any more is let go of. */
const idleTime = 120_000

/**
 * Counts how well sections are filled, and runs the checks, in a thread of its own, which has a copy of the shop and follows every change.
 */
export class CountingThread {
  readonly #running: Running
  #worker: Worker | null = null
  readonly #readings = new Map<string, MeterReading>()
  readonly #lists = new Map<number, (found: ListedSubjects) => void>()
  readonly #findings = new Map<number, (found: Finding[]) => void>()
  #checked: ChecksReading | null = null
  /** Number of the last write that the thread was told of, and of the last that it has counted in. */
  #told = 0
  /** What the thread has not been told yet. */
  readonly #outbox: CountingTask[] = []
  #isTelling = false
  #settled = 0
  #listsAsked = 0
  #idle: NodeJS.Timeout | undefined

  constructor(running: Running) {
    this.#running = running
    running.log.follow(({ number, changes, rebuilt }) => {
      if (rebuilt) void this.stop()
      else if (this.#worker) this.#tellChanges(changes, (this.#told = number))
    })
  }

  /** What is known by now of a section, live and as a draft; what isn't known begins to be counted. */
  async ask(section: string, page: PageKind): Promise<FillAnswer> {
    await this.#wake()
    const reading = (version: 'live' | 'draft'): MeterReading => {
      const name: MeterName = { section, page, version }
      const known = this.#readings.get(keyOf(name))
      if (known) return known
      const begun: MeterReading = { fill: null, done: 0, total: this.#pagesOf(page), exists: true }
      this.#readings.set(keyOf(name), begun)
      this.#tell({ count: name })
      return begun
    }
    const answer = { draft: reading('draft'), live: reading('live') }
    return {
      ...answer,
      settled: this.#settled === this.#told && [answer.draft, answer.live].every(each => each.fill !== null || !each.exists),
    }
  }

  #pagesOf(kind: PageKind): number {
    return countedPages(this.#running.shop, kind).size
  }

  /** What the pages are about, by SKU or key, that show from so many to so many. */
  async list(name: MeterName, from: number, to: number, offset: number, limit: number): Promise<ListedSubjects> {
    await this.#wake()
    const id = ++this.#listsAsked
    const found = new Promise<ListedSubjects>(resolve => this.#lists.set(id, resolve))
    this.#tell({ list: name, from, to, offset, limit, id })
    return found
  }

  /** What the checks found by now, and whether every change is counted in; it begins with the first who asks. */
  async checks(): Promise<ChecksReading & { settled: boolean }> {
    await this.#wake()
    this.#tell({ check: true })
    const begun = this.#checked ?? { counts: null, onSections: [], done: 0, total: this.#running.shop.catalogue.products.length }
    return { ...begun, settled: this.#checked !== null && begun.done === begun.total && this.#settled === this.#told }
  }

  /** Some of what a check found on products. */
  async findings(check: ProductCheck, offset: number, limit: number): Promise<Finding[]> {
    await this.#wake()
    const id = ++this.#listsAsked
    const found = new Promise<Finding[]>(resolve => this.#findings.set(id, resolve))
    this.#tell({ findings: check, offset, limit, id })
    return found
  }

  /** Ends the thread, when the server stops. */
  async stop(): Promise<void> {
    clearTimeout(this.#idle)
    const worker = this.#worker
    this.#worker = null
    this.#outbox.length = 0
    this.#readings.clear()
    for (const resolve of this.#lists.values()) resolve({ subjects: [], total: 0 })
    this.#lists.clear()
    for (const resolve of this.#findings.values()) resolve([])
    this.#findings.clear()
    this.#checked = null
    await worker?.terminate()
  }

  /** Tells the thread, behind everything that it was told before. */
  #tell(task: CountingTask): void {
    this.#outbox.push(task)
    if (!this.#isTelling) void this.#tellAll()
  }

  async #tellAll(): Promise<void> {
    this.#isTelling = true
    for (let task = this.#outbox.shift(); task; task = this.#outbox.shift()) {
      this.#worker?.postMessage(task)
      if ('changes' in task && this.#outbox.length) await nextTurn()
    }
    this.#isTelling = false
  }

  /** A large change is handed over piece by piece: what is copied for the other thread holds up nobody. */
  #tellChanges(changes: readonly Change[], number: number): void {
    for (let from = 0; from < changes.length; from += changesAtOnce) {
      const isLast = from + changesAtOnce >= changes.length
      this.#tell({ changes: changes.slice(from, from + changesAtOnce), number: isLast ? number : number - 1 })
    }
  }

  async #wake(): Promise<void> {
    clearTimeout(this.#idle)
    this.#idle = setTimeout(() => void this.stop(), idleTime)
    this.#idle.unref()
    if (this.#worker) return
    const worker = (this.#worker = new Worker(script, { eval: true }))
    this.#told = this.#settled = this.#running.log.followed
    worker.on('message', (message: CountingMessage) => worker === this.#worker && this.#heard(message))
    worker.on('error', error => {
      log.error(error, 'The counting thread failed and is begun anew.')
      if (worker === this.#worker) void this.stop()
    })
    void this.#handOver(worker, this.#told)
  }

  /** Hands the shop over piece by piece; a change in the meantime is told after what it changes, whichever of the two is sent first. */
  async #handOver(worker: Worker, from: number): Promise<void> {
    const { shop } = this.#running
    const tell = (task: CountingTask) => worker === this.#worker && worker.postMessage(task)
    const { catalogue, index } = shop
    const { products } = catalogue
    for (let from = 0; from < products.length; from += productsAtOnce) {
      const some = products.slice(from, from + productsAtOnce)
      const units = some
        .flatMap(each => [each, ...each.variants])
        .map(({ sku }) => [sku, shop.unitsSold(sku)] as const)
        .filter(([, sold]) => sold)
      tell({ products: some.map(each => ({ ...each, image: null, gtin: null })), units })
      await nextTurn()
    }
    for (const kind of shop.kinds.keys()) {
      tell({ links: await runInSteps(packing(kind, shop.links, catalogue, sku => index.postings.positionOf(sku)!)) })
    }
    tell({
      start: {
        number: from,
        language: shop.settings.language,
        timeZone: shop.settings.timeZone,
        categories: shop.categories,
        articles: shop.articles,
        states: shop.states.some(copiedRecords),
      },
    })
  }

  #heard(message: CountingMessage): void {
    if ('meter' in message) {
      const key = keyOf(message.meter)
      const before = this.#readings.get(key)
      const total = this.#pagesOf(message.meter.page)
      if ('fill' in message) this.#readings.set(key, { fill: message.fill, done: total, total, exists: message.fill !== null })
      // While it is counted anew, the count before stays in sight.
      else this.#readings.set(key, { fill: before?.fill ?? null, done: message.done, total: message.total, exists: true })
    } else if ('listed' in message) {
      this.#lists.get(message.listed)?.(message)
      this.#lists.delete(message.listed)
    } else if ('checked' in message) {
      this.#checked = message.checked
    } else if ('found' in message) {
      this.#findings.get(message.found)?.(message.findings)
      this.#findings.delete(message.found)
    } else if ('settled' in message) {
      this.#settled = message.settled
    } else {
      void this.stop()
    }
  }
}
