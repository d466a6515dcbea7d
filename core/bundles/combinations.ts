import type { CatalogueItem } from '../catalogue/catalogue'
import { isRetired } from '../catalogue/catalogue'
import { valuesOf } from '../catalogue/product'
import type { GroupOption, OptionGroup } from '../catalogue/bundle'
import { countCombinations } from '../catalogue/bundle'

/** One value of each option, in the order of the options. */
export type Values = readonly string[]

/** Every combination of the options' values, the last option changing fastest. */
export function combinationsOf(options: readonly GroupOption[]): Values[] {
  if (!countCombinations(options)) return []
  return options.reduce<Values[]>((rows, { values }) => rows.flatMap(row => values.map(value => [...row, value])), [[]])
}

/** A row of a group's table. `sku`: what it is; null: not sold; undefined: nothing was decided. */
export interface Combination {
  values: Values
  sku: string | null | undefined
}

/** All combinations of a group, those without a product first. */
export function combinationTable(group: Pick<OptionGroup, 'options' | 'combinations'>): Combination[] {
  const decided = new Map(group.combinations.map(each => [keyOf(each.values), each.sku]))
  const rows = combinationsOf(group.options).map(values => ({ values, sku: decided.get(keyOf(values)) }))
  return [...rows.filter(row => row.sku === undefined), ...rows.filter(row => row.sku !== undefined)]
}

/** The combinations that are some product, in the order of the table. */
export const soldCombinations = (group: Pick<OptionGroup, 'options' | 'combinations'>) =>
  combinationTable(group).filter((row): row is Combination & { sku: string } => typeof row.sku === 'string')

/** Decides what a combination is. @param sku null: not sold; undefined: nothing is decided */
export function withCombination<T extends Pick<OptionGroup, 'combinations'>>(group: T, values: Values, sku: string | null | undefined): T {
  const others = group.combinations.filter(each => keyOf(each.values) !== keyOf(values))
  return { ...group, combinations: sku === undefined ? others : [...others, { values: [...values], sku }] }
}

/**
 * Decides the combinations that nothing was decided of and that one variant or product alone has the values of; letters, small or great,
 * are the same.
 * @param items what they are looked for in: variants, and products without any
 */
export function matched<T extends Pick<OptionGroup, 'options' | 'combinations'>>(group: T, items: readonly CatalogueItem[]): T {
  const byValues = new Map<string, string | null>()
  for (const item of items) {
    if (isRetired(item)) continue
    const key = matchKey(group.options.map(({ name }) => valueOf(item, name)))
    // Of two that look alike, nobody but a person can say which is meant.
    if (key !== null) byValues.set(key, byValues.has(key) ? null : (item.variant ?? item.product).sku)
  }
  const found = combinationTable(group)
    .filter(row => row.sku === undefined)
    .flatMap(({ values }) => {
      const sku = byValues.get(matchKey(values)!)
      return sku ? [{ values: [...values], sku }] : []
    })
  return { ...group, combinations: [...group.combinations, ...found] }
}

/** The options of products' variants with all their values, in the order in which they come. */
export function optionsOfItems(items: readonly CatalogueItem[]): GroupOption[] {
  const options = new Map<string, GroupOption>()
  for (const { variant } of items) {
    for (const [name, value] of Object.entries(variant?.options ?? {})) {
      const option = options.get(folded(name)) ?? { name, values: [] }
      options.set(folded(name), option)
      if (!option.values.some(each => folded(each) === folded(value))) option.values.push(value)
    }
  }
  return [...options.values()]
}

/** A variant's option, else the one value of the product's attribute of this name. */
function valueOf({ product, variant }: CatalogueItem, name: string): string | undefined {
  const [, own] = Object.entries(variant?.options ?? {}).find(([each]) => folded(each) === folded(name)) ?? []
  if (own !== undefined) return own
  const attribute = Object.keys(product.attributes).find(each => folded(each) === folded(name))
  const values = attribute === undefined ? [] : valuesOf(product, attribute)
  return values.length === 1 ? values[0] : undefined
}

const folded = (words: string) => words.trim().toLowerCase()
// Neither names nor values can have a control character.
const keyOf = (values: Values) => values.join('\n')
const matchKey = (values: readonly (string | undefined)[]) =>
  values.includes(undefined) ? null : keyOf(values.map(value => folded(value!)))
