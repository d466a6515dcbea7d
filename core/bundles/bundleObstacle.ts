import { groupsOf } from '../catalogue/bundle'
import type { CatalogueItem } from '../catalogue/catalogue'
import { bundleRange } from './bundlePrice'
import type { KeyedBundle } from './bundleSettings'

/** Why a bundle can’t be published, in words; null: it can. @param item looks a product or variant up by its SKU */
export function bundleObstacle({ bundle, status }: KeyedBundle, item: (sku: string) => CatalogueItem | undefined): string | null {
  if (status === 'retired' || bundleRange(bundle, { item })) return null
  const isEmpty = bundle.type === 'pickAny' ? !bundle.set.length : !bundle.components.length && !groupsOf(bundle).length
  return isEmpty ? 'Nothing is in it yet: put products in first.' : 'It can’t be sold: a part of it has nothing that shoppers can get.'
}
