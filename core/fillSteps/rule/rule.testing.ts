import fc from 'fast-check'
import type { z } from 'zod'
import { anyRule } from '../../rules/anyRule.testing'
import type { NaiveStep } from '../naiveStep.testing'
import { anyCommon, anyFreeOrder } from '../naiveStep.testing'
import type { ruleStepSchema } from './ruleStep'

export const naiveRule: NaiveStep<z.infer<typeof ruleStepSchema>> = {
  weight: 3,
  any: fc.record({ from: fc.constant('rule' as const), rule: anyRule, order: anyFreeOrder, ...anyCommon }),
  offers: (step, { sources, turns, ordered, counting, plainOffers, skus, holdsFor, picks, productOf }) =>
    turns(
      sources.map(source => {
        if (!holdsFor(step.rule.when, productOf(source)!)) return []
        return plainOffers(
          ordered(
            skus(each => each.sku !== source && picks(step.rule.pick, each, counting(source))),
            step.order,
          ),
          source,
        )
      }),
    ),
}
