import { categoriesLeftOut, withCountingTraits } from '../catalogue/neighbours'
import type { Product } from '../catalogue/product'
import type { Shop } from './shop'
import type { RuleFacts } from '../rules/matches'
import { sourceCheck, targetCheck } from '../rules/matches'
import type { Condition, ProductTest, Rule, TargetTest } from '../rules/rule'
import { isGroup, partsOf } from '../rules/ruleWords'
import type { Moment } from '../time/moment'

/** How many products a rule and each of its conditions hold for. */
export interface RuleCount {
  /** By where the condition stands in the rule: `when` and `pick` themselves, `pick.0.2` the third part of the first part. */
  counts: Record<string, number>
  /** The first products that the whole second half holds for, in the order asked for. */
  matches: Product[]
  /** Whether the first half holds for the source. */
  applies: boolean
}

/** Conditions that are asked of products before a pause. */
const questionsInStep = 20_000

/**
 * Counts a rule condition by condition, a part of the catalogue in each step.
 * @param sku of the source that targets are compared with
 * @param mostMatches that are named
 */
export function* countRule(
  rule: Rule,
  sku: string,
  shop: Pick<Shop, 'catalogue' | 'index' | 'neighboursOf'>,
  at: Moment,
  mostMatches: number,
): Generator<void, RuleCount> {
  const { catalogue, index } = shop
  const facts: RuleFacts = { sold: each => index.facts.sold(each), categoriesFrom: key => catalogue.categoriesFrom(key), at }
  const source = catalogue.product(sku)!
  const neighbours = shop.neighboursOf(sku)
  const counting = withCountingTraits(source, neighbours)
  const leftOut = categoriesLeftOut(neighbours, catalogue)
  const checks = [
    ...everyCondition<ProductTest>(rule.when, 'when').map(([path, part]) => ({ path, check: sourceCheck(part, facts) })),
    ...everyCondition<TargetTest>(rule.pick, 'pick').map(([path, part]) => ({ path, check: targetCheck(part, counting, facts) })),
  ]
  const counts = checks.map(() => 0)
  const matches: Product[] = []
  const inOrder = index.list('all', 'best-selling')
  const productsInStep = Math.ceil(questionsInStep / checks.length)
  const pick = checks.findIndex(({ path }) => path === 'pick')
  for (const [i, position] of inOrder.entries()) {
    const product = index.productAt(position)
    // A product is no target of its own, nor is what it leaves out.
    const isTarget = product !== source && !product.categories.some(key => leftOut.has(key))
    for (const [k, { path, check }] of checks.entries()) {
      if (!check(product) || (!isTarget && path.startsWith('pick'))) continue
      counts[k]!++
      if (k === pick && matches.length < mostMatches) matches.push(product)
    }
    if (i % productsInStep === 0) yield
  }
  return {
    counts: Object.fromEntries(checks.map(({ path }, k) => [path, counts[k]!])),
    matches,
    applies: sourceCheck(rule.when, facts)(source),
  }
}

/** A condition and all within it, with where they stand. */
function everyCondition<Test extends object>(condition: Condition<Test>, path: string): [string, Condition<Test>][] {
  return [[path, condition], ...(isGroup(condition) ? partsOf(condition).flatMap((part, i) => everyCondition(part, `${path}.${i}`)) : [])]
}
