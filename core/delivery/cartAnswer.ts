import type { Offer } from '../offers/offer'
import type { CartWarning, PricedCart, Reduction } from '../pricing/cart'
import { chosenWords } from '../pricing/cart'
import { percentWords } from '../money/percent'
import { textIn } from '../text/text'
import type { AnswerContext } from './answerContext'
import type { CartAnswer } from './contract/cart'
import { sureOf } from './few'

/** What a shop gets of a priced cart, with the reason for every reduction in words. */
export function cartAnswer<T extends Omit<PricedCart, 'warnings'>>(
  cart: T,
  offers: readonly Offer[],
  context: AnswerContext,
): Omit<T, 'lines' | 'reductions'> & Omit<CartAnswer, 'warnings'> {
  const told = (reductions: readonly Reduction[]) => reductions.map(each => ({ ...each, words: reductionWords(each, offers, context) }))
  return {
    ...cart,
    reductions: told(cart.reductions),
    currency: context.settings.currency,
    lines: cart.lines.map(line => ({
      ...line,
      reductions: told(line.reductions),
      components: line.components.map(each => ({
        ...each,
        chosen: each.chosen && chosenWords(each.chosen, context.language, context.settings.language),
        reductions: told(each.reductions),
      })),
    })),
  }
}

/** What is not as the shopper wants it, without saying how many there are. */
export const cartWarnings = (warnings: readonly CartWarning[]): CartAnswer['warnings'] =>
  warnings.map(({ available, ...warning }) => ({ ...warning, sure: sureOf(available) }))

/** “Harvest day: −12 %”, or where it is no percentage “Harvest day”: the amount stands beside it. */
function reductionWords({ code, key, percent }: Reduction, offers: readonly Offer[], { settings, language, items }: AnswerContext): string {
  const text = code === 'offer' ? offers.find(each => each.key === key)?.heading : items.item(key)?.product.name
  const name = textIn(text ?? {}, language, settings.language) || key
  return percent === null ? name : `${name}: −${percentWords(percent, language)}`
}
