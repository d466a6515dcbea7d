import { expect, it } from 'vitest'
import type { ExportShop, OrderFileLine } from '../fileKindType'
import { ordersFile } from './ordersFile'

const line = (given: Partial<OrderFileLine>): OrderFileLine => ({
  number: '1',
  placed: '2026-05-01T10:00:00Z',
  line: 1,
  sku: 'A',
  quantity: 1,
  unitPrice: 1250,
  within: null,
  chosen: null,
  origin: null,
  ...given,
})
async function rows(...lines: OrderFileLine[]) {
  const orderLines = async function* () {
    yield* await Promise.resolve(lines)
  }
  const found = []
  const shop = { settings: { currency: 'EUR' }, orderLines } as unknown as ExportShop
  for await (const row of ordersFile.rowsOf(shop)) found.push(Object.values(row).join(';'))
  return found
}

it('tells each line of an order, where it came from, and what was chosen in a bundle', async () => {
  expect(
    await rows(
      line({ origin: 'section:accessories', quantity: 2 }),
      line({ number: '2', sku: 'SET', unitPrice: 4000 }),
      line({ number: '2', line: 2, sku: 'SUIT-L', within: 1, chosen: 'Suit: white, L' }),
      line({ number: '2', line: 3, sku: 'GLO-9', within: 1, chosen: 'Gloves: 9' }),
      line({ number: '2', line: 4, sku: '=A', origin: 'offer:tick' }),
    ),
  ).toEqual([
    '1;2026-05-01T10:00:00Z;A;2;12.50;section:accessories;',
    '2;2026-05-01T10:00:00Z;SET;1;40.00;;Suit: white, L|Gloves: 9',
    '2;2026-05-01T10:00:00Z;SUIT-L;1;12.50;bundle:SET;',
    '2;2026-05-01T10:00:00Z;GLO-9;1;12.50;bundle:SET;',
    "2;2026-05-01T10:00:00Z;'=A;1;12.50;offer:tick;",
  ])
  expect(await rows()).toEqual([])
})
