import type { Product } from '../catalogue/product'
import { categoriesLeftOut, withCountingTraits } from '../catalogue/neighbours'
import type { RuleFacts } from '../rules/matches'
import { sourceCheck, targetCheck } from '../rules/matches'
import type { Rule } from '../rules/rule'
import type { FillStep } from '../fillSteps/fillStep'
import { candidatesOf } from '../fillSteps/fillStep'
import type { Shop } from '../selection/shop'
import { spread } from './spread'
import type { Moment } from '../time/moment'

/** How far a rule reaches. */
export interface RuleReach {
  /** How many active products the first half holds for. */
  sources: number
  /** It picks nothing for any of them. */
  never: boolean
  /**
   * How much of the catalogue it picks for one of them, on average: 0 to 1. Of a large catalogue, products spread over it are looked at.
   */
  share: number
}

/** A rule that picks this much of the catalogue hardly chooses. */
export const nearlyAll = 0.8

const maxSources = 300
const maxTargets = 300
const sourcesInStep = 20

/**
 * Works out how far a rule reaches, some products in each step.
 */
export function* ruleReach(rule: Rule, shop: Shop, at: Moment): Generator<void, RuleReach> {
  const { catalogue, index } = shop
  const facts: RuleFacts = { sold: sku => index.facts.sold(sku), categoriesFrom: key => catalogue.categoriesFrom(key), at }
  const holds = sourceCheck(rule.when, facts)
  const active = catalogue.products.filter(product => product.status === 'active')
  yield
  const sources = active.filter(holds)
  yield
  const targets = spread(active, maxTargets)
  let pairs = 0
  let picked = 0
  for (const [i, source] of spread(sources, maxSources).entries()) {
    const neighbours = shop.neighboursOf(source.sku)
    const leftOut = categoriesLeftOut(neighbours, catalogue)
    const fits = targetCheck(rule.pick, withCountingTraits(source, neighbours), facts)
    for (const target of targets) {
      if (target === source) continue
      pairs++
      if (fits(target) && !target.categories.some(key => leftOut.has(key))) picked++
    }
    if (i % sourcesInStep === 0) yield
  }
  return { sources: sources.length, never: !picked && !(yield* picksAnything(rule, sources, shop, at)), share: pairs ? picked / pairs : 0 }
}

/** Whether a rule picks any active product for any of the sources. */
function* picksAnything(rule: Rule, sources: readonly Product[], shop: Shop, at: Moment): Generator<void, boolean> {
  const step: FillStep = { from: 'rule', rule, order: 'best-selling', subjects: 'page', cap: null, off: false }
  const shopper = { cart: [], seen: [], visitor: '', view: '', at }
  for (const [i, { sku }] of sources.entries()) {
    for (const { product, leftOut } of candidatesOf(step, 0, {
      shop,
      shopper,
      subjects: [sku],
      category: null,
      named: null,
      cart: [],
      isCartPage: false,
      key: '',
    })) {
      if (product.status === 'active' && !leftOut) return true
    }
    if (i % sourcesInStep === 0) yield
  }
  return false
}
