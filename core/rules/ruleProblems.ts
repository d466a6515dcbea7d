import type { Trait } from '../catalogue/traits'
import type { Range } from './range'
import type { Condition, ProductTest, Rule, TargetTest } from './rule'
import type { Names } from './ruleWords'
import { isGroup, partsOf, pickWords } from './ruleWords'

/** Something about a rule that keeps it from doing what it seems to. */
export interface RuleProblem {
  /** Where in the rule: `pick.0.2` is the third part of the first part of what is picked. */
  path: string
  words: string
}

/** What of the catalogue a rule may speak of. */
export interface KnownTraits extends Names {
  /** Whether any product has the trait. */
  isKnown(trait: Trait): boolean
  /** Whether any product has a value of the attribute. */
  hasAttribute(name: string): boolean
}

/**
 * What is wrong with a rule: ranges that begin after their end, traits that are gone, groups that never hold, tests that contradict each
 * other.
 */
export function ruleProblems({ when, pick }: Rule, known: KnownTraits): RuleProblem[] {
  return [...problemsOf<ProductTest>(when, 'when', known), ...problemsOf<TargetTest>(pick, 'pick', known)]
}

function problemsOf<Test extends TargetTest>(condition: Condition<Test>, path: string, known: KnownTraits): RuleProblem[] {
  if (!isGroup(condition)) return testProblems(condition as Test, known).map(words => ({ path, words }))
  const parts = partsOf(condition)
  const within = parts.flatMap((part, i) => problemsOf(part, `${path}.${i}`, known))
  if ('any' in condition && !parts.length)
    return [{ path, words: 'Nothing can be any of nothing: add a condition, or take this group away.' }]
  if ('all' in condition) within.push(...contradictions(condition.all as Condition<TargetTest>[], known).map(words => ({ path, words })))
  return within
}

function testProblems(test: TargetTest, known: KnownTraits): string[] {
  if ('has' in test) return known.isKnown(test.has) ? [] : [`No product is ${pickWords({ has: test.has }, known)} any more.`]
  if ('attribute' in test) {
    return [...new Set([test.attribute, test.sourceAttribute])]
      .filter(name => !known.hasAttribute(name))
      .map(name => `No product has the attribute “${name}” any more.`)
  }
  const [range, words] = rangeOf(test, known)
  return range && isReversed(range) ? [`From ${words(range.from!)} to ${words(range.to!)} there is nothing: swap the two.`] : []
}

function rangeOf(test: TargetTest, { money }: Names): [Range | null, (value: number) => string] {
  if ('price' in test) return [test.price, money]
  if ('pricePercent' in test) return [test.pricePercent, value => `${value} %`]
  if ('stock' in test) return [test.stock, String]
  if ('sold' in test) return [test.sold, String]
  return [null, String]
}

export const isReversed = ({ from, to }: Range) => from !== undefined && to !== undefined && from > to

/** Tests that no product can pass together. */
function contradictions(parts: readonly Condition<TargetTest>[], { money }: Names): string[] {
  const tests = parts.filter((part): part is TargetTest => !isGroup(part))
  const asks = (of: 'brand' | 'category', what: string) => tests.some(test => of in test && (test as Record<string, unknown>)[of] === what)
  const both = (['brand', 'category'] as const).filter(of => asks(of, 'same') && asks(of, 'different'))
  return [
    ...both.map(of => `No product has both the same and another ${of}.`),
    ...apart(
      tests.flatMap(test => ('price' in test ? test.price : [])),
      money,
    ),
    ...apart(
      tests.flatMap(test => ('pricePercent' in test ? test.pricePercent : [])),
      value => `${value} %`,
    ),
  ]
}

/** Ranges that have nothing in common, each of them sound by itself. */
function apart(ranges: readonly Range[], words: (value: number) => string): string[] {
  const sound = ranges.filter(range => !isReversed(range))
  const from = Math.max(...sound.map(range => range.from ?? -Infinity))
  const to = Math.min(...sound.map(range => range.to ?? Infinity))
  return from > to ? [`No price is at least ${words(from)} and at most ${words(to)}.`] : []
}
