import type { APIRequestContext } from '@playwright/test'

/** Units of a product or variant on hand, as the studio has them: shoppers are not told. */
export async function stockOf(studio: APIRequestContext, sku: string): Promise<number> {
  const { rows } = (await (await studio.get('/api/products/named', { params: { sku } })).json()) as { rows: { stock: number }[] }
  return rows[0]!.stock
}
