import { setImmediate as nextTurn } from 'node:timers/promises'
import type { Rule } from '../../core/rules/rule'
import type { RuleCount } from '../../core/selection/countRule'
import { countRule } from '../../core/selection/countRule'
import type { CountingShop } from './countingShop'

/** What is asked of a rule. */
export interface RuleAsked {
  rule: Rule
  /** SKU of the product that targets are compared with. */
  source: string
  /** How many matches are named. */
  most: number
  /** Milliseconds of work after which it is given up. */
  longest: number
}

/** What a rule and each of its conditions hold for, with the SKUs of matches; or why that is not known. */
export type RuleCounted = (Omit<RuleCount, 'matches'> & { matches: string[] }) | 'too long' | 'stopped'

/** Milliseconds after which whatever else has come in has a turn. */
const longestTurn = 20

/** Counts of rules that somebody waits for. */
export class RuleCounts {
  readonly #underWay = new Map<number, Promise<unknown>>()
  #begin: (shop: CountingShop) => void = () => undefined
  /** Counts that come before the shop is whole wait for it. */
  readonly #shop = new Promise<CountingShop>(resolve => (this.#begin = resolve))

  begin(shop: CountingShop): void {
    this.#begin(shop)
  }

  /** When none is under way. */
  async allDone(): Promise<void> {
    while (this.#underWay.size) await Promise.all(this.#underWay.values())
  }

  async count(id: number, asked: RuleAsked): Promise<RuleCounted> {
    const counted = this.#shop.then(shop => this.#count(id, asked, shop))
    this.#underWay.set(id, counted)
    return counted.finally(() => this.#underWay.delete(id))
  }

  stop(id: number): void {
    this.#underWay.delete(id)
  }

  async #count(id: number, { rule, source, most, longest }: RuleAsked, shop: CountingShop): Promise<RuleCounted> {
    const counting = countRule(rule, source, shop.live, shop.now(), most)
    let worked = 0
    while (this.#underWay.has(id)) {
      const begun = performance.now()
      do {
        const step = counting.next()
        if (step.done) return { ...step.value, matches: step.value.matches.map(each => each.sku) }
      } while (performance.now() - begun < longestTurn)
      worked += performance.now() - begun
      if (worked > longest) return 'too long'
      await nextTurn()
    }
    return 'stopped'
  }
}
