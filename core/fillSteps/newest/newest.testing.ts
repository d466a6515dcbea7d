import fc from 'fast-check'
import type { z } from 'zod'
import type { NaiveStep } from '../naiveStep.testing'
import { anyCommon, anyProductsOf } from '../naiveStep.testing'
import { naiveProductsOf } from '../productsOf.testing'
import type { newestStepSchema } from './newestStep'

export const naiveNewest: NaiveStep<z.infer<typeof newestStepSchema>> = {
  any: fc.record({ from: fc.constant('newest' as const), of: anyProductsOf, ...anyCommon }),
  offers: (step, tools) => naiveProductsOf(step, 'newest', tools),
}
