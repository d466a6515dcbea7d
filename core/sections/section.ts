import { z } from 'zod'
import { sku } from '../catalogue/sku'
import { linkDate } from '../links/lane'
import { sectionLook } from '../looks/look'
import { range } from '../rules/range'
import { text } from '../text/text'
import { display, layout } from './display'
import { fillStep } from '../fillSteps/fillStep'
import { keySchema } from '../text/key'

/** What a candidate is checked for before it takes a place. */
export const guard = z.enum(['inCart', 'self', 'notForSale', 'outOfStock', 'shownEarlier'])
export type Guard = z.infer<typeof guard>

/** Products that a section never shows. */
export const leaveOut = z.strictObject({
  /** Keys; with the categories below them. */
  categories: z.array(z.string().min(1)).max(500),
  tags: z.array(z.string().min(1)).max(500),
  brands: z.array(z.string().min(1)).max(500),
  products: z.array(sku).max(500),
})
export type LeaveOut = z.infer<typeof leaveOut>

/** Languages without a text of their own get the shop's words. */
const buttonText = text.refine(value => Object.values(value).every(each => each.length <= 40), 'A button’s text has at most 40 characters.')

const headingText = text.refine(value => Object.values(value).every(each => each.length <= 200), 'A heading has at most 200 characters.')

/** What a merchandiser says of a recommendation section: its words, what fills it, and how it looks. */
export const sectionSettings = z.strictObject({
  /** May have words that are filled from what the page is about; see headings.ts. */
  heading: headingText,
  /** For a single product, and for where a word of the heading has no value; empty: none. */
  otherHeadings: z.strictObject({ one: headingText, without: headingText }),
  layout,
  display,
  look: sectionLook,
  /** What its buttons say; empty: as the shop says it. */
  buttons: z.strictObject({ add: buttonText, choose: buttonText }),
  /** Tried in order until the places are full. */
  steps: z.array(fillStep).min(1, 'A section has at least one fill step.').max(12),
  /** The steps take turns: the first of each, the second of each. Otherwise one after another. */
  takeTurns: z.boolean(),
  guards: z.array(guard),
  /** A guard: the price in percent of the subject's. */
  priceBand: range.nullable(),
  /** A guard. */
  leaveOut,
  /** A guard: margin in percent of the price. A product whose cost is not known passes. */
  lowestMargin: z.number().min(-1000).max(100).nullable(),
  /** How many products it shows at most. */
  places: z.int().min(1).max(48),
  /** With fewer products than this it is hidden. */
  minimum: z.int().min(1).max(48),
  off: z.boolean(),
  /** Shown from this day or moment on, and until this day's end or this moment. */
  from: linkDate.nullable(),
  until: linkDate.nullable(),
})
export type SectionSettings = z.infer<typeof sectionSettings>

export const section = sectionSettings.extend({ key: keySchema })
export type Section = z.infer<typeof section>

export const plainButtons: SectionSettings['buttons'] = { add: {}, choose: {} }

export const noOtherHeadings: SectionSettings['otherHeadings'] = { one: {}, without: {} }

export const leaveOutNothing: LeaveOut = { categories: [], tags: [], brands: [], products: [] }
