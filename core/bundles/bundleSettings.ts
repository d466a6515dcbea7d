import { z } from 'zod'
import { chosenPictureSchema } from '../catalogue/pictureAddress'
import { productSchema } from '../catalogue/product'
import type { Product } from '../catalogue/product'
import { skuSchema } from '../catalogue/sku'
import { textSchema } from '../text/text'
import { bundleSchema } from '../catalogue/bundle'

/** A name in at least one language: without one nobody finds it. */
const nameSchema = textSchema.refine(value => Object.values(value).some(each => each.trim()), 'A bundle needs a name.')

/** What a merchandiser says of a bundle. Everything else follows from its parts. */
export const bundleSettingsSchema = z.strictObject({
  name: nameSchema,
  description: textSchema,
  /** What it is for shoppers once it is published. */
  status: z.enum(['active', 'retired']),
  /** Keys, the main one first. */
  categories: z.array(z.string().min(1).max(64)).max(50),
  tags: productSchema.shape.tags.max(100),
  /** null: one is made of the pictures of its parts. */
  image: chosenPictureSchema.nullable(),
  bundle: bundleSchema,
})
export type BundleSettings = z.infer<typeof bundleSettingsSchema>

/** A bundle with its SKU as its key: what is drafted, and what shoppers have. */
export const keyedBundleSchema = bundleSettingsSchema.extend({ key: skuSchema })
export type KeyedBundle = z.infer<typeof keyedBundleSchema>

/** What a product says of the bundle that it is. */
export const settingsOf = ({ name, description, status, categories, tags, image, bundle }: Product): BundleSettings => ({
  name,
  description,
  status: status === 'retired' ? 'retired' : 'active',
  categories,
  tags,
  image,
  bundle: bundle!,
})
