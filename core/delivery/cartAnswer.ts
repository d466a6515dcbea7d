import type { Catalogue } from '../catalogue/catalogue'
import { formatMoney } from '../money/money'
import type { PricedCart, Reduction } from '../pricing/cart'
import { textIn } from '../text/text'
import type { Telling } from './catalogueAnswer'
import type { CartAnswer } from './contract'

/** What a shop gets of a priced cart, with the reason for every reduction in words. */
export function cartAnswer<T extends Omit<PricedCart, 'warnings'>>(cart: T, catalogue: Catalogue, telling: Telling): T & Omit<CartAnswer, 'warnings'> {
  const told = (reductions: readonly Reduction[]) => reductions.map(each => ({ ...each, words: reductionWords(each, catalogue, telling) }))
  return {
    ...cart, reductions: told(cart.reductions), currency: telling.settings.currency,
    lines: cart.lines.map(line => ({ ...line, reductions: told(line.reductions), components: line.components.map(each => ({ ...each, reductions: told(each.reductions) })) })),
  }
}

/** “Harvest day: −12 %”, “Harvest day: −€5.00” */
function reductionWords({ key, percent, amount }: Reduction, catalogue: Catalogue, { settings, language }: Telling): string {
  const name = textIn(catalogue.product(key)?.name ?? {}, language, settings.language) || key
  return `${name}: −${percent === null ? formatMoney(amount, settings.currency, language) : `${percent} %`}`
}
