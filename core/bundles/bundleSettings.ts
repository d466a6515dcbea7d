import { z } from 'zod'
import { chosenPictureSchema } from '../catalogue/pictureAddress'
import { productSchema, productStatusSchema } from '../catalogue/product'
import type { Product } from '../catalogue/product'
import { textSchema } from '../text/text'
import { bundleSchema } from '../catalogue/bundle'

/** A name in at least one language: without one nobody finds it. */
const nameSchema = textSchema.refine(value => Object.values(value).some(each => each.trim()), 'A bundle needs a name.')

/** What a merchandiser says of a bundle. Everything else follows from its parts. */
export const bundleSettingsSchema = z.strictObject({
  name: nameSchema,
  description: textSchema,
  status: productStatusSchema,
  /** Keys, the main one first. */
  categories: z.array(z.string().min(1).max(64)).max(50),
  tags: productSchema.shape.tags.max(100),
  /** null: one is made of the pictures of its parts. */
  image: chosenPictureSchema.nullable(),
  bundle: bundleSchema,
})
export type BundleSettings = z.infer<typeof bundleSettingsSchema>

export const settingsOf = ({ name, description, status, categories, tags, image, bundle }: Product): BundleSettings => ({
  name,
  description,
  status,
  categories,
  tags,
  image,
  bundle: bundle!,
})
