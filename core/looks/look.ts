import { z } from 'zod'
import { keySchema } from '../text/key'
import { text } from '../text/text'
import { colour } from './colour'

const pixels = (least: number, most: number) => z.int().min(least).max(most)

/** All that a look says of a section. Lengths are in pixels. */
export const lookParts = z.strictObject({
  /** Of buttons and links. */
  accent: colour,
  /** Behind the section, and behind each product; null: nothing, what lies below is seen. */
  ground: colour.nullable(),
  card: colour.nullable(),
  ink: colour,
  /** Of what is second: brands, short texts, prices before. */
  soft: colour,
  line: colour,
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
  badgeColour: colour,
})
export type LookParts = z.infer<typeof lookParts>

export const font = z.enum(['instrument-sans', 'figtree', 'bricolage-grotesque', 'source-serif', 'device'])
export type Font = z.infer<typeof font>

/** What only the shop as a whole has: the ground of its pages, and its fonts. */
export const pageStyle = z.strictObject({ ground: colour, textFont: font, headFont: font })
export type PageStyle = z.infer<typeof pageStyle>

/** The look that all others begin with. */
export const houseKey = 'house'

export const lookSettings = z.strictObject({
  name: text.refine(value => Object.values(value).some(words => words.trim()), 'A look has a name.'),
  /** What it says otherwise than the shop's own look; the shop's own: than what Manada begins with. */
  parts: lookParts.partial(),
  /** Of the shop's own look. */
  page: pageStyle.nullable(),
})
export type LookSettings = z.infer<typeof lookSettings>

/** A way that sections can look. */
export const look = lookSettings.extend({ key: keySchema })
export type Look = z.infer<typeof look>

/** Which look a section has, and what it has otherwise. */
export const sectionLook = z.strictObject({ preset: keySchema, own: lookParts.partial() })
export type SectionLook = z.infer<typeof sectionLook>

export const plainLook: SectionLook = { preset: 'plain', own: {} }
