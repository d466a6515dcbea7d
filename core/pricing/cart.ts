import type { CatalogueItem } from '../catalogue/catalogue'
import type { Text } from '../text/text'
import { textIn } from '../text/text'

/** What a shopper chose for a part of a bundle: a product without variants, or a variant. */
export interface WantedChoice {
  /** Key of the part; of a pick-any bundle `pick`. */
  part: string
  sku: string
  quantity: number
}

/** What a shopper wants: a product without variants, a variant, or a bundle, by its SKU. */
export interface WantedLine {
  sku: string
  quantity: number
  choices?: readonly WantedChoice[]
  /** What it came from: `section:key`, `offer:key`. */
  from?: string
  /** What one cost as the shopper saw it, in minor units. It is compared, never charged. */
  seen?: number
}

/** Why something costs less. */
export interface Reduction {
  code: 'bundle' | 'offer'
  /** SKU of the bundle, or key of the together offer. */
  key: string
  /** How much less, in minor units. */
  amount: number
  /** In percent, when it is worked out so. */
  percent: number | null
}

/** A product in a bundle's line. `quantity` and `total` are for the whole line. */
export interface PricedComponent {
  /** Key of the part of the bundle. */
  part: string
  sku: string
  /** What was chosen in a group of options; null: it is in none. */
  chosen: ChosenOptions | null
  quantity: number
  /** What one costs by itself. */
  unit: number
  total: number
  reductions: Reduction[]
}

/** A line with its price. Amounts are in minor units. */
export interface PricedLine {
  /** Which of the wanted lines, counted from 0. */
  line: number
  sku: string
  quantity: number
  /** What one costs. */
  unit: number
  /** What one of it cost before; of a bundle, the sum of its parts. Null: no more. */
  was: number | null
  total: number
  reductions: Reduction[]
  /** Of a bundle. Their totals add up to the line's. */
  components: PricedComponent[]
}

export const warningCodes = ['unknown', 'notForSale', 'noChoice', 'choiceNotSold', 'wrongNumber', 'notAvailable', 'priceChanged'] as const
export type WarningCode = (typeof warningCodes)[number]

/**
 * What is not as the shopper wants it. A line that can't be sold at all is left out: the SKU is unknown, it or a part of it is not for
 * sale, nothing was chosen that has to be, what was chosen is not sold in the bundle, or too few or too many were picked. Of what is there
 * in a smaller quantity, or costs something else, the line stays.
 */
export interface CartWarning {
  line: number
  sku: string
  code: WarningCode
  /** Of what is not there in the quantity: how many this line can have. */
  available: number
  /** SKU or key of the part of a bundle at fault. */
  part: string | null
}

export interface PricedCart {
  lines: PricedLine[]
  /** What all would cost without the reductions. */
  subtotal: number
  /** All reductions, each with its amount over all lines. */
  reductions: Reduction[]
  /** What the lines cost together. */
  total: number
  warnings: CartWarning[]
}

/** What a chosen part of a bundle is, and how many of it are in one. */
export interface ChosenPart {
  part: string
  sku: string
  item: CatalogueItem
  quantity: number
  chosen: ChosenOptions | null
}

/** What was chosen in a group of options of a bundle. */
export interface ChosenOptions {
  /** Of the group. */
  name: Text
  /** One of each option, in their order. */
  values: readonly string[]
}

/** What was chosen, in words: “Suit: white, XXXL”. @param language BCP 47 tags: the one asked for, and the shop's own */
export const chosenWords = ({ name, values }: ChosenOptions, language: string, own: string): string =>
  [textIn(name, language, own), values.join(', ')].filter(Boolean).join(': ')
