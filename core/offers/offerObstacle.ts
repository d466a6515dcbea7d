import { isEqual } from 'es-toolkit'
import type { CatalogueItem } from '../catalogue/catalogue'
import { emptyScope } from '../pagePlans/pagePlan'
import type { Offer } from './offer'

/** Why an offer can't be published, in words; null: it can. @param item looks a product or variant up by its SKU */
export function offerObstacle({ trigger, offered, fallbacks }: Offer, item: (sku: string) => CatalogueItem | undefined): string | null {
  if (trigger?.all.some(scope => isEqual(scope, emptyScope))) return 'It is for no product: say with which products it is offered.'
  const ways = [offered, ...fallbacks].map(each => (each.by === 'chosen' ? each.skus : null))
  // What links and rules find is not known before.
  if (ways.includes(null)) return null
  const skus = ways.flatMap(each => each!)
  if (!skus.length) return 'It offers nothing: choose products first.'
  const isGone = (sku: string) => (item(sku)?.product.status ?? 'retired') === 'retired'
  return skus.every(isGone) ? 'All that it offers is retired: choose other products.' : null
}
