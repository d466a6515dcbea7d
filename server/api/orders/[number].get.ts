import { sumBy } from 'es-toolkit'
import { imageOf } from '../../../core/catalogue/product'
import { itemName } from '../../../core/delivery/deliveredItem'
import { nameIn } from '../../../core/releases/draftedSorts'
import type { OrderShown } from '../../../core/studio/orderAnswers'
import { textIn } from '../../../core/text/text'
import type { LiveShop } from '../../live/liveShop'
import { useShop } from '../../running/useShop'
import type { KeptLine } from '../../store/orders'

/** One order: its lines with what was in them, what made them cheaper, and where they came from. */
export default api('viewer', async (event): Promise<OrderShown> => {
  const number = pathPart(event, 'number')
  const { store, shop } = await useShop()
  const order = await store.order(number)
  if (!order) throw new Problem(404, 'unknown-order', 'Not found', `There is no order ${number}.`, [number])
  const lines = order.lines.filter(each => each.within === null)
  return {
    number,
    placed: order.placed,
    total: sumBy(lines, each => each.total),
    lines: lines.map(line => {
      const item = shop.catalogue.item(line.sku)
      return {
        ...factsOf(line, shop),
        image: item ? imageOf(item.product, item.variant) : null,
        reductions: line.reductions.map(({ code, key, amount }) => ({ of: code, key, amount, name: nameOf(code, key, shop) })),
        from: originOf(line, shop),
        components: order.lines.filter(each => each.within === line.line).map(each => factsOf(each, shop)),
      }
    }),
  }
})

function factsOf({ sku, quantity, unitPrice, total, chosen }: KeptLine, { catalogue, settings: { language } }: LiveShop) {
  const item = catalogue.item(sku)
  return { sku, name: item ? itemName(item, text => textIn(text, language, language)) : '', quantity, unitPrice, total, chosen }
}

function originOf({ origin }: KeptLine, shop: LiveShop): OrderShown['lines'][0]['from'] {
  const [of, key] = origin?.split(':') ?? []
  return (of === 'section' || of === 'offer') && key ? { of, key, name: nameOf(of, key, shop) } : null
}

/** What something is called by now; its key, where it is gone. */
function nameOf(of: 'bundle' | 'section' | 'offer', key: string, { catalogue, versions, settings: { language } }: LiveShop): string {
  if (of === 'bundle') return textIn(catalogue.product(key)?.name ?? {}, language, language) || key
  const { live, draft } = versions[of === 'section' ? 'sections' : 'offers'].get(key) ?? { live: null, draft: null }
  const thing = live ?? draft
  return (thing && textIn(nameIn(of === 'section' ? 'sections' : 'offers', thing as never), language, language)) || key
}
