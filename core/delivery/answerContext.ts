import type { Items } from '../bundles/bundleParts'
import type { ShopSettings } from '../catalogue/shopSettings'
import type { PricesBeside } from '../pricing/pricesBeside'
import type { Moment } from '../time/moment'

/** In which words and as of when catalogue facts are told. */
export interface AnswerContext {
  settings: ShopSettings
  /** BCP 47 tag */
  language: string
  at: Moment
  /** Where the parts of bundles are looked up. */
  items: Items
  /** What products cost beside what is in the shopper's cart; left out: by themselves. */
  prices?: PricesBeside
}
