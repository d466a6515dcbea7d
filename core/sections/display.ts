import { z } from 'zod'

/** How the products of a section stand beside each other; tiles show categories. */
export const layoutSchema = z.enum(['grid', 'shelf', 'list', 'comparison', 'checklist', 'spotlight', 'tiles'])
export type Layout = z.infer<typeof layoutSchema>

export const devices = ['desktop', 'tablet', 'phone'] as const
export type Device = (typeof devices)[number]

/** How many products stand side by side, and in how many rows at most; null: in as many as they need. */
const fitSchema = z.strictObject({ columns: z.int().min(1).max(6), rows: z.int().min(1).max(12).nullable() })

export const cardPartSchema = z.enum(['brand', 'price', 'was', 'reduction', 'stock', 'text', 'button'])
export type CardPart = z.infer<typeof cardPartSchema>

/** What stands beside a heading: a picture, or the mark of the brand that the page is about. */
export const headingIconSchema = z.enum(['star', 'heart', 'gift', 'wrench', 'leaf', 'tag', 'bag', 'clock', 'sun', 'truck', 'book', 'brand'])
export type HeadingIcon = z.infer<typeof headingIconSchema>

/** How a section and its cards look, apart from colours and the like. */
export const displaySchema = z.strictObject({
  devices: z.strictObject({ desktop: fitSchema, tablet: fitSchema, phone: fitSchema }),
  /** A shelf shows a part of the next card. */
  peek: z.boolean(),
  /** What turns a shelf. */
  turn: z.enum(['arrows', 'dots', 'numbers']),
  picture: z.enum(['landscape', 'square', 'portrait']),
  /** What a card shows besides picture and name. */
  card: z.array(cardPartSchema),
  /** How a reduction is told. */
  reduction: z.enum(['percent', 'amount']),
  heading: z.strictObject({
    size: z.enum(['small', 'medium', 'large']),
    align: z.enum(['start', 'center']),
    icon: headingIconSchema.nullable(),
  }),
  /** Whether a section can be folded away, and how it begins. */
  fold: z.enum(['no', 'open', 'closed']),
  /** A link beside the heading to all products of the brand or category that the page is about. */
  seeAll: z.enum(['no', 'brand', 'category']),
})
export type Display = z.infer<typeof displaySchema>

/** Whether a device has no row left for what stands at an index. */
export const isBeyond = ({ columns, rows }: z.infer<typeof fitSchema>, index: number): boolean => rows !== null && index >= columns * rows

/** Layouts that take little room, and have a smaller heading. */
export const compactLayouts: readonly Layout[] = ['list', 'checklist', 'spotlight']

/** How a section of a layout looks as long as nobody says otherwise. */
export function displayFor(of: Layout): Display {
  const columns = {
    grid: [4, 3, 2],
    shelf: [4, 2, 2],
    list: [1, 1, 1],
    comparison: [3, 2, 2],
    checklist: [1, 1, 1],
    spotlight: [1, 1, 1],
    tiles: [4, 3, 2],
  }[of]
  const [desktop, tablet, phone] = columns.map(each => ({ columns: each, rows: null })) as [
    z.infer<typeof fitSchema>,
    z.infer<typeof fitSchema>,
    z.infer<typeof fitSchema>,
  ]
  return {
    devices: { desktop, tablet, phone },
    peek: true,
    turn: 'arrows',
    picture: 'landscape',
    card: ['price', 'was', 'stock', 'button'],
    reduction: 'percent',
    heading: { size: compactLayouts.includes(of) ? 'small' : 'medium', align: 'start', icon: null },
    fold: 'no',
    seeAll: 'no',
  }
}

/** Layouts of several products that a single one looks lost in. */
const forSeveral: readonly Layout[] = ['grid', 'shelf', 'comparison']

/** How so many products are laid out: a single one stands in the spotlight. */
export const layoutFor = (of: Layout, count: number): Layout => (count === 1 && forSeveral.includes(of) ? 'spotlight' : of)
