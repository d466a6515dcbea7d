import { z } from 'zod'
import { textSchema } from '../text/text'

export const kindKeySchema = z
  .string()
  .regex(/^[a-z0-9]+(-[a-z0-9]+)*$/, 'A kind’s key has small letters, digits and single hyphens.')
  .max(40)

/** What a merchandiser wants of the targets of a kind, compared with the source. */
export const expectationSchema = z.enum(['none', 'dearer', 'cheaper'])

/** The drawings that can stand for a kind. */
export const kindGlyphSchema = z.enum(['rings', 'stairs', 'cross', 'hook', 'drop', 'spark', 'leaf', 'tag', 'shield', 'box', 'sun', 'knot'])

/** A name that people read: in some language, not empty in any, and short enough for a button. */
const nameSchema = textSchema.refine(
  value => Object.keys(value).length > 0 && Object.values(value).every(each => each.trim() && each.length <= 40),
  'A name has 1 to 40 characters.',
)

/** What a merchandiser says of a kind of link, such as upsell or accessory. */
export const kindSettingsSchema = z.strictObject({
  /** One link of this kind: “accessory”. */
  name: nameSchema,
  /** The lane's heading: “Accessories”. */
  plural: nameSchema,
  glyph: kindGlyphSchema,
  expectation: expectationSchema,
  /** More links than this crowd the page; a gentle ceiling, never enforced. Null: none. */
  ceiling: z.int().min(1, 'A ceiling is 1 or more.').max(1000, 'A ceiling is at most 1,000.').nullable(),
  /** A link A → B calls for B → A. */
  mutual: z.boolean(),
})
export type KindSettings = z.infer<typeof kindSettingsSchema>

/** A kind of link. A retired one keeps its links, but nobody sees or changes them until it is restored. */
export const linkKindSchema = kindSettingsSchema.extend({ key: kindKeySchema, retired: z.boolean() })
export type LinkKind = z.infer<typeof linkKindSchema>

/** The kinds that are not retired, in their order. */
export const kindsInUse = (kinds: ReadonlyMap<string, LinkKind>) => [...kinds.values()].filter(kind => !kind.retired)
