import fc from 'fast-check'
import type { z } from 'zod'
import type { NaiveStep } from '../naiveStep.testing'
import { anyCommon, anyProductsOf } from '../naiveStep.testing'
import { naiveProductsOf } from '../productsOf.testing'
import type { bestSellersStepSchema } from './bestSellersStep'

export const naiveBestSellers: NaiveStep<z.infer<typeof bestSellersStepSchema>> = {
  any: fc.record({ from: fc.constant('bestSellers' as const), of: anyProductsOf, ...anyCommon }),
  offers: (step, tools) => naiveProductsOf(step, 'best-selling', tools),
}
