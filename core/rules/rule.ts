import { z } from 'zod'
import { traitSchema } from '../catalogue/traits'
import type { Trait } from '../catalogue/traits'
import type { Range } from './range'
import { rangeSchema } from './range'

/** What can be asked of any product by itself. */
export type ProductTest =
  /** It has this trait; of a category, also one below it. An attribute without a value: any value. */
  | { has: Trait }
  /** Its price in minor units. */
  | { price: Range }
  /** Units on hand, its variants' together. */
  | { stock: Range }
  /** Units sold. */
  | { sold: Range }
  /** Released at most so many days ago. */
  | { releasedWithin: number }

/** What can be asked of a target: by itself, or compared with the source. */
export type TargetTest =
  | ProductTest
  /** The same brand as the source, or another; a product without a brand has neither the same nor another. */
  | { brand: 'same' | 'different' }
  /** At least one category in common, or none. */
  | { category: 'same' | 'different' }
  /** One of its values of an attribute is one of the source's values of an attribute: `fits` has the source's `standard`. */
  | { attribute: string; sourceAttribute: string }
  /** Its price in percent of the source's. */
  | { pricePercent: Range }
  /** Released later than the source. */
  | { newer: true }
  /** At least so many tags in common. */
  | { sharedTags: number }

export type Condition<Test> = { all: Condition<Test>[] } | { any: Condition<Test>[] } | { none: Condition<Test>[] } | Test

/** When the source looks like this, pick targets that look like that. */
export interface Rule {
  when: Condition<ProductTest>
  pick: Condition<TargetTest>
}

const productTests = [
  z.strictObject({ has: traitSchema }),
  z.strictObject({ price: rangeSchema }),
  z.strictObject({ stock: rangeSchema }),
  z.strictObject({ sold: rangeSchema }),
  z.strictObject({ releasedWithin: z.int().min(1).max(36_500) }),
] as const
const sameOrDifferentSchema = z.enum(['same', 'different'])
const attributeNameSchema = z.string().min(1).max(64)

const productTestSchema: z.ZodType<ProductTest> = z.union(productTests).meta({ id: 'ProductTest' })
const targetTestSchema: z.ZodType<TargetTest> = z
  .union([
    ...productTests,
    z.strictObject({ brand: sameOrDifferentSchema }),
    z.strictObject({ category: sameOrDifferentSchema }),
    z.strictObject({ attribute: attributeNameSchema, sourceAttribute: attributeNameSchema }),
    z.strictObject({ pricePercent: rangeSchema }),
    z.strictObject({ newer: z.literal(true) }),
    z.strictObject({ sharedTags: z.int().min(1).max(50) }),
  ])
  .meta({ id: 'TargetTest' })

/** Conditions within conditions go no deeper than this. */
const deepest = 4

/**
 * Conditions of a sort of tests, combined by all, any and none. Each depth has a name: documents that describe it would be too long to be
 * read if it were written out wherever it stands.
 */
function conditionOf<Test>(test: z.ZodType<Test>, name: string, depth = 1): z.ZodType<Condition<Test>> {
  if (depth > deepest) return test as z.ZodType<Condition<Test>>
  const parts = z.array(conditionOf(test, name, depth + 1)).max(20)
  const condition = z.union([z.strictObject({ all: parts }), z.strictObject({ any: parts }), z.strictObject({ none: parts }), test])
  return condition.meta({ id: `${name}Condition${depth}` }) as z.ZodType<Condition<Test>>
}

/** A rule has at most so many conditions, those that combine others among them: each is asked of every product. */
const maxConditions = 100

/** How many conditions there are in what may be a rule; once there are too many, the rest is not looked at. */
function countConditions(rule: unknown): number {
  const waiting = [rule]
  // Its two halves are conditions too.
  let count = 2
  while (waiting.length && count <= maxConditions) {
    const each = waiting.pop()
    if (Array.isArray(each)) count += each.length
    if (typeof each === 'object' && each !== null) waiting.push(...(Object.values(each).slice(0, maxConditions) as unknown[]))
  }
  return count
}

export const ruleSchema: z.ZodType<Rule> = z
  .preprocess(
    (value, { addIssue }) => {
      if (countConditions(value) <= maxConditions) return value
      addIssue({ code: 'custom', message: `A rule has at most ${maxConditions} conditions altogether.` })
      return z.NEVER
    },
    z.strictObject({
      /** An empty `all` is true of every product. */
      when: conditionOf(productTestSchema, 'Product'),
      pick: conditionOf(targetTestSchema, 'Target'),
    }),
  )
  .meta({ id: 'MatchingRule' })
