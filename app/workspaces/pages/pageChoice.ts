/** A page as it is chosen: by the SKU or key of what it is about. */
export interface PageChoice {
  value: string
  title: string
}
