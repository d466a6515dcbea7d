import fc from 'fast-check'
import type { z } from 'zod'
import type { Product } from '../../catalogue/product'
import type { NaiveStep } from '../naiveStep.testing'
import { anyCommon, anyFreeOrder, common } from '../naiveStep.testing'
import type { bundlesStepSchema } from './bundlesStep'

export const naiveBundles: NaiveStep<z.infer<typeof bundlesStepSchema>> = {
  any: fc.record({ from: fc.constant('bundles' as const), order: anyFreeOrder, ...anyCommon }),
  offers: ({ order }, { sources, turns, ordered, plainOffers, skus, productOf }) =>
    turns(
      sources.map(source => {
        const own = [source, ...productOf(source)!.variants.map(each => each.sku)]
        const contains = ({ bundle }: Product) =>
          bundle?.type === 'pickAny'
            ? common(bundle.set, own).length > 0
            : !!bundle && bundle.components.some(each => own.includes(each.sku))
        return plainOffers(
          ordered(
            skus(each => each.sku !== source && contains(each)),
            order,
          ),
          source,
        )
      }),
    ),
}
