import { z } from 'zod'

/** What a page of the stand-in shop in a frame tells the studio: where its sections come from, for what is in the cart there now. */
export const shownPageSchema = z.object({
  manada: z.literal('shows'),
  /** Below the delivery contract’s own address, such as `/pages/product/EX-210`. */
  path: z.string().regex(/^\/pages\/[^?]+$/),
  query: z.record(z.string(), z.string()),
})
export type ShownPage = Pick<z.infer<typeof shownPageSchema>, 'path' | 'query'>
