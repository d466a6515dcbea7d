import { setImmediate as nextTurn } from 'node:timers/promises'
import type { Product } from '../../core/catalogue/product'
import type { Sides } from '../../core/effects/compareShops'
import { compareShops, pagesToCompare } from '../../core/effects/compareShops'
import type { EffectsReading } from '../../core/effects/effects'
import type { Proposal } from '../../core/effects/proposedShop'
import { asItIs, proposedShop } from '../../core/effects/proposedShop'
import { offerBlock } from '../../core/pagePlans/block'
import type { Change } from '../../core/records/registry'
import { draftedSortNames, draftedSorts } from '../../core/releases/draftedSorts'
import { recordOf } from '../../core/records/registry'
import { offerHeeds } from '../../core/offers/offered'
import { heeds } from '../../core/sections/heeds'
import type { SoldFact } from '../../core/fillSteps/fillStepType'
import type { Shop } from '../../core/selection/shop'
import type { CountingShop } from './countingShop'

interface Run {
  proposal: Proposal
  answer: Omit<EffectsReading, 'settled'>
  /** Something has changed since it was begun. */
  isStale: boolean
  /** What was compared last. */
  shops: readonly Shop[]
  /** Milliseconds since 1970. */
  asked: number
}

const drafted = new Set<string>(draftedSortNames.map(sort => draftedSorts[sort].of))
const isDrafted = ({ of }: Change) => drafted.has(of)

/** Both sides of a proposal, where it changes bundles; null: it changes none. */
function sidesOf(proposal: Proposal, shop: CountingShop): Sides | null {
  const bundles = shop.bundlesIn(proposal)
  if (!bundles.length) return null
  let before: Product[] = []
  return {
    bundles: bundles.map(({ sku }) => sku),
    turnTo(side) {
      if (side === 'after') before = shop.placeBundles(bundles)
      else for (const each of before.splice(0)) shop.replaceProduct(each.sku, each)
    },
  }
}

/** Milliseconds after which whatever else has come in has a turn. */
const longestTurn = 20
/** Whoever waits asks again and again; what nobody asked for so long is not gone on with. */
const longestUnasked = 5000
/** What was asked last is kept, for people tick and untick. */
const mostKept = 8

/** What is done to pages by what somebody is about to publish, or to go back to. */
export class EffectRuns {
  readonly #runs = new Map<string, Run>()
  #working: Promise<void> | null = null

  /** What is known by now; what isn't known, or isn't so any more, begins to be worked out. */
  ask(proposal: Proposal, shop: CountingShop): EffectsReading {
    const key = JSON.stringify(proposal)
    const run = this.#runs.get(key) ?? { proposal, answer: { effects: null, done: 0, total: 0 }, isStale: true, shops: [], asked: 0 }
    run.asked = Date.now()
    // The newest stands last.
    this.#runs.delete(key)
    this.#runs.set(key, run)
    if (this.#runs.size > mostKept) this.#runs.delete(this.#runs.keys().next().value!)
    const settled = !run.isStale && run.answer.done === run.answer.total
    if (run.isStale) this.#working ??= this.#work(shop).finally(() => (this.#working = null))
    return { ...run.answer, settled }
  }

  /** When none is under way. */
  async allDone(): Promise<void> {
    await this.#working
  }

  apply(change: Change): void {
    if (!this.#runs.size) return
    const stale = () => {
      for (const run of this.#runs.values()) run.isStale = true
    }
    if (isDrafted(change)) return stale()
    // A release can have what is neither live nor drafted.
    const compared = [...this.#runs.values()].flatMap(run => run.shops)
    const isHeeded = (fact: SoldFact) =>
      compared.some(
        ({ sections, offers }) => [...sections.values()].some(each => heeds(each, fact)) || offers.some(each => offerHeeds(each, fact)),
      )
    const marks = { heeds: isHeeded, page: stale, pageAbout: stale, pagesWith: stale, everything: stale }
    recordOf(change).counting?.fill?.(change, { version: 'live', ...marks })
  }

  async #work(shop: CountingShop): Promise<void> {
    // What came last is waited for.
    const next = () => [...this.#runs.values()].findLast(each => each.isStale && this.#isAsked(each))
    for (let run = next(); run; run = next()) await this.#workOut(run, shop)
  }

  #isAsked = ({ asked }: Run) => Date.now() - asked < longestUnasked

  async #workOut(run: Run, shop: CountingShop): Promise<void> {
    run.isStale = false
    const before = proposedShop(shop.live, shop.versions, asItIs)
    const after = proposedShop(shop.live, shop.versions, run.proposal)
    run.shops = [before, after]
    const sides = sidesOf(run.proposal, shop)
    // What was found before stays in sight meanwhile.
    run.answer = { ...run.answer, done: 0, total: pagesToCompare(before, after, sides) + 1 }
    const { sections = [], offers = [] } = 'publish' in run.proposal ? run.proposal.publish : {}
    const comparing = compareShops(before, after, new Set([...sections, ...offers.map(offerBlock)]), shop.now(), sides)
    let begun = performance.now()
    for (let step = comparing.next(); ; step = comparing.next()) {
      if (step.done) {
        run.answer = { effects: step.value, done: run.answer.total, total: run.answer.total }
        return
      }
      if (performance.now() - begun < longestTurn) continue
      run.answer.done = step.value
      await nextTurn()
      begun = performance.now()
      if (this.#isAsked(run)) continue
      run.isStale = true
      return
    }
  }
}
