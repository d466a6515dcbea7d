import { z } from 'zod'
import { bundleSchema } from '../../catalogue/bundle'
import { bundleSettingsSchema } from '../../bundles/bundleSettings'
import { skuSchema } from '../../catalogue/sku'

/** Commands on bundles. They change the product that a bundle is. */
export const bundleCommandSchema = z.discriminatedUnion('type', [
  /** Adds a draft. */
  z.strictObject({ type: z.literal('addBundle'), sku: skuSchema, name: bundleSettingsSchema.shape.name, bundle: bundleSchema }),
  /** Sets parts of a bundle. `seen` is how its sender saw them: if they have changed since, the command is refused. */
  z.strictObject({
    type: z.literal('changeBundle'),
    sku: skuSchema,
    settings: bundleSettingsSchema.partial(),
    seen: bundleSettingsSchema.partial(),
  }),
  /** Takes a draft away that nothing leads to. */
  z.strictObject({ type: z.literal('removeBundle'), sku: skuSchema }),
])
export type BundleCommand = z.infer<typeof bundleCommandSchema>
