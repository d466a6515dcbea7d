import { mapValues } from 'es-toolkit'
import type { Bundle, PickAnyBundle } from '../catalogue/bundle'
import { groupsOf } from '../catalogue/bundle'
import type { Items, PartChoice } from '../bundles/bundleParts'
import { nameOfPiece, partsOf, pickable, pickKey } from '../bundles/bundleParts'
import { isForSale } from '../catalogue/product'
import type { ChosenPart, WantedChoice, WarningCode } from './cart'
import type { Moment } from '../time/moment'

/** Why a bundle can't be sold with these choices. */
export interface ChoiceProblem {
  code: Extract<WarningCode, 'notForSale' | 'noChoice' | 'choiceNotSold' | 'wrongNumber'>
  part: string | null
}

/**
 * What is in a bundle with what the shopper chose. A part that can be one thing only need not be chosen.
 */
export function chooseParts(bundle: Bundle, wanted: readonly WantedChoice[], items: Items, at: Moment): ChosenPart[] | ChoiceProblem {
  if (bundle.type === 'pickAny') return picked(bundle, wanted, items, at)
  const parts = partsOf(bundle, items)
  const stray = wanted.find(choice => !parts.some(part => part.key === choice.part))
  if (stray) return { code: 'choiceNotSold', part: stray.sku }
  const groups = new Map(groupsOf(bundle).map(each => [each.key, each]))
  const chosen: ChosenPart[] = []
  for (const { key, of, piece, quantity, choices } of parts) {
    const named = wanted.filter(choice => choice.part === key)
    if (named.length > 1) return { code: 'wrongNumber', part: key }
    const only = choices.length === 1 ? choices[0] : null
    const choice = named[0] ? choices.find(({ sku }) => sku === named[0]!.sku) : only
    if (!choice && named[0]) return { code: 'choiceNotSold', part: named[0].sku }
    if (!choice) return { code: choices.length ? 'noChoice' : 'notForSale', part: key }
    if (!isNowForSale(choice, at)) return { code: 'notForSale', part: choice.sku }
    const group = groups.get(of)
    chosen.push({
      part: key,
      sku: choice.sku,
      item: choice.item,
      quantity,
      chosen: group ? { name: mapValues(group.name, name => nameOfPiece(name, piece)), values: choice.values } : null,
    })
  }
  return chosen.length ? chosen : { code: 'notForSale', part: null }
}

function picked(bundle: PickAnyBundle, wanted: readonly WantedChoice[], items: Items, at: Moment): ChosenPart[] | ChoiceProblem {
  const choices = new Map(pickable(bundle, items).map(each => [each.sku, each]))
  const counts = new Map<string, number>()
  for (const { part, sku, quantity } of wanted) {
    if (part !== pickKey || !choices.has(sku)) return { code: 'choiceNotSold', part: sku }
    if (!isNowForSale(choices.get(sku)!, at)) return { code: 'notForSale', part: sku }
    counts.set(sku, (counts.get(sku) ?? 0) + quantity)
    if (!bundle.repeats && counts.get(sku)! > 1) return { code: 'wrongNumber', part: sku }
  }
  const count = [...counts.values()].reduce((sum, each) => sum + each, 0)
  if (!count) return { code: 'noChoice', part: null }
  if (count < bundle.least || count > bundle.most) return { code: 'wrongNumber', part: null }
  return Array.from(counts, ([sku, quantity]) => ({ part: pickKey, sku, item: choices.get(sku)!.item, quantity, chosen: null }))
}

const isNowForSale = ({ item }: PartChoice, at: Moment) => isForSale(item.product, item.variant, at)
