import { chunk, isEqual, sortBy, sumBy } from 'es-toolkit'
import { countedPages, subjectsOf } from '../checks/countedPages'
import { isOfOffers, offerBlock, otherOffers } from '../pagePlans/block'
import { blocksOf, sectionsOf } from '../pagePlans/pagePlan'
import type { PageKind } from '../pageTypes/registry'
import { pageKinds, pageTypes } from '../pageTypes/registry'
import { resolvePage } from '../selection/resolvePage'
import type { Shop } from '../selection/shop'
import { visitTo } from '../selection/visit'
import type { Moment } from '../time/moment'
import { bundleSold } from './bundlesSold'
import type { Effects, OfferEffect, PagesByFill, PlanMove, SectionEffect, SomePages } from './effects'

/**
 * Where the products differ too: bundles are otherwise in one shop than in the other, and stand in one catalogue. Between steps it is as
 * before.
 */
export interface Sides {
  turnTo(side: 'before' | 'after'): void
  /** SKUs of the bundles that differ. */
  bundles: readonly string[]
}

/** The kinds of pages on which two shops can show something else. @param sides null: they differ in sections, plans and offers alone */
export function kindsThatDiffer(before: Shop, after: Shop, sides: Sides | null = null): PageKind[] {
  if (sides) return [...pageKinds]
  const planned = ({ plans, sections, offers }: Shop, kind: PageKind) => {
    const ofKind = plans.of(kind)
    const showsOffers = pageTypes[kind].hasOffers && ofKind.some(plan => blocksOf(plan).some(isOfOffers))
    return [ofKind, [...new Set(ofKind.flatMap(sectionsOf))].map(key => sections.get(key)), showsOffers && offers]
  }
  return pageKinds.filter(kind => !isEqual(planned(before, kind), planned(after, kind)))
}

/** How many pages are compared. */
export const pagesToCompare = (before: Shop, after: Shop, sides: Sides | null = null): number =>
  sumBy(kindsThatDiffer(before, after, sides), kind => countedPages(before, kind).size)

/** So many pages are compared in one step where products differ: turning from one side to the other takes time. */
const atOnce = 40

/**
 * Compares what shoppers see in two shops, page by page, as somebody sees it who has just come.
 * @param named blocks that are told of also when nothing becomes of them: sections, and offers
 * @param at when, in both
 * @param sides null: both have the same products
 * @returns what is not the same; each step tells how many pages are done
 */
export function* compareShops(
  before: Shop,
  after: Shop,
  named: ReadonlySet<string>,
  at: Moment,
  sides: Sides | null = null,
): Generator<number, Effects> {
  const found = new FoundEffects()
  let done = 0
  /** Works something out of the shop as it is after. */
  function afterwards<Result>(work: () => Result): Result {
    sides?.turnTo('after')
    try {
      return work()
    } finally {
      sides?.turnTo('before')
    }
  }
  const subjects = (shop: Shop, kind: PageKind) => new Set(subjectsOf(countedPages(shop, kind)))
  const bundles = (sides?.bundles ?? []).map(bundle => ({ bundle, before: bundleSold(bundle, before.catalogue) }))
  const bundlesAfter = afterwards(() => bundles.map(each => ({ ...each, after: bundleSold(each.bundle, after.catalogue) })))
  for (const kind of kindsThatDiffer(before, after, sides)) {
    const were = subjects(before, kind)
    const are = sides ? afterwards(() => subjects(after, kind)) : were
    for (const some of chunk([...new Set([...were, ...are])], sides ? atOnce : 1)) {
      const was = some.map(subject => (were.has(subject) ? shownOn(before, kind, subject, at) : null))
      const is = afterwards(() => some.map(subject => (are.has(subject) ? shownOn(after, kind, subject, at) : null)))
      for (const [i, subject] of some.entries()) found.take(kind, subject, was[i] ?? noneOf(is[i]!), is[i] ?? noneOf(was[i]!))
      yield (done += some.length)
    }
  }
  const all = found.all(named)
  const nowhere = blocksNowhere(after, named)
  // Where an offer is another than before, all pages that can have it were compared.
  const unmade = after.offers.filter(
    offer =>
      named.has(offerBlock(offer.key)) &&
      !nowhere.includes(offerBlock(offer.key)) &&
      !found.isMade(offer.key) &&
      !before.offers.some(each => isEqual(each, offer)),
  )
  return { ...all, nowhere, unmade: unmade.map(each => each.key), bundles: bundlesAfter }
}

/** Of a page that shoppers don’t come to yet, or any more. */
const noneOf = ({ plan }: ShownPage): ShownPage => ({ plan, sections: new Map(), offers: new Map(), inOrder: [] })

/** Which of some blocks are live, and stand on no plan. */
function blocksNowhere({ plans, sections, offers }: Shop, named: ReadonlySet<string>): string[] {
  const all = pageKinds.flatMap(kind => plans.of(kind)).map(blocksOf)
  const planned = new Set(all.flat())
  for (const { key } of offers) {
    const own = offerBlock(key)
    if (all.some(blocks => blocks.includes(otherOffers) && !blocks.includes(own))) planned.add(own)
  }
  const live = new Set([...sections.keys(), ...offers.map(({ key }) => offerBlock(key))])
  return [...named].filter(block => live.has(block) && !planned.has(block))
}

/** What stands on a page. */
interface ShownPage {
  plan: string
  /** In page order: of each section that the plan has and that there is, how many places it has and what it shows. */
  sections: Map<string, { places: number; shown: string[] }>
  /** What is offered, by offer. */
  offers: Map<string, string[]>
  /** Sections and offers as they stand, each by its block, with what it shows; of what is offered in a variant, the product too. */
  inOrder: [block: string, shown: readonly string[]][]
}

function shownOn(shop: Shop, kind: PageKind, subject: string, at: Moment): ShownPage {
  const [page, shopper] = visitTo(kind, subject, at)
  const { plan, sections, offers } = resolvePage(shop, page, shopper)
  const shown = new Map(
    sections.map(({ section, items, tiles }) => [
      section.key,
      [...items.map(({ product, variant }) => (variant ?? product).sku), ...tiles.map(each => each.key)],
    ]),
  )
  return {
    plan: plan.key,
    sections: new Map(
      sectionsOf(plan).flatMap(key => {
        const section = shop.sections.get(key)
        return section ? [[key, { places: section.places, shown: shown.get(key) ?? [] }]] : []
      }),
    ),
    inOrder: blocksOf(plan).flatMap((block): [string, readonly string[]][] =>
      isOfOffers(block)
        ? offers
            .filter(each => each.block === block && !each.hidden)
            .map(({ offer, items }) => [
              offerBlock(offer.key),
              items.flatMap(({ product, variant }) => [product.sku, variant?.sku ?? []].flat()),
            ])
        : [[block, shown.get(block) ?? []]],
    ),
    offers: new Map(
      offers.flatMap(({ offer, items, hidden }) =>
        hidden ? [] : [[offer.key, items.map(({ product, variant }) => (variant ?? product).sku)]],
      ),
    ),
  }
}

/** How many pages of each sort are named. */
const mostNamed = 50
const none = (): SomePages => ({ count: 0, some: [] })
function note(pages: SomePages, subject: string): void {
  pages.count++
  if (pages.some.length < mostNamed) pages.some.push(subject)
}

/** What became of pages so far. */
class FoundEffects {
  #pages = 0
  #less = 0
  #more = 0
  readonly #sections = new Map<string, SectionEffect & { lost: Map<string, number> }>()
  readonly #moves = new Map<string, PlanMove>()
  readonly #offers = new Map<string, OfferEffect>()

  take(page: PageKind, subject: string, before: ShownPage, after: ShownPage): void {
    this.#pages++
    if (before.plan !== after.plan) note(this.#move(page, before.plan, after.plan), subject)
    const became = new Set<Became>()
    for (const key of new Set([...before.sections.keys(), ...after.sections.keys()]))
      became.add(this.#takeSection(page, subject, key, before, after))
    for (const key of new Set([...before.offers.keys(), ...after.offers.keys()]))
      became.add(this.#takeOffer(page, subject, key, before.offers.get(key), after.offers.get(key)))
    if (became.has('gone') || became.has('fewer')) this.#less++
    else if (became.has('more')) this.#more++
  }

  /** Whether an offer is made on any of the pages, after. */
  isMade(offer: string): boolean {
    return [...this.#offers.values()].some(each => each.offer === offer && each.after > 0)
  }

  /** @param named blocks that are told of also when nothing becomes of them */
  all(named: ReadonlySet<string>): Omit<Effects, 'nowhere' | 'unmade' | 'bundles'> {
    const sections = [...this.#sections.values()].flatMap(({ lost, ...effect }): SectionEffect[] => {
      const { before, after, gone, fewer, more, others, section } = effect
      const isChanged = gone.count + fewer.count + more.count + others.count > 0 || !isEqual(before, after)
      const lostTo = sortBy(
        Array.from(lost, ([block, pages]) => ({ block, pages })),
        [each => -each.pages, 'block'],
      )
      return isChanged || named.has(section) ? [{ ...effect, lostTo }] : []
    })
    return {
      pages: this.#pages,
      less: this.#less,
      more: this.#more,
      sections: sortBy(sections, [
        each => -each.gone.count,
        each => -each.fewer.count,
        each => -each.more.count,
        each => -each.others.count,
        'section',
        each => pageKinds.indexOf(each.page),
      ]),
      moves: sortBy([...this.#moves.values()], [each => -each.pages.count, 'to', 'from']),
      offers: sortBy(
        [...this.#offers.values()].filter(each => each.before !== each.after || each.others.count > 0 || each.gone.count > 0),
        [each => -each.gone.count, 'offer', each => pageKinds.indexOf(each.page)],
      ),
    }
  }

  #takeSection(page: PageKind, subject: string, section: string, before: ShownPage, after: ShownPage): Became {
    const effect = this.#sectionEffect(page, section)
    const [was, is] = [before.sections.get(section), after.sections.get(section)]
    if (was) effect.before[fillOf(was)]++
    if (is) effect.after[fillOf(is)]++
    const became = whatBecame(was?.shown ?? [], is?.shown ?? [])
    if (became === 'same') return became
    note(effect[became], subject)
    if (became === 'gone' || became === 'fewer')
      for (const key of takers(section, was!.shown, after)) effect.lost.set(key, (effect.lost.get(key) ?? 0) + 1)
    return became
  }

  #takeOffer(page: PageKind, subject: string, offer: string, was: string[] | undefined, is: string[] | undefined): Became {
    const effect = this.#offerEffect(page, offer)
    if (was) effect.before++
    if (is) effect.after++
    if (was && is && !isEqual(was, is)) note(effect.others, subject)
    if (!was && is) note(effect.come, subject)
    const became = whatBecame(was ?? [], is ?? [])
    if (became === 'gone') note(effect.gone, subject)
    return became
  }

  #sectionEffect(page: PageKind, section: string) {
    const key = `${page} ${section}`
    const known = this.#sections.get(key)
    if (known) return known
    const noPages = (): PagesByFill => ({ full: 0, thin: 0, blank: 0 })
    const made = {
      section,
      page,
      before: noPages(),
      after: noPages(),
      gone: none(),
      fewer: none(),
      more: none(),
      others: none(),
      lostTo: [],
      lost: new Map<string, number>(),
    }
    this.#sections.set(key, made)
    return made
  }

  #offerEffect(page: PageKind, offer: string): OfferEffect {
    const key = `${page} ${offer}`
    const known = this.#offers.get(key)
    if (known) return known
    const made: OfferEffect = { offer, page, before: 0, after: 0, gone: none(), come: none(), others: none() }
    this.#offers.set(key, made)
    return made
  }

  #move(page: PageKind, from: string, to: string): SomePages {
    const key = `${page} ${from} ${to}`
    const known = this.#moves.get(key)
    if (known) return known.pages
    const pages = none()
    this.#moves.set(key, { page, from, to, pages })
    return pages
  }
}

type Became = 'gone' | 'fewer' | 'more' | 'others' | 'same'

function whatBecame(was: readonly string[], is: readonly string[]): Became {
  if (is.length < was.length) return is.length ? 'fewer' : 'gone'
  if (is.length > was.length) return 'more'
  return isEqual(was, is) ? 'same' : 'others'
}

function fillOf({ places, shown }: { places: number; shown: readonly string[] }): keyof PagesByFill {
  if (shown.length >= places) return 'full'
  return shown.length ? 'thin' : 'blank'
}

/** The blocks above a section that show what it showed and does not show any more. */
function takers(section: string, was: readonly string[], { sections, inOrder }: ShownPage): string[] {
  const lost = new Set(was)
  for (const sku of sections.get(section)?.shown ?? []) lost.delete(sku)
  const above: string[] = []
  for (const [block, shown] of inOrder) {
    if (block === section) return above
    if (shown.some(sku => lost.has(sku))) above.push(block)
  }
  // It stands nowhere on the page any more: nobody took it from there.
  return []
}
