import { plainMoney } from '../../../money/money'
import type { FileRow } from '../../fileRow'
import { joinCell, toCell } from '../cells'
import type { ExportShop, OrderFileLine, OutgoingFileKind } from '../fileKindType'

/** The columns of a file of orders, in their order. */
const columns = ['order', 'placed', 'sku', 'quantity', 'unitPrice', 'from', 'options'] as const

/** Orders: a row a line, with a row for each component behind that of its bundle, which says what was chosen. */
export const ordersFile: OutgoingFileKind = {
  words: { name: 'Orders', holds: 'Every line of every order, with what was chosen and where it came from.' },
  columns,
  columnsOf: () => [...columns],
  rowsOf,
}

async function* rowsOf({ orderLines, settings: { currency } }: ExportShop): AsyncGenerator<FileRow> {
  for await (const order of ordersOf(orderLines())) {
    const skus = new Map(order.map(({ line, sku }) => [line, sku]))
    for (const { number, placed, line, sku, quantity, unitPrice, within, origin } of order) {
      const chosen = order.filter(each => each.within === line).flatMap(each => each.chosen ?? [])
      yield {
        order: toCell(number),
        placed,
        sku: toCell(sku),
        quantity: String(quantity),
        unitPrice: plainMoney(unitPrice, currency),
        from: within === null ? (origin ?? '') : `bundle:${skus.get(within)!}`,
        options: toCell(joinCell(chosen)),
      }
    }
  }
}

/** Lines that follow each other, by their orders. */
async function* ordersOf(lines: AsyncIterable<OrderFileLine>): AsyncGenerator<OrderFileLine[]> {
  let order: OrderFileLine[] = []
  for await (const line of lines) {
    if (order.length && order[0]!.number !== line.number) {
      yield order
      order = []
    }
    order.push(line)
  }
  if (order.length) yield order
}
