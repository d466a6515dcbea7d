/** Which thing of a record: what it stands on, such as a product, and its key there. Either may be empty. */
export interface Which {
  owner: string
  key: string
}
