import { z } from 'zod'
import { skuSchema } from './sku'
import { minorUnitsSchema } from '../money/money'
import { reductionPercentSchema } from '../money/percent'
import { textSchema } from '../text/text'

/** A group of options with more combinations than this is a warning: nobody looks through so many. */
export const manyCombinations = 300
/** A group of options can't have more combinations than this. */
export const maxCombinations = 2000

/** Names a part within its bundle. */
const partKeySchema = z
  .string()
  .regex(/^[a-z0-9]+(-[a-z0-9]+)*$/, 'A key has small letters, digits and single hyphens.')
  .max(64)
const quantitySchema = z.int('A quantity is a whole number.').min(1, 'A quantity is at least 1.').max(999, 'A quantity is at most 999.')
const percentSchema = reductionPercentSchema(0, 'A reduction can’t be negative.')

/** Of a part whose pieces are chosen one by one there can't be more in a bundle: nobody chooses so often. */
export const maxPieces = 12
/** Letters of what names a piece in a shopper's choices: the key of its part, a dot, and its number. */
export const maxPieceKey = 67
const pieces = {
  quantity: quantitySchema,
  /** With a quantity of more than one, each of them is chosen by itself; left out: one choice is for all. */
  oneByOne: z.literal(true).optional(),
}
const hasTooManyPieces = ({ quantity, oneByOne }: { quantity: number; oneByOne?: true }) => oneByOne === true && quantity > maxPieces
const tooManyPieces = `At most ${maxPieces} of a part are chosen one by one.`

/** A product or a variant of one. Of a product with variants the shopper chooses one. */
const componentSchema = z
  .strictObject({ key: partKeySchema, sku: skuSchema, ...pieces })
  .refine(each => !hasTooManyPieces(each), { error: tooManyPieces, path: ['quantity'] })
export type Component = z.infer<typeof componentSchema>

const optionValueSchema = z.string().trim().min(1, 'A value can’t be empty.').max(64)
const groupOptionSchema = z.strictObject({
  name: z.string().trim().min(1, 'An option needs a name.').max(64),
  values: z.array(optionValueSchema).max(200).refine(isDistinct, 'A value stands in an option once.'),
})

/** Options that together name one product: size and colour belong in one group (common practice). */
const optionGroupSchema = z
  .strictObject({
    key: partKeySchema,
    name: textSchema,
    ...pieces,
    /** Whose variants its combinations are matched to. */
    products: z.array(skuSchema).max(50),
    options: z
      .array(groupOptionSchema)
      .max(6, 'A group has at most 6 options.')
      .refine(options => isDistinct(options.map(each => each.name)), 'An option stands in a group once.'),
    /**
     * What was decided of combinations, by their values in the order of the options: the SKU that they are, or null: not sold. Others are
     * without a product.
     */
    combinations: z.array(z.strictObject({ values: z.array(optionValueSchema), sku: skuSchema.nullable() })).max(maxCombinations),
  })
  .superRefine((group, context) => {
    if (hasTooManyPieces(group)) context.addIssue({ code: 'custom', message: tooManyPieces, path: ['quantity'] })
    const count = countCombinations(group.options)
    if (count > maxCombinations)
      context.addIssue(
        `${count.toLocaleString('en')} combinations are too many: a group has at most ${maxCombinations.toLocaleString('en')}. Take ` +
          `values out, or make two groups if the options don’t name one product together.`,
      )
  })
export type OptionGroup = z.infer<typeof optionGroupSchema>
export type GroupOption = z.infer<typeof groupOptionSchema>

/** How many combinations the values of options make: their product (common practice); none as long as an option has no value. */
export const countCombinations = (options: readonly GroupOption[]) =>
  options.length ? options.reduce((count, each) => count * each.values.length, 1) : 0

/** In how many ways a group can be chosen: its combinations, as often over as its pieces are chosen one by one. */
export const countChoices = ({ options, quantity, oneByOne }: Pick<OptionGroup, 'options' | 'quantity' | 'oneByOne'>) =>
  countCombinations(options) ** (oneByOne ? quantity : 1)

/** How the price follows from the sum of the parts. Amounts are in minor units. */
export const bundlePriceSchema = z.discriminatedUnion('by', [
  z.strictObject({ by: z.literal('sum') }),
  z.strictObject({ by: z.literal('percent'), percent: percentSchema }),
  z.strictObject({ by: z.literal('amount'), amount: minorUnitsSchema }),
  z.strictObject({ by: z.literal('own'), price: minorUnitsSchema }),
])
export type BundlePrice = z.infer<typeof bundlePriceSchema>

const common = {
  /** A margin under so many percent is worth a word; null: none is. */
  marginFloor: z.int().min(-100).max(100).nullable(),
}
const componentsSchema = z.array(componentSchema).max(50, 'A bundle has at most 50 components.')
const parts = { components: componentsSchema, price: bundlePriceSchema, ...common }

/** Several products that are sold as one line. */
export const bundleSchema = z
  .discriminatedUnion('type', [
    /** Always the same products. */
    z.strictObject({ type: z.literal('fixed'), ...parts }),
    /** One product of each group, and the components. */
    z.strictObject({ type: z.literal('choice'), groups: z.array(optionGroupSchema).max(12, 'A bundle has at most 12 groups.'), ...parts }),
    /** Any so many out of a set: the more, the cheaper. */
    z.strictObject({
      type: z.literal('pickAny'),
      set: z.array(skuSchema).max(200, 'A set has at most 200 products.').refine(isDistinct, 'A product stands in a set once.'),
      least: z.int().min(1, 'At least one is picked.').max(100),
      most: z.int().min(1).max(100, 'At most 100 are picked.'),
      /** Whether the same may be picked again. */
      repeats: z.boolean(),
      /** From so many on, so much off. */
      steps: z
        .array(z.strictObject({ count: z.int().min(1).max(100), percent: percentSchema }))
        .max(20)
        .refine(steps => isDistinct(steps.map(each => each.count)), 'There is one reduction for a number.'),
      ...common,
    }),
  ])
  .superRefine((bundle, context) => {
    if (!isDistinct(partKeys(bundle))) context.addIssue('Two parts have the same key.')
    if (bundle.type === 'pickAny' && bundle.least > bundle.most)
      context.addIssue(`At least ${bundle.least} and at most ${bundle.most} can’t be picked at once.`)
  })
export type Bundle = z.infer<typeof bundleSchema>
export type BundleType = Bundle['type']
export type PickAnyBundle = Extract<Bundle, { type: 'pickAny' }>
export type BundleOfParts = Exclude<Bundle, PickAnyBundle>

const partKeys = (bundle: Bundle) => (bundle.type === 'pickAny' ? [] : [...groupsOf(bundle), ...bundle.components].map(each => each.key))

export const groupsOf = (bundle: Bundle): readonly OptionGroup[] => (bundle.type === 'choice' ? bundle.groups : [])

/** The SKUs of everything that can be in the bundle, each once, in their order. */
export function namedIn(bundle: Bundle): string[] {
  if (bundle.type === 'pickAny') return bundle.set
  return [
    ...new Set([
      ...groupsOf(bundle).flatMap(each => each.combinations.flatMap(({ sku }) => sku ?? [])),
      ...bundle.components.map(each => each.sku),
    ]),
  ]
}

/** A new bundle with nothing in it yet. A margin under 20 % is worth a word (an assumption of Manada's, to be set). */
export function emptyBundle(type: BundleType): Bundle {
  const parts = { components: [], price: { by: 'sum' as const }, marginFloor: 20 }
  switch (type) {
    case 'fixed':
      return { type, ...parts }
    case 'choice':
      return { type, groups: [], ...parts }
    case 'pickAny':
      return { type, set: [], least: 3, most: 6, repeats: true, steps: [{ count: 3, percent: 10 }], marginFloor: parts.marginFloor }
  }
}

function isDistinct(values: readonly (string | number)[]): boolean {
  return new Set(values).size === values.length
}
