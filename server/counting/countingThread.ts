import { once } from 'node:events'
import { setImmediate as nextTurn } from 'node:timers/promises'
import { Worker } from 'node:worker_threads'
import type { Remote } from 'comlink'
import { proxy, wrap } from 'comlink'
import type { EffectsReading } from '../../core/effects/effects'
import type { Proposal } from '../../core/effects/proposedShop'
import { endpointOf } from '../threads/endpoint'
import { resourceLimits } from '../threads/resourceLimits'
import type { Finding, ProductCheck } from '../../core/checks/check'
import type { Change } from '../../core/records/registry'
import type { PageKind } from '../../core/pageTypes/registry'
import { countedPages } from '../../core/checks/countedPages'
import type { FillAnswer, MeterReading } from '../../core/studio/sectionAnswers'
import { packing } from '../../core/links/packedLinks'
import type { Running } from '../running/useShop'
import { runInSteps } from '../live/runInSteps'
import type { ChecksReading, Counting, CountingMessage, ListedSubjects, MeterName } from './counting.worker'
import { copiedRecords, countedProduct, soldUnder } from './countingShop'
import type { RuleAsked, RuleCounted } from './ruleCounts'
import script from './counting.worker?worker-script'
import { log } from '../log'

interface Thread {
  worker: Worker
  counting: Remote<Counting>
  ended: Promise<unknown>
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
  #thread: Thread | null = null
  readonly #readings = new Map<string, MeterReading>()
  #checked: ChecksReading | null = null
  /** Number of the last write that the thread was told of, and of the last that it has counted in. */
  #told = 0
  /** What the thread has not been told yet. */
  readonly #outbox: ((counting: Remote<Counting>) => Promise<void>)[] = []
  #isTelling = false
  #ruleCounts = 0
  #settled = 0
  #idle: NodeJS.Timeout | undefined

  constructor(running: Running) {
    this.#running = running
    running.log.follow(({ number, changes, rebuilt }) => {
      if (rebuilt) void this.stop()
      else if (this.#thread) this.#tellChanges(changes, (this.#told = number))
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
      this.#tell(counting => counting.count(name))
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
    return this.#ask<ListedSubjects>(counting => counting.list(name, from, to, offset, limit), { subjects: [], total: 0 })
  }

  /** What the checks found by now, and whether every change is counted in; it begins with the first who asks. */
  async checks(): Promise<ChecksReading & { settled: boolean }> {
    await this.#wake()
    this.#tell(counting => counting.check())
    const begun = this.#checked ?? { counts: null, onSections: [], done: 0, total: this.#running.shop.catalogue.products.length }
    return { ...begun, settled: this.#checked !== null && begun.done === begun.total && this.#settled === this.#told }
  }

  /** Some of what a check found on products. */
  async findings(check: ProductCheck, offset: number, limit: number): Promise<Finding[]> {
    await this.#wake()
    return this.#ask<Finding[]>(counting => counting.findings(check, offset, limit), [])
  }

  /**
   * What a rule and each of its conditions hold for.
   * @param signal when nobody waits for it any more, it is stopped
   */
  async countRule(asked: RuleAsked, signal: AbortSignal): Promise<RuleCounted> {
    const id = ++this.#ruleCounts
    const stop = () => this.#tell(counting => counting.stopCountingRule(id))
    signal.addEventListener('abort', stop)
    try {
      // A thread that ended meanwhile, because its copy of the shop was not to be kept current, is begun anew.
      for (let tries = 0; tries < 3 && !signal.aborted; tries++) {
        await this.#wake()
        const counted = await this.#ask<RuleCounted | null>(counting => counting.countRule(id, asked), null)
        if (counted) return counted
      }
      return 'stopped'
    } finally {
      signal.removeEventListener('abort', stop)
    }
  }

  /** What a proposal does to pages, as far as it is known by now; what isn't known begins to be worked out. */
  async effects(proposal: Proposal): Promise<EffectsReading> {
    await this.#wake()
    return this.#ask<EffectsReading>(counting => counting.effects(proposal), { effects: null, done: 0, total: 0, settled: false })
  }

  /** Ends the thread, when the server stops. */
  async stop(): Promise<void> {
    clearTimeout(this.#idle)
    const thread = this.#thread
    this.#thread = null
    this.#outbox.length = 0
    this.#readings.clear()
    this.#checked = null
    await thread?.worker.terminate()
  }

  /** What the thread answers; when it ends before that, what is known without it. */
  #ask<T>(ask: (counting: Remote<Counting>) => Promise<T>, without: T): Promise<T> {
    const answered = new Promise<T>(resolve => this.#tell(async counting => resolve(await ask(counting))))
    return Promise.race([answered, this.#thread!.ended.then(() => without)])
  }

  /** Tells the thread, behind everything that it was told before. */
  #tell(task: (counting: Remote<Counting>) => Promise<void>): void {
    this.#outbox.push(task)
    if (!this.#isTelling) void this.#tellAll()
  }

  async #tellAll(): Promise<void> {
    this.#isTelling = true
    for (let task = this.#outbox.shift(); task; task = this.#outbox.shift()) {
      const thread = this.#thread
      if (thread) this.#call(thread, task)
      // Also when nothing more is waiting: the next piece may be told right after this one.
      await nextTurn()
    }
    this.#isTelling = false
  }

  /** It is carried out behind what was called before; nobody waits for it. */
  #call(thread: Thread, task: (counting: Remote<Counting>) => Promise<void>): void {
    task(thread.counting).catch((error: unknown) => this.#failed(thread, error))
  }

  /** A large change is handed over piece by piece: what is copied for the other thread holds up nobody. */
  #tellChanges(changes: readonly Change[], number: number): void {
    for (let from = 0; from < changes.length; from += changesAtOnce) {
      const isLast = from + changesAtOnce >= changes.length
      const some = changes.slice(from, from + changesAtOnce)
      this.#tell(counting => counting.apply(some, isLast ? number : number - 1))
    }
  }

  async #wake(): Promise<void> {
    clearTimeout(this.#idle)
    this.#idle = setTimeout(() => void this.stop(), idleTime)
    this.#idle.unref()
    if (this.#thread) return
    const worker = new Worker(script, { eval: true, resourceLimits })
    const thread = (this.#thread = { worker, counting: wrap<Counting>(endpointOf(worker)), ended: once(worker, 'exit') })
    this.#told = this.#settled = this.#running.log.followed
    worker.on('error', error => this.#failed(thread, error))
    this.#handOver(thread, this.#told).catch((error: unknown) => this.#failed(thread, error))
  }

  #failed(thread: Thread, error: unknown): void {
    if (thread !== this.#thread) return
    log.error(error, 'The counting thread failed and is begun anew.')
    void this.stop()
  }

  /** Hands the shop over piece by piece; a change in the meantime is told after what it changes, whichever of the two is sent first. */
  async #handOver(thread: Thread, from: number): Promise<void> {
    const { shop } = this.#running
    const hand = (task: (counting: Remote<Counting>) => Promise<void>) => thread === this.#thread && this.#call(thread, task)
    hand(counting => counting.listen(proxy(message => thread === this.#thread && this.#heard(message))))
    const { catalogue, index } = shop
    const { products } = catalogue
    for (let from = 0; from < products.length; from += productsAtOnce) {
      const some = products.slice(from, from + productsAtOnce)
      const units = some.flatMap(soldUnder).map(sku => shop.unitsSold(sku))
      const copied = some.map(each => countedProduct(each, shop.settings.language))
      hand(counting => counting.takeProducts(copied, units))
      await nextTurn()
    }
    for (const kind of shop.kinds.keys()) {
      const packed = await runInSteps(packing(kind, shop.links, catalogue, sku => index.postings.positionOf(sku)!))
      hand(counting => counting.takeLinks(packed))
    }
    const parts = {
      number: from,
      language: shop.settings.language,
      timeZone: shop.settings.timeZone,
      categories: shop.categories,
      articles: shop.articles,
      states: shop.states.some(copiedRecords),
    }
    hand(counting => counting.start(parts))
  }

  #heard(message: CountingMessage): void {
    if ('meter' in message) {
      const key = keyOf(message.meter)
      const before = this.#readings.get(key)
      const total = this.#pagesOf(message.meter.page)
      if ('fill' in message) this.#readings.set(key, { fill: message.fill, done: total, total, exists: message.fill !== null })
      // While it is counted anew, the count before stays in sight.
      else this.#readings.set(key, { fill: before?.fill ?? null, done: message.done, total: message.total, exists: true })
    } else if ('checked' in message) {
      this.#checked = message.checked
    } else if ('settled' in message) {
      this.#settled = message.settled
    } else {
      void this.stop()
    }
  }
}
