import type { BundleOrders } from '../../../../core/studio/bundleAnswers'
import { itemName } from '../../../../core/delivery/deliveredItem'
import { textIn } from '../../../../core/text/text'
import { useShop } from '../../../running/useShop'

const most = 50

/** The last orders with a bundle. */
export default api('viewer', async (event): Promise<BundleOrders> => {
  const { store, shop } = await useShop()
  const { language } = shop.settings
  const nameOf = (sku: string) => {
    const item = shop.catalogue.item(sku)
    return item ? itemName(item, text => textIn(text, language, language)) : sku
  }
  const { total, lines } = await store.ordersWith(pathPart(event, 'sku'), most)
  return { total, orders: lines.map(line => ({ ...line, components: line.components.map(each => ({ ...each, name: nameOf(each.sku) })) })) }
})
