<script setup lang="ts">
import type { Offer, OfferSettings } from '../../../../core/offers/offer'
import { parseMoney, plainMoney } from '../../../../core/money/money'
import { parsePercent } from '../../../../core/money/percent'
import { useStudioShop } from '../../../data/studioShop'
import { offersWords } from '../words/offers'
import { useKeptWays } from './useKeptWays'

const say = offersWords.reductionPart

/** What is taken off each offered product, how often, and whether also where something is taken off already. */
const props = defineProps<{ offer: Offer }>()
const emit = defineEmits<{ change: [settings: Partial<OfferSettings>, typing?: boolean] }>()
const studio = useStudioShop()
const reduction = computed(() => props.offer.reduction)

const reductions = [
  ['no', say.no],
  ['percent', say.percent],
  ['amount', say.amount],
] as const
const kept = useKeptWays(() => reduction.value)
const firstReductions = { percent: { by: 'percent', percent: 10 }, amount: { by: 'amount', amount: 100 } } as const
function reduceBy(by: 'no' | keyof typeof firstReductions): void {
  if (by !== (reduction.value?.by ?? 'no')) emit('change', { reduction: by === 'no' ? null : kept(by, firstReductions[by]) })
}
const wrong = ref('')
/** Takes what is typed; what can't be a reduction is said, and left as it stands. */
function typed({ target }: Event, typing: boolean): void {
  const text = (target as HTMLInputElement).value.trim()
  if (reduction.value?.by === 'percent') {
    const percent = parsePercent(text)
    wrong.value = percent ? '' : say.aPercentage
    if (percent) emit('change', { reduction: { by: 'percent', percent } }, typing)
  } else {
    const amount = parseMoney(text, studio.currency)
    wrong.value = amount ? '' : say.anAmountSuchAs(plainMoney(250, studio.currency))
    if (amount) emit('change', { reduction: { by: 'amount', amount } }, typing)
  }
}
</script>

<template>
  <section class="part" :aria-label="say.whatItCostsLess">
    <h2>{{ say.cheaperTogether }}</h2>
    <ChoiceGroup :model-value="reduction?.by ?? 'no'" :label="say.cheaperTogether" :choices="reductions" @update:model-value="reduceBy" />
    <template v-if="reduction">
      <div class="line">
        <input
          :key="reduction.by"
          v-typed="reduction.by === 'percent' ? reduction.percent : plainMoney(reduction.amount, studio.currency)"
          class="amount"
          inputmode="decimal"
          :aria-label="say.howMuchLess"
          :aria-invalid="wrong !== ''"
          @input="typed($event, true)"
          @change="typed($event, false)"
        />{{ say.whileTheProductThatIt(reduction.by === 'percent' ? say.offEach : say.offEachWithCurrency(studio.currency)) }}
      </div>
      <p class="wrong small" role="alert">{{ wrong }}</p>
      <div class="line">
        {{ say.atMost }}
        <QuantityField :value="offer.limit" :label="say.howOftenInOneCart" :max="99" @change="limit => emit('change', { limit }, true)" />
        {{ say.inOneCart(offer.limit === 1 ? say.time : say.times) }}
      </div>
      <label class="line check"
        ><input
          type="checkbox"
          :checked="offer.stacks"
          @change="emit('change', { stacks: ($event.target as HTMLInputElement).checked })"
        />{{ say.alsoOnWhatIsReduced }}</label
      >
    </template>
  </section>
</template>

<style scoped>
.amount {
  width: 84px;
  height: 32px;
  padding: 0 8px;
  border: 1px solid var(--line);
  border-radius: 7px;
  background: var(--sheet);
  color: var(--ink);
  font: 14px/1 var(--text);
  text-align: right;
}
.amount[aria-invalid='true'] {
  border-color: var(--clay);
}
p {
  margin: 2px 0 0;
}
</style>
