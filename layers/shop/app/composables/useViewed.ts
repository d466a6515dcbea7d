import type { InjectionKey } from 'vue'
import type { ProductAnswer } from '../../../../core/delivery/contract/catalogue'

/** The product whose page it is, for sections that speak of it; and what was ticked to go into the cart with it. */
export interface Viewed {
  product: Ref<ProductAnswer>
  /** SKUs and prices in minor units, section by section. */
  along: Ref<Record<string, { sku: string; price: number }[]>>
}

const key: InjectionKey<Viewed> = Symbol('viewed')

export function provideViewed(product: Ref<ProductAnswer>): Viewed {
  const viewed = { product, along: ref({}) }
  provide(key, viewed)
  return viewed
}

export const useViewed = () => inject(key, null)
