import { z } from 'zod'
import type { ProductRow } from '../../core/workbench/workbench'
import { productRowSchema } from '../../core/workbench/workbench'
import { callApi } from './callApi'

/** Products and variants by their SKUs, in their order; those that there are not are left out. */
export const namedProducts = async (skus: readonly string[]): Promise<ProductRow[]> =>
  (await callApi(z.object({ rows: z.array(productRowSchema) }), '/api/products/named', { query: { sku: skus } })).rows
