import { z } from 'zod'
import { keySchema } from '../text/key'
import { textSchema } from '../text/text'
import { colourSchema } from './colour'

const pixels = (min: number, max: number) => z.int().min(min).max(max)

/** All that a look says of a section. Lengths are in pixels. */
export const lookPartsSchema = z.strictObject({
  /** Of buttons and links. */
  accent: colourSchema,
  /** Behind the section, and behind each product; null: nothing, what lies below is seen. */
  ground: colourSchema.nullable(),
  card: colourSchema.nullable(),
  ink: colourSchema,
  /** Of what is second: brands, short texts, prices before. */
  soft: colourSchema,
  line: colourSchema,
  /** What has lines around it. */
  border: z.enum(['none', 'section', 'cards']),
  lineWidth: pixels(1, 4),
  corner: pixels(0, 32),
  /** Above and below the section. */
  space: pixels(0, 96),
  /** Between its products. */
  gap: pixels(4, 48),
  textSize: pixels(12, 20),
  button: z.enum(['filled', 'outlined', 'plain']),
  buttonCorner: pixels(0, 24),
  /** What tells a reduction. */
  badge: z.enum(['tinted', 'filled', 'outlined']),
  badgeColour: colourSchema,
})
export type LookParts = z.infer<typeof lookPartsSchema>

export const fontSchema = z.enum(['instrument-sans', 'figtree', 'bricolage-grotesque', 'source-serif', 'device'])
export type Font = z.infer<typeof fontSchema>

/** What only the shop as a whole has: the ground of its pages, and its fonts. */
export const pageStyleSchema = z.strictObject({ ground: colourSchema, textFont: fontSchema, headFont: fontSchema })
export type PageStyle = z.infer<typeof pageStyleSchema>

/** The look that all others begin with. */
export const houseKey = 'house'

export const lookSettingsSchema = z.strictObject({
  name: textSchema.refine(value => Object.values(value).some(words => words.trim()), 'A look has a name.'),
  /** What it says otherwise than the shop's own look; the shop's own: than what Manada begins with. */
  parts: lookPartsSchema.partial(),
  /** Of the shop's own look. */
  page: pageStyleSchema.nullable(),
})
export type LookSettings = z.infer<typeof lookSettingsSchema>

/** A way that sections can look. */
export const lookSchema = lookSettingsSchema.extend({ key: keySchema })
export type Look = z.infer<typeof lookSchema>

/** Which look a section has, and what it has otherwise. */
export const sectionLookSchema = z.strictObject({ preset: keySchema, own: lookPartsSchema.partial() })
export type SectionLook = z.infer<typeof sectionLookSchema>

export const plainLook: SectionLook = { preset: 'plain', own: {} }
