import { z } from 'zod'
import { sectionKey } from '../sections/section'
import { text } from '../text/text'

export const pageKind = z.enum(['product', 'cart', 'added', 'category', 'article'])
export type PageKind = z.infer<typeof pageKind>

/** The parts of each kind of page where sections stand, in page order. */
export const zonesOf: Record<PageKind, readonly string[]> = {
  product: ['besideDetails', 'belowDetails', 'foot'], cart: ['belowLines'], added: ['belowAdded'], category: ['belowProducts'], article: ['belowText'],
}

/** The sections of one kind of page, zone by zone. */
export const pagePlan = z.strictObject({
  key: sectionKey,
  name: text,
  page: pageKind,
  /** Zones in page order; sections in the order they stand there. */
  zones: z.array(z.strictObject({ key: z.string().min(1), sections: z.array(sectionKey) })),
  /** Whether a product may show again that an earlier section of the page shows. */
  repeats: z.boolean(),
  /** Sections of the plan that are switched off in it. */
  off: z.array(sectionKey),
})
export type PagePlan = z.infer<typeof pagePlan>
