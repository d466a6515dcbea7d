import type { Names } from '../../core/rules/ruleWords'
import { useStudioShop } from './studioShop'

/** The names that sentences about sections use. */
export function useNames(): Names {
  const studio = useStudioShop()
  return {
    kind: key => studio.words(studio.allKinds.find(each => each.key === key)?.name ?? {}) || key,
    category: key => studio.categories.find(each => each.key === key)?.name ?? key,
    product: sku => sku,
    money: amount => studio.money(amount),
    number: value => studio.number(value),
  }
}
