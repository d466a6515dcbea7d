import { z } from 'zod'
import { bundle } from '../../catalogue/bundle'
import { bundleSettings } from '../../bundles/bundleSettings'
import { sku } from '../../catalogue/sku'

/** Commands on bundles. They change the product that a bundle is. */
export const bundleCommandSchema = z.discriminatedUnion('type', [
  /** Adds a draft. */
  z.strictObject({ type: z.literal('addBundle'), sku, name: bundleSettings.shape.name, bundle }),
  /** Sets parts of a bundle. `seen` is how its sender saw them: if they have changed since, the command is refused. */
  z.strictObject({ type: z.literal('changeBundle'), sku, settings: bundleSettings.partial(), seen: bundleSettings.partial() }),
  /** Takes a draft away that nothing leads to. */
  z.strictObject({ type: z.literal('removeBundle'), sku }),
])
export type BundleCommand = z.infer<typeof bundleCommandSchema>
