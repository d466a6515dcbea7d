import { z } from 'zod'

/** Everything that is looked for. Each says what it means for the shopper in checkWords.ts. */
export const checkSchema = z.enum([
  'sectionBlank',
  'sectionThin',
  'laneOutOfStock',
  'ruleNever',
  'targetOutOfStock',
  'targetNotForSale',
  'targetRetired',
  'linkOver',
  'sameShown',
  'ruleNearlyAll',
  'severalLanes',
  'overCeiling',
  'cheaperThanSource',
  'dearerThanSource',
  'notLinkedTo',
  'returnMissing',
  'bundleEmpty',
  'bundleInside',
  'bundlePartGone',
  'bundlePartNotForSale',
  'bundleUnmapped',
  'bundleOutOfStock',
  'bundleDearer',
  'bundleNoSaving',
  'bundleLowMargin',
  'bundleTwin',
])
export type Check = z.infer<typeof checkSchema>

/** What is found product by product. */
export const productChecks = [
  'laneOutOfStock',
  'targetOutOfStock',
  'targetNotForSale',
  'targetRetired',
  'linkOver',
  'severalLanes',
  'overCeiling',
  'cheaperThanSource',
  'dearerThanSource',
  'notLinkedTo',
  'returnMissing',
  'bundleEmpty',
  'bundleInside',
  'bundlePartGone',
  'bundlePartNotForSale',
  'bundleUnmapped',
  'bundleOutOfStock',
  'bundleDearer',
  'bundleNoSaving',
  'bundleLowMargin',
  'bundleTwin',
] as const satisfies readonly Check[]
export type ProductCheck = (typeof productChecks)[number]

/** What is found section by section. */
export type SectionCheck = Exclude<Check, ProductCheck>

/** What is found on bundles is mended where bundles are made. */
export const isBundleCheck = (which: Check) => which.startsWith('bundle')

export const isProductCheck = (which: Check): which is ProductCheck => (productChecks as readonly Check[]).includes(which)

/** The checks by what they mean for the shopper, the worst first. */
export const checkGroups = [
  { title: 'Shoppers see nothing, or too little', checks: ['sectionBlank', 'laneOutOfStock', 'ruleNever', 'sectionThin'] },
  { title: 'Shoppers miss what was picked for them', checks: ['targetOutOfStock', 'targetNotForSale', 'targetRetired', 'linkOver'] },
  { title: 'Shoppers see the same again, or too much', checks: ['sameShown', 'ruleNearlyAll', 'severalLanes', 'overCeiling'] },
  { title: 'Shoppers see odd prices', checks: ['cheaperThanSource', 'dearerThanSource'] },
  {
    title: 'Shoppers can’t buy a bundle, or not all of it',
    checks: ['bundleEmpty', 'bundleInside', 'bundlePartGone', 'bundlePartNotForSale', 'bundleUnmapped', 'bundleOutOfStock'],
  },
  {
    title: 'Bundles save shoppers nothing, or earn too little',
    checks: ['bundleDearer', 'bundleNoSaving', 'bundleLowMargin', 'bundleTwin'],
  },
  { title: 'Shoppers find no way there', checks: ['notLinkedTo', 'returnMissing'] },
] as const satisfies readonly { title: string; checks: readonly Check[] }[]

/**
 * One thing that a check found, by where it is.
 * Product by product: `source` is the product's SKU, `kind` the lane, `target` the target's SKU, each empty where it has no meaning.
 * Section by section: `source` is the section's key, `kind` the kind of page or the number of the fill step, `target` the other section's
 * key.
 */
export const findingSchema = z.strictObject({
  check: checkSchema,
  source: z.string().max(64),
  kind: z.string().max(64),
  target: z.string().max(64),
})
export type Finding = z.infer<typeof findingSchema>

/** A check as a whole, for putting all aside that it finds. */
export const wholeCheck = (which: Check): Finding => ({ check: which, source: '', kind: '', target: '' })

/** What tells findings of one source apart. No part of it can have a `|`. */
export const findingKey = ({ check, kind, target }: Finding) => `${check}|${kind}|${target}`

/** The finding of a source with this key. */
export function findingOf(source: string, key: string): Finding {
  const [which, kind, target] = key.split('|') as [Check, string, string]
  return { check: which, source, kind, target }
}

/** How findings of a check can be mended without asking anything. */
export const mendOf = (which: Check): 'unlink' | 'linkBack' | 'shorten' | null => mends[which] ?? null
const mends: Partial<Record<Check, 'unlink' | 'linkBack' | 'shorten'>> = {
  targetOutOfStock: 'unlink',
  targetNotForSale: 'unlink',
  targetRetired: 'unlink',
  linkOver: 'unlink',
  severalLanes: 'unlink',
  cheaperThanSource: 'unlink',
  dearerThanSource: 'unlink',
  returnMissing: 'linkBack',
  overCeiling: 'shorten',
}
