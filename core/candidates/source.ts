import { categoriesLeftOut, withCountingTraits } from '../catalogue/neighbours'
import type { Product } from '../catalogue/product'
import type { RuleFacts } from '../rules/matches'
import type { StepContext, StepShop } from './stepContext'

/** A product that candidates are looked for, as far as it counts. */
export interface Source {
  product: Product
  /** With only those of its traits that count. */
  counting: Product
  /** Keys of the categories that it leaves out; null: none. */
  leftOut: ReadonlySet<string> | null
}

/** @param sku of a product that the shop has */
export function sourceOf(sku: string, shop: StepShop): Source {
  const product = shop.catalogue.product(sku)!
  const neighbours = shop.neighboursOf(sku)
  return {
    product,
    counting: withCountingTraits(product, neighbours),
    leftOut: neighbours.leaveOut.length ? categoriesLeftOut(neighbours, shop.catalogue) : null,
  }
}

/** What matching rules ask about products. */
export const factsOf = ({ shop: { index, catalogue }, shopper }: StepContext): RuleFacts => ({
  sold: sku => index.facts.sold(sku),
  categoriesFrom: key => catalogue.categoriesFrom(key),
  at: shopper.at,
})
