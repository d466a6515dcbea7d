import { setImmediate as nextTurn } from 'node:timers/promises'
import { parentPort } from 'node:worker_threads'
import { expose } from 'comlink'
import { endpointOf } from '../threads/endpoint'
import { giveWay } from '../threads/giveWay'
import { isEqual, sumBy } from 'es-toolkit'
import type { EffectsReading } from '../../core/effects/effects'
import type { Proposal } from '../../core/effects/proposedShop'
import type { Finding, ProductCheck } from '../../core/checks/check'
import type { PageKind } from '../../core/pageTypes/registry'
import type { Fill } from '../../core/checks/fill'
import { FillMeter } from '../../core/checks/fillMeter'
import type { SectionFinding } from '../../core/checks/sectionFindings'
import { countedOnPages, fillFindings } from '../../core/checks/sectionFindings'
import type { Change } from '../../core/records/registry'
import type { StaleFill } from '../../core/journal/counting'
import { recordOf } from '../../core/records/registry'
import type { PackedKind } from '../../core/links/packedLinks'
import type { Product } from '../../core/catalogue/product'
import { SharedParts } from '../../core/catalogue/sharedParts'
import { sectionsOf } from '../../core/pagePlans/pagePlan'
import type { Shop } from '../../core/selection/shop'
import type { CountingShopParts } from './countingShop'
import { CheckRun } from './checkRun'
import { CountingShop, soldUnder } from './countingShop'
import { EffectRuns } from './effectRuns'
import type { RuleAsked, RuleCounted } from './ruleCounts'
import { RuleCounts } from './ruleCounts'

/** Which meter: of a section on a kind of page, as it is live or a draft. */
export interface MeterName {
  section: string
  page: PageKind
  version: 'live' | 'draft'
}

export interface ListedSubjects {
  subjects: string[]
  total: number
}

/** What the thread says of itself. */
export type CountingMessage =
  | { meter: MeterName; done: number; total: number }
  | { meter: MeterName; fill: Fill | null }
  | { checked: ChecksReading }
  /** All changes up to this number are counted in. */
  | { settled: number }
  /** A change needs a new copy of the shop. */
  | { outdated: true }

/** What the checks found so far. */
export interface ChecksReading {
  /** Null before all products were looked at. */
  counts: Record<ProductCheck, number> | null
  onSections: SectionFinding[]
  /** Work done, of how much. */
  done: number
  total: number
}

let tell: (message: CountingMessage) => void

/** What has come of the shop; null: it is whole. */
let coming: { products: Product[]; parts: SharedParts; units: Map<string, number>; links: PackedKind[] } | null = {
  products: [],
  parts: new SharedParts(),
  units: new Map(),
  links: [],
}
let shop: CountingShop | null = null
/** Changes that came before the shop was whole. */
const early: [changes: readonly Change[], number: number][] = []

/** Somebody waits for these: fill meters and checks, which take longer, rest meanwhile. */
const ruleCounts = new RuleCounts()
const effectRuns = new EffectRuns()

const productCount = () => shop!.live.catalogue.products.length

let areChecksWanted = false
let checks: CheckRun | null = null
/** All products were looked at once. */
let areProductsChecked = false

interface Kept {
  name: MeterName
  meter: FillMeter
  /** What has to be counted anew. */ stale: Set<number> | 'all'
  /** It was counted as a whole. */ counted: boolean
  /** As it was counted last. */ fill: Fill | null
  /** Pages done while it is counted as a whole. */ done: number
}
const meters = new Map<string, Kept>()
const keyOf = ({ section, page, version }: MeterName) => `${section} ${page} ${version}`
let changesTaken = 0
let working = false
const progressEvery = 150

const waiting: MeterName[] = []
function count(name: MeterName): void {
  if (!shop) {
    waiting.push(name)
    return
  }
  meterOf(name)
  void work()
}

function meterOf(name: MeterName): Kept {
  const known = meters.get(keyOf(name))
  if (known) return known
  const made: Kept = {
    name,
    meter: new FillMeter(shop![name.version], name.section, name.page),
    stale: 'all',
    counted: false,
    fill: null,
    done: 0,
  }
  meters.set(keyOf(name), made)
  return made
}

function take(changes: readonly Change[], number: number): void {
  changesTaken = number
  for (const change of changes) {
    if (!shop!.apply(change)) {
      tell({ outdated: true })
      return
    }
    for (const kept of meters.values()) markWhatChanges(kept, change)
    checks?.apply(change)
    effectRuns.apply(change)
  }
}

function markWhatChanges(kept: Kept, change: Change): void {
  const rules = recordOf(change).counting
  if (kept.stale !== 'all' && rules?.fill) rules.fill(change, staleFillOf(kept))
}

const staleFillOf = (kept: Kept): StaleFill => ({
  version: kept.name.version,
  heeds: fact => kept.meter.heeds(fact),
  page: sku => mark(kept, kept.meter.pages.about(sku)),
  pageAbout(kind, key) {
    if (kept.name.page === kind) mark(kept, kept.meter.pages.withSubject(key))
  },
  pagesWith(sku) {
    const product = shop!.live.catalogue.product(sku)
    if (kept.meter.hangsOnOthers(new Set(product ? soldUnder(product) : [sku]))) kept.stale = 'all'
    else for (const each of [sku, ...shop!.skusLinkingTo(sku)]) mark(kept, kept.meter.pages.about(each))
  },
  everything: () => (kept.stale = 'all'),
})

function mark({ stale }: Kept, pages: Iterable<number>): void {
  if (stale !== 'all') for (const number of pages) stale.add(number)
}

/** Counts what has to be counted, and tells. New tasks have their turns in between. */
async function work(): Promise<void> {
  if (!shop) return
  for (const name of waiting.splice(0)) count(name)
  if (areChecksWanted) checks ??= new CheckRun(shop)
  if (working) return
  working = true
  for (;;) {
    for (const { section, page } of checks ? countedOnPages(shop.live) : []) meterOf({ section: section.key, page, version: 'live' })
    // What is soon done comes first.
    const next =
      [...meters.values()].find(each => each.stale !== 'all' && each.stale.size) ??
      (checks?.areProductsStale ? null : [...meters.values()].find(each => each.stale === 'all'))
    if (next) await recount(next)
    else if (checks?.areProductsStale) await check(checks, checks.checkingProducts(shop!.now()))
    else if (checks?.areSectionsStale) await check(checks, checks.checkingSections(shop!.now()))
    else break
  }
  working = false
  tell({ settled: changesTaken })
}

async function recount(next: Kept): Promise<void> {
  const { meter, name, stale } = next
  next.stale = new Set()
  const same = stale === 'all' ? countedTwin(next) : undefined
  if (same) meter.copyFrom(same)
  else if (stale === 'all') await countAll(next)
  else meter.recount(stale, shop!.now())
  if (isStaleAgain(next)) return
  next.counted = true
  next.fill = shop![name.version].sections.has(name.section) ? meter.fill : null
  tell({ meter: name, fill: next.fill })
  if (checks) tellChecks(checks, areProductsChecked ? productCount() : 0)
}

/** A meter of the other version that has been counted, when the two count the same. */
function countedTwin({ name }: Kept): FillMeter | undefined {
  const twin = meters.get(keyOf({ ...name, version: name.version === 'live' ? 'draft' : 'live' }))
  if (!twin || twin.stale === 'all' || twin.stale.size || !twin.counted) return undefined
  const shown = ({ sections, plans }: Shop) => {
    const ofPage = plans.of(name.page)
    return [ofPage, [...new Set([name.section, ...ofPage.flatMap(sectionsOf)])].map(key => sections.get(key))]
  }
  return isEqual(shown(shop!.live), shown(shop!.draft)) ? twin.meter : undefined
}
/** Something has come in the meantime that changes everything. */
const isStaleAgain = ({ stale }: Kept) => stale === 'all'

/** Lets what came in have its turn. */
async function others(): Promise<void> {
  await nextTurn()
  await ruleCounts.allDone()
  await effectRuns.allDone()
}

async function countAll(kept: Kept): Promise<void> {
  const counting = kept.meter.counting(shop!.now())
  let told = performance.now()
  for (let step = counting.next(); !step.done; step = counting.next()) {
    if (performance.now() - told < progressEvery) continue
    told = performance.now()
    kept.done = step.value
    tell({ meter: kept.name, done: step.value, total: kept.meter.pages.size })
    if (checks) tellChecks(checks, areProductsChecked ? productCount() : 0)
    await others()
    // What is to be counted anew as a whole need not be finished.
    if (isStaleAgain(kept)) return
  }
}

async function check(run: CheckRun, checking: Generator<number, void>): Promise<void> {
  let told = performance.now()
  for (let step = checking.next(); !step.done; step = checking.next()) {
    if (performance.now() - told < progressEvery) continue
    told = performance.now()
    tellChecks(run, step.value)
    await others()
  }
  areProductsChecked = true
  tellChecks(run, productCount())
}

/** @param productsDone how many products the checks have looked at */
function tellChecks(run: CheckRun, productsDone: number): void {
  const live = countedOnPages(shop!.live).map(({ section, page }) => meterOf({ section: section.key, page, version: 'live' }))
  tell({
    checked: {
      counts: areProductsChecked ? run.counts : null,
      onSections: [...run.onSections, ...live.flatMap(({ name, fill }) => (fill ? fillFindings(name.section, name.page, fill) : []))],
      done:
        productsDone +
        (run.areSectionsDone ? productCount() : 0) +
        sumBy(live, ({ stale, counted, done, meter }) => (counted && stale !== 'all' ? meter.pages.size : done)),
      total: productCount() * 2 + sumBy(live, ({ meter }) => meter.pages.size),
    },
  })
}

/** What the server asks of the thread. A shop comes in pieces, so that nobody waits for a large one. */
const counting = {
  /** @param listener is told what comes by itself */
  listen(listener: (message: CountingMessage) => void): void {
    tell = listener
  },
  /** @param sold how many units of each of them and of each variant, in their order */
  takeProducts(some: readonly Product[], sold: readonly number[]): void {
    const { products, parts, units } = coming!
    const taken = some.map(each => parts.product(each))
    products.push(...taken)
    for (const [i, sku] of taken.flatMap(soldUnder).entries()) if (sold[i]) units.set(sku, sold[i])
  },
  takeLinks(kind: PackedKind): void {
    coming!.links.push(kind)
  },
  /** @param number of the last write that is in all this */
  start({ number, ...parts }: Omit<CountingShopParts, 'products' | 'units' | 'links'> & { number: number }): void {
    shop = new CountingShop({ ...parts, ...coming! })
    coming = null
    ruleCounts.begin(shop)
    changesTaken = Math.max(changesTaken, number)
    for (const each of early) take(...each)
    void work()
  },
  /** Counts what a section shows, and keeps that current. */
  count,
  /** Runs the checks, and keeps what they find current. */
  check(): void {
    areChecksWanted = true
    checks?.asked(Date.now())
    void work()
  },
  apply(changes: readonly Change[], number: number): void {
    if (shop) take(changes, number)
    else early.push([changes, number])
    void work()
  },
  /** What the pages are about, by SKU or key, that show from so many to so many. */
  list(name: MeterName, from: number, to: number, offset: number, limit: number): ListedSubjects {
    const subjects = [...(meters.get(keyOf(name))?.meter.subjectsWith(from, to) ?? [])]
    return { total: subjects.length, subjects: subjects.slice(offset, offset + limit) }
  },
  /** @param id by which it can be stopped */
  countRule(id: number, asked: RuleAsked): Promise<RuleCounted> {
    return ruleCounts.count(id, asked)
  },
  stopCountingRule(id: number): void {
    ruleCounts.stop(id)
  },
  /** What a proposal does to pages, as far as it is known by now. */
  effects(proposal: Proposal): EffectsReading {
    return shop ? effectRuns.ask(proposal, shop) : { effects: null, done: 0, total: 0, settled: false }
  },
  /** Some of what a check found on products. */
  findings(check: ProductCheck, offset: number, limit: number): Finding[] {
    const found: Finding[] = []
    for (const finding of checks?.findings(check, offset, shop!.now()) ?? []) {
      if (found.push(finding) === limit) break
    }
    return found
  },
}
export type Counting = typeof counting

giveWay()
expose(counting, endpointOf(parentPort!))
