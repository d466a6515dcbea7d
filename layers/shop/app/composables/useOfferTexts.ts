import type { DeliveredOffer } from '../../../../core/delivery/contract/pages'
import { formatMoney } from '../../../../core/money/money'
import type { AmountToken } from '../../../../core/offers/offerTexts'
import { filledIn, tokensOf } from '../../../../core/text/tokens'
import type { Costs } from './useCosts'

/**
 * What an offer says of what is taken of it, in its own words or the shop's.
 * @param count how many products are taken, with the one that they are offered with
 * @param costs of them; null: that is not known
 */
export function useOfferTexts(offer: () => DeliveredOffer, count: () => number, costs: () => Costs | null) {
  const words = useWords()
  const { currency, language } = useShopFacts()
  const money = (amount: number) => formatMoney(amount, currency.value, language.value)
  const values = computed((): Partial<Record<AmountToken, string>> => {
    const known = costs()
    const saving = known ? known.before - known.total : 0
    return {
      count: String(count()),
      ...(known && { total: money(known.total) }),
      ...(known && saving > 0 && { before: money(known.before), saving: money(saving) }),
    }
  })
  /** An offer's own words; empty: it has none, or they speak of what is not known, or of nothing saved. */
  function own(text: keyof DeliveredOffer['texts']): string {
    const found = offer().texts[text]
    const valueOf = (name: string) => values.value[name as AmountToken] ?? ''
    return tokensOf(found).every(valueOf) ? filledIn(found, valueOf) : ''
  }
  return computed(() => {
    const { total, before, saving } = values.value
    return {
      button: own('button') || (total ? words.value.addTogether(count(), total) : words.value.addThese(count())),
      /** Its own words, the amount among them; empty: the shop's, around an amount that stands out. */
      total: own('total'),
      before: before ? own('before') : '',
      saving: saving ? own('saving') || words.value.youSave(saving) : '',
      amounts: { total, before },
    }
  })
}
