import { z } from 'zod'
import type { ToPublish } from '../../releases/toPublish'
import { draftNamesSchema } from '../../releases/toPublish'
import { keySchema } from '../../text/key'

export const flagSchema = z
  .enum(['0', '1'])
  .default('0')
  .transform(value => value === '1')
/** What asks for things as they are drafted. */
export const draftQuery = {
  draft: flagSchema.meta({
    description: '1: as it is drafted. For people who are signed in, tokens with draft:read, and whoever has a preview token.',
  }),
  only: draftNamesSchema.optional().meta({
    description: 'With draft=1: as shoppers have it, and of all drafts these alone, such as section:related,plan:jars.',
  }),
  release: z.coerce.number().int().min(1).optional().meta({ description: 'With draft=1: as it was with this release.' }),
  offer: keySchema.optional().meta({
    description:
      'With draft=1: as if the together offer with this key were for every product, on every day. On pages whose plan has no place for ' +
      'it, it stands at their foot.',
  }),
  preview: z.string().max(100).optional().meta({ description: 'A preview token: it opens drafts for a while to whoever was given it.' }),
}
export interface DraftQuery {
  draft: boolean
  only?: ToPublish
  release?: number
  offer?: string
  preview?: string
}
export const amountSchema = z.int().meta({ description: 'Whole minor units of the currency (ISO 4217).' })
export const reducingOfferSchema = z
  .string()
  .optional()
  .meta({ description: 'Of what costs less with what is in the cart: the together offer that takes something off. `was` is its price.' })
export const styleSchema = z.record(z.string(), z.string())
export const houseStyle = 'The shop’s own look as CSS custom properties, to be set on the page.'
export const bundleTypeSchema = z.enum(['fixed', 'choice', 'pickAny'])
