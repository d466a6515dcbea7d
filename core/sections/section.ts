import { z } from 'zod'
import { skuSchema } from '../catalogue/sku'
import { linkDateSchema } from '../links/lane'
import { sectionLookSchema } from '../looks/look'
import { rangeSchema } from '../rules/range'
import { textSchema } from '../text/text'
import { displaySchema, layoutSchema } from './display'
import { fillStepSchema } from '../fillSteps/fillStep'
import { internalNameSchema } from '../text/internalName'
import { keySchema } from '../text/key'

/** What a candidate is checked for before it takes a place. */
export const guardSchema = z.enum(['inCart', 'self', 'notForSale', 'outOfStock', 'shownEarlier'])
export type Guard = z.infer<typeof guardSchema>

/** Products that a section never shows. */
export const leaveOutSchema = z.strictObject({
  /** Keys; with the categories below them. */
  categories: z.array(z.string().min(1)).max(500),
  tags: z.array(z.string().min(1)).max(500),
  brands: z.array(z.string().min(1)).max(500),
  products: z.array(skuSchema).max(500),
})
export type LeaveOut = z.infer<typeof leaveOutSchema>

/** Languages without a text of their own get the shop's words. */
const buttonTextSchema = textSchema.refine(
  value => Object.values(value).every(each => each.length <= 40),
  'A button’s text has at most 40 characters.',
)

const headingTextSchema = textSchema.refine(
  value => Object.values(value).every(each => each.length <= 200),
  'A heading has at most 200 characters.',
)

/** What a merchandiser says of a recommendation section: its words, what fills it, and how it looks. */
export const sectionSettingsSchema = z.strictObject({
  internalName: internalNameSchema,
  /** May have words that are filled from what the page is about; see headings.ts. */
  heading: headingTextSchema,
  /** For a single product, and for where a word of the heading has no value; empty: none. */
  otherHeadings: z.strictObject({ one: headingTextSchema, without: headingTextSchema }),
  layout: layoutSchema,
  display: displaySchema,
  look: sectionLookSchema,
  /** What its buttons say; empty: as the shop says it. */
  buttons: z.strictObject({ add: buttonTextSchema, choose: buttonTextSchema }),
  /** Tried in order until the places are full. */
  steps: z.array(fillStepSchema).min(1, 'A section has at least one fill step.').max(12),
  /** The steps take turns: the first of each, the second of each. Otherwise one after another. */
  takeTurns: z.boolean(),
  guards: z.array(guardSchema),
  /** A guard: the price in percent of the subject's. */
  priceBand: rangeSchema.nullable(),
  /** A guard. */
  leaveOut: leaveOutSchema,
  /** A guard: margin in percent of the price. A product whose cost is not known passes. */
  lowestMargin: z.number().min(-1000).max(100).nullable(),
  /** How many products it shows at most. */
  places: z.int().min(1).max(48),
  /** With fewer products than this it is hidden. */
  minimum: z.int().min(1).max(48),
  off: z.boolean(),
  /** Shown from this day or moment on, and until this day's end or this moment. */
  from: linkDateSchema.nullable(),
  until: linkDateSchema.nullable(),
})
export type SectionSettings = z.infer<typeof sectionSettingsSchema>

export const sectionSchema = sectionSettingsSchema.extend({ key: keySchema })
export type Section = z.infer<typeof sectionSchema>

export const plainButtons: SectionSettings['buttons'] = { add: {}, choose: {} }

export const noOtherHeadings: SectionSettings['otherHeadings'] = { one: {}, without: {} }

export const leaveOutNothing: LeaveOut = { categories: [], tags: [], brands: [], products: [] }
