import { z } from 'zod'
import { skuSchema } from '../../catalogue/sku'
import { maxNamed, placeSchema } from '../../journal/commandParts'
import { kindKeySchema } from '../../links/kind'
import { linkDetailsSchema } from '../../links/lane'
import { laneSourceSchema } from '../../links/pageLanes'

const targetsSchema = z.array(skuSchema).min(1, 'Name at least one target.').max(maxNamed)

/**
 * Which lanes a command is about: one kind, on one or several products, or on articles or categories. `seen` are the target SKUs that its
 * sender saw there:
 * an edit of a lane that has changed since is refused. Without it the lane is taken as it is.
 */
const onLanes = {
  kind: kindKeySchema,
  on: z
    .array(z.strictObject({ source: laneSourceSchema, seen: z.array(skuSchema).optional() }))
    .min(1, 'Name at least one product.')
    .max(maxNamed),
}

/** No lane gets more links by it than the ceiling of its kind; what there is too much is left out. Left out: as many as are asked for. */
export const keepCeilingsSchema = z.boolean().optional()

/** Commands on lanes of links, or of dismissed targets. */
export const laneCommandSchema = z.discriminatedUnion('type', [
  /** Adds links at a place, or at the end, to every lane that doesn't have them. */
  z.strictObject({
    type: z.literal('link'),
    ...onLanes,
    targets: targetsSchema,
    place: placeSchema.optional(),
    /** Adds the links back from the targets too, at the end of their lanes. */
    bothWays: z.boolean().optional(),
    keepCeilings: keepCeilingsSchema,
  }),
  z.strictObject({ type: z.literal('unlink'), ...onLanes, targets: targetsSchema }),
  /** Puts one link at another place. */
  z.strictObject({ type: z.literal('move'), ...onLanes, target: skuSchema, place: placeSchema }),
  /** Puts the links into this order; those that are not named come after, as they stood. */
  z.strictObject({ type: z.literal('arrange'), ...onLanes, order: targetsSchema }),
  /** Sets dates or the note of links. */
  z.strictObject({ type: z.literal('detail'), ...onLanes, targets: targetsSchema, details: linkDetailsSchema.partial() }),
  /** Keeps targets from being suggested; and lets them be suggested again. */
  z.strictObject({ type: z.literal('dismiss'), ...onLanes, targets: targetsSchema }),
  z.strictObject({ type: z.literal('bringBack'), ...onLanes, targets: targetsSchema }),
  /** Copies the lanes of a product to others. */
  z.strictObject({
    type: z.literal('copy'),
    from: skuSchema,
    kinds: z.array(kindKeySchema).min(1, 'Name at least one kind.'),
    to: z.array(skuSchema).min(1, 'Name at least one product.').max(maxNamed),
    /** In the place of the links that stand there; otherwise behind them. */
    replace: z.boolean(),
    keepCeilings: keepCeilingsSchema,
  }),
])
export type LaneCommand = z.infer<typeof laneCommandSchema>
