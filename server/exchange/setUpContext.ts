import type { SetUpContext } from '../../core/exchange/setUp/setUp'
import type { LiveShop } from '../live/liveShop'

/** What reading and writing a set-up needs to know of the shop. */
export const setUpContext = (shop: LiveShop): SetUpContext => ({
  item: sku => shop.catalogue.item(sku),
  kinds: () => [...shop.kinds.values()],
  versions: shop.versions,
})
