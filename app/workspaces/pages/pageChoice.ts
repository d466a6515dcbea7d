import type { ProductRow } from '../../../core/workbench/workbench'

/** A page as it is chosen: by the SKU or key of what it is about. */
export interface PageChoice {
  value: string
  title: string
  /** Of a product. */
  product?: ProductRow
}
