import { isDraft } from '../../core/catalogue/product'
import type { LiveShop } from '../live/liveShop'

/** Whether shoppers may know of a product or variant: of one that is still drafted they may not. */
export function isShownToAll(sku: string, { catalogue }: Pick<LiveShop, 'catalogue'>): boolean {
  const item = catalogue.item(sku)
  return !item || !isDraft(item.product, item.variant)
}
