import type { FillStep } from '../fillSteps/fillStep'
import { candidatesOf, idleReason, needsSubjects, stepTypeOf } from '../fillSteps/fillStep'
import { isOfOffers } from '../pagePlans/block'
import type { PagePlan } from '../pagePlans/pagePlan'
import { surelyIn } from '../bundles/surelyIn'
import type { Catalogue, CatalogueItem } from '../catalogue/catalogue'
import type { Product } from '../catalogue/product'
import type { Section } from '../sections/section'
import { timeOf } from '../links/lane'
import { roundRobin } from '../sorted'
import type { StepContext } from '../candidates/stepContext'
import type { Guarding } from './guards'
import { guarding } from './guards'
import { OffersOnPage } from './offersOnPage'
import type { Candidate } from '../candidates/candidate'
import type { ExplainedPage, HiddenReason, ResolvedPage, StepReport } from './resolvedPage'
import type { Tiles } from './tiles'
import { bringsTiles, tilesOf } from './tiles'
import type { Page } from '../pageTypes/registry'
import { pageTypeOf } from '../pageTypes/registry'
import type { Shop } from './shop'
import type { Shopper } from '../candidates/shopper'
import { UnknownSubjectError } from './shop'
import type { Moment } from '../time/moment'

/**
 * Works out what a page shows: for each section of its plan, in page order, the products that fill it, and for each together offer what is
 * offered. What is shown above is held back below, whichever of them shows it. Pure and deterministic.
 * @throws UnknownSubjectError when the shop doesn't have what the page is about
 */
export function resolvePage(shop: Shop, page: Page, shopper: Shopper): ResolvedPage {
  return resolve(shop, page, shopper, null)
}

/**
 * The same as resolvePage, with the reason for every candidate that is not shown.
 * @throws UnknownSubjectError when the shop doesn't have what the page is about
 */
export function explainPage(shop: Shop, page: Page, shopper: Shopper): ExplainedPage {
  const steps = new Map<string, StepReport[]>()
  return { ...resolve(shop, page, shopper, steps), steps }
}

function resolve(shop: Shop, page: Page, shopper: Shopper, trace: Map<string, StepReport[]> | null): ResolvedPage {
  const type = pageTypeOf(page)
  const { catalogue } = shop
  const chosenParts = (shopper.chosenParts ?? []).flatMap(sku => catalogue.item(sku) ?? [])
  const cart = [...withParts([...(type.countsAsInCart?.(page) ?? []), ...shopper.cart], catalogue), ...chosenParts]
  const inCart = new Set(cart.flatMap(({ product, variant }) => [product, variant ?? product]))
  const cartProducts = productsOf(cart)
  const lines = shopper.cart.flatMap(sku => catalogue.item(sku) ?? [])
  const about = type.subjects(page, catalogue, productsOf(lines))
  if (!about) throw new UnknownSubjectError(page)
  const { subjects, products, category, named } = about
  const aboutProducts = products.map(sku => catalogue.product(sku)!)
  const plan = shop.plans.planFor(page.kind, { products: aboutProducts, category }, catalogue)
  const chosenHere = type.isOfCart || type.countsAsInCart ? chosenParts : []
  const stepSubjects = type.isOfParts ? productsOf([...withParts(products, catalogue), ...chosenHere]) : products
  const guardSubjects = new Set(stepSubjects.map(sku => catalogue.product(sku)!))
  const shown = new Set<Product>()
  const guards = { catalogue, shopper, cart: inCart, subjects: guardSubjects, shown }
  const resolved: ResolvedPage = { subjects, plan, sections: [], hidden: [], offers: [] }
  const offers =
    type.hasOffers && shop.offers.length
      ? new OffersOnPage(shop, plan, { products: aboutProducts, cart: inCart, shown, at: shopper.at })
      : null
  const switchedOff = type.isOfOneProduct ? shop.switchedOff(subjects[0]!) : nothing

  for (const { key: zone, blocks } of plan.zones) {
    for (const key of blocks) {
      if (isOfOffers(key)) {
        if (offers) resolved.offers.push(...offers.in(key, zone, resolved))
        continue
      }
      const section = shop.sections.get(key)
      // A plan may name a section that was never published, or is gone.
      if (!section) continue
      const closed = closedReason(section, plan, switchedOff, shopper.at)
      const context: StepContext = {
        shop,
        shopper,
        subjects: stepSubjects,
        category,
        named,
        cart: cartProducts,
        isCartPage: type.isOfCart ?? false,
        key,
      }
      const reports: StepReport[] | null = trace && []
      const showsTiles = section.layout === 'tiles'
      const tiles = closed || !showsTiles ? noTiles : tilesOf(section, context, reports !== null)
      const items = closed || showsTiles ? [] : fill(section, context, guarding(section, guards), reports)
      if (showsTiles && !closed) reports?.push(...tileReports(section, context, tiles))
      if (reports) trace?.set(key, reports)

      const reason = closed ?? hiddenReason(section, items.length || tiles.taken.length, context)
      if (reason) {
        resolved.hidden.push({ section, zone, reason })
        continue
      }
      resolved.sections.push({ section, zone, items, tiles: tiles.taken })
      if (!plan.repeats) for (const item of items) shown.add(item.product)
    }
  }
  if (offers) resolved.offers.push(...offers.unplaced(resolved))
  return resolved
}

const nothing: ReadonlySet<string> = new Set()
const noTiles: Tiles = { taken: [], heldBack: [] }

/** How many candidates that had no room are told of a step. */
const maxWithoutRoom = 200

/** Runs the steps of a section until its places are full; on to the end when the trace is wanted. */
function fill(section: Section, context: StepContext, held: Guarding, trace: StepReport[] | null): Candidate[] {
  return trace || section.takeTurns ? fillWithReports(section, context, held, trace) : fillInOrder(section, context, held)
}

/** One step after another, with nothing to tell: what runs for every shopper. */
function fillInOrder(section: Section, context: StepContext, held: Guarding): Candidate[] {
  const items: Candidate[] = []
  for (let number = 0; number < section.steps.length && items.length < section.places; number++) {
    const step = section.steps[number]!
    if (idleReason(step, context)) continue
    const max = Math.min(section.places, items.length + (step.cap ?? section.places))
    for (const candidate of candidatesOf(step, number, context)) {
      if (held(candidate) || items.some(each => each.product === candidate.product)) continue
      if (items.push(candidate) === max) break
    }
  }
  return items
}

/** With a report of every step: for the trace, and for steps that take turns. */
function fillWithReports(section: Section, context: StepContext, held: Guarding, trace: StepReport[] | null): Candidate[] {
  const items: Candidate[] = []
  const taken = new Set<string>()
  const reports = section.steps.map((step): StepReport => ({
    step,
    idle: idleReason(step, context),
    taken: [],
    heldBack: [],
    alternatives: new Map(),
    more: false,
    tiles: null,
  }))
  trace?.push(...reports)
  const hasRoom = (step: FillStep, report: StepReport) =>
    items.length < section.places && report.taken.length < (step.cap ?? section.places)

  /** The candidates of a step for as long as they matter. */
  function* considered(report: StepReport, number: number): Generator<Candidate> {
    // A step that finds the places full must not even begin to look.
    if (report.idle || (!trace && !hasRoom(report.step, report))) return
    let withoutRoom = 0
    for (const candidate of candidatesOf(report.step, number, context)) {
      if (!hasRoom(report.step, report)) {
        if (!trace) return
        if (withoutRoom++ === maxWithoutRoom) {
          report.more = true
          return
        }
      }
      yield candidate
    }
  }
  const lists = reports.map(considered)

  const take = (candidate: Candidate) => {
    const report = reports[candidate.step]!
    const reason =
      held(candidate) ?? (taken.has(candidate.product.sku) ? 'duplicate' : null) ?? (hasRoom(report.step, report) ? null : 'noRoom')
    if (reason) {
      if (trace) report.heldBack.push({ candidate, reason })
      return
    }
    taken.add(candidate.product.sku)
    items.push(candidate)
    report.taken.push(candidate)
    const alternatives = trace && stepTypeOf(report.step).alternatives?.(report.step, candidate, context)
    if (alternatives) report.alternatives.set(candidate, alternatives)
  }
  for (const list of section.takeTurns ? [roundRobin(lists)] : lists) for (const candidate of list) take(candidate)
  return items
}

/** What the steps of a section of tiles did. */
const tileReports = (section: Section, context: StepContext, { taken, heldBack }: Tiles): StepReport[] =>
  section.steps.map((step, number) => ({
    step,
    idle: idleReason(step, context) ?? (bringsTiles(step) ? null : 'noTiles'),
    taken: [],
    heldBack: [],
    alternatives: new Map(),
    more: false,
    tiles: { taken: taken.filter(each => each.step === number), heldBack: heldBack.filter(each => each.step === number) },
  }))

/** Why a section isn't tried at all. */
function closedReason(section: Section, plan: PagePlan, switchedOff: ReadonlySet<string>, at: Moment): HiddenReason | null {
  if (section.off || plan.off.includes(section.key)) return 'off'
  if (timeOf(section, at) !== 'now') return 'outsideDates'
  return switchedOff.has(section.key) ? 'switchedOffHere' : null
}

function hiddenReason(section: Section, count: number, context: StepContext): HiddenReason | null {
  if (count >= section.minimum) return null
  const active = section.steps.filter(step => !step.off)
  if (!count && active.length && active.every(step => needsSubjects(step) && idleReason(step, context) === 'cartEmpty')) return 'cartEmpty'
  return count ? 'belowMinimum' : 'nothingFound'
}

/** SKUs of products or variants, each bundle followed by what is in it whatever is chosen; what the shop doesn't have is left out. */
const withParts = (skus: readonly string[], catalogue: Catalogue): CatalogueItem[] =>
  skus.flatMap(sku => {
    const item = catalogue.item(sku)
    const bundle = item?.product.bundle
    return item ? [item, ...(bundle ? surelyIn(bundle, catalogue) : [])] : []
  })

const productsOf = (items: readonly CatalogueItem[]): string[] => [...new Set(items.map(each => each.product.sku))]
