import fc from 'fast-check'
import type { z } from 'zod'
import type { NaiveStep } from '../naiveStep.testing'
import { anyCommon, anyScoredOrder } from '../naiveStep.testing'
import type { boughtTogetherStepSchema } from './boughtTogetherStep'

export const naiveBoughtTogether: NaiveStep<z.infer<typeof boughtTogetherStepSchema>> = {
  any: fc.record({ from: fc.constant('boughtTogether' as const), order: anyScoredOrder, ...anyCommon }),
  offers: () => [],
}
