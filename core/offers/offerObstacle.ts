import { isEqual } from 'es-toolkit'
import type { CatalogueItem } from '../catalogue/catalogue'
import { emptyScope } from '../pagePlans/pagePlan'
import type { Offer } from './offer'

/** Why an offer can't be published, in words; null: it can. @param item looks a product or variant up by its SKU */
export function offerObstacle({ trigger, offered }: Offer, item: (sku: string) => CatalogueItem | undefined): string | null {
  if (trigger && isEqual(trigger, emptyScope)) return 'It is for no product: say with which products it is offered.'
  if (offered.by === 'links') return null
  if (!offered.skus.length) return 'It offers nothing: choose products first.'
  const isGone = (sku: string) => (item(sku)?.product.status ?? 'retired') === 'retired'
  return offered.skus.every(isGone) ? 'All that it offers is retired: choose other products.' : null
}
