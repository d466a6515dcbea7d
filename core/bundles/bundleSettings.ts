import { z } from 'zod'
import { pictureAddress } from '../catalogue/pictureType'
import { product, productStatus } from '../catalogue/product'
import type { Product } from '../catalogue/product'
import { text } from '../text/text'
import { bundle } from '../catalogue/bundle'

/** A name in at least one language: without one nobody finds it. */
const name = text.refine(value => Object.values(value).some(each => each.trim()), 'A bundle needs a name.')

/** What a merchandiser says of a bundle. Everything else follows from its parts. */
export const bundleSettings = z.strictObject({
  name,
  description: text,
  status: productStatus,
  /** Keys, the main one first. */
  categories: z.array(z.string().min(1).max(64)).max(50),
  tags: product.shape.tags.max(100),
  /** null: one is made of the pictures of its parts. */
  image: pictureAddress.nullable(),
  bundle,
})
export type BundleSettings = z.infer<typeof bundleSettings>

export const settingsOf = ({ name, description, status, categories, tags, image, bundle }: Product): BundleSettings =>
  ({ name, description, status, categories, tags, image, bundle: bundle! })
