import { z } from 'zod'

export const flagSchema = z
  .enum(['0', '1'])
  .default('0')
  .transform(value => value === '1')
/** What asks for things as they are drafted. */
export const draftQuery = {
  draft: flagSchema.meta({
    description: '1: as it is drafted. For people who are signed in, tokens with draft:read, and whoever has a preview token.',
  }),
  preview: z.string().max(100).optional().meta({ description: 'A preview token: it opens drafts for a while to whoever was given it.' }),
}
export interface DraftQuery {
  draft: boolean
  preview?: string
}
export const amountSchema = z.int().meta({ description: 'Whole minor units of the currency (ISO 4217).' })
export const styleSchema = z.record(z.string(), z.string())
export const houseStyle = 'The shop’s own look as CSS custom properties, to be set on the page.'
export const bundleTypeSchema = z.enum(['fixed', 'choice', 'pickAny'])
