<script setup lang="ts">
import type { BundlePrice } from '../../../../core/catalogue/bundle'
import type { OpenBundle } from '../bundles'
import { bundleRange } from '../../../../core/bundles/bundlePrice'
import { bundleStock } from '../../../../core/bundles/bundleStock'
import { parseMoney, plainMoney } from '../../../../core/money/money'
import { parsePercent } from '../../../../core/money/percent'
import { useBundles } from '../bundles'
import { useStudioShop } from '../../../data/studioShop'
import { priceWords } from '../words/price'

const say = priceWords.bundleCost

/** What a bundle costs, saves and earns, and how often it can be sold; worked out while it is changed. */
const props = defineProps<{ stored: OpenBundle }>()
const store = useBundles()
const studio = useStudioShop()
const bundle = computed(() => props.stored.settings.bundle)

const range = computed(() => bundleRange(bundle.value, store.catalogue))
const stock = computed(() => bundleStock(bundle.value, store.catalogue))
const soldWords = computed(() => {
  const { min, max } = stock.value
  if (min === Infinity) return say.asOftenAsWanted
  const most = max === Infinity ? say.asOftenAsWanted : `${studio.number(max)} ${max === 1 ? say.time : say.times}`
  return min === max ? most : say.to(studio.number(min), most)
})
const fromTo = (from: number, to: number) =>
  from === to ? studio.money(from) : say.toWithMax(studio.money(Math.min(from, to)), studio.money(Math.max(from, to)))
const payWords = computed(() => range.value && fromTo(range.value.from.price, range.value.to.price))
/** What they pay by now, where that is another price; empty: the same, or they can’t buy it. */
const liveWords = computed(() => {
  const { live } = props.stored
  const now = live?.status === 'active' && bundleRange(live.bundle, store.catalogue)
  const words = now ? fromTo(now.from.price, now.to.price) : ''
  return words === payWords.value ? '' : words
})
const saving = computed(() => {
  if (!range.value) return null
  const ends = [range.value.leastSaving, range.value.from, range.value.to].map(({ sum, price }) => sum - price)
  return { min: Math.min(...ends), max: Math.max(...ends) }
})
const savingWords = computed(() => {
  const { min, max } = saving.value!
  if (max < 0) return say.noneDearer(studio.money(-min))
  if (min < 0) return say.upToButNotIn(studio.money(max))
  const percent = Math.round(100 - (range.value!.from.price * 100) / (range.value!.from.sum || 1))
  return max === 0 ? say.none : `${fromTo(min, max)}${min === max && percent ? `, ${percent} %` : ''}`
})
const marginWords = computed(() => {
  const margin = range.value?.leastMargin
  if (margin === null || margin === undefined) return say.notKnownAPartHas
  return `${Math.floor(margin)} %${range.value!.from.sum === range.value!.to.sum && bundle.value.type !== 'pickAny' ? '' : say.atTheLeast}`
})
const isLow = computed(
  () =>
    bundle.value.marginFloor !== null &&
    range.value !== null &&
    range.value.leastMargin !== null &&
    range.value.leastMargin < bundle.value.marginFloor,
)

const ways: [BundlePrice['by'], string][] = [
  ['sum', say.none],
  ['percent', say.percent],
  ['amount', say.amount],
  ['own', say.ownPrice],
]
const price = computed(() => (bundle.value.type === 'pickAny' ? null : bundle.value.price))
/** What is typed stays in the field as it is typed; only what can be a price goes further. */
const typed = ref('')
function typedFor(each: BundlePrice | null): string {
  switch (each?.by) {
    case 'percent':
      return String(each.percent)
    case 'amount':
      return plainMoney(each.amount, studio.currency)
    case 'own':
      return plainMoney(each.price, studio.currency)
    default:
      return ''
  }
}
const parsed = (by: BundlePrice['by'], text: string): BundlePrice | null => {
  if (by === 'sum') return { by }
  if (by === 'percent') {
    const percent = parsePercent(text)
    return percent === null ? null : { by, percent }
  }
  const amount = parseMoney(text, studio.currency)
  if (amount === null) return null
  return by === 'amount' ? { by, amount } : { by, price: amount }
}
// Only another price takes the place of what is typed, not the same one told again.
watch(
  () => JSON.stringify(price.value),
  told => {
    if (price.value && JSON.stringify(parsed(price.value.by, typed.value)) !== told) typed.value = typedFor(price.value)
  },
  { immediate: true },
)
const wrong = computed(() => {
  if (!price.value || price.value.by === 'sum' || parsed(price.value.by, typed.value)) return ''
  return price.value.by === 'percent' ? say.aPercentage : say.anAmountSuchAs(plainMoney(1250, studio.currency))
})
function set(next: BundlePrice, isTyped = false): void {
  if (bundle.value.type !== 'pickAny') store.changeBundle({ ...bundle.value, price: next }, isTyped)
}
/** Another way begins with what comes nearest to the price as it is. */
function choose(by: BundlePrice['by']): void {
  const { sum, price: now } = range.value?.from ?? { sum: 0, price: 0 }
  const off = Math.max(0, sum - now)
  const all: { [By in BundlePrice['by']]: Extract<BundlePrice, { by: By }> } = {
    sum: { by: 'sum' },
    percent: { by: 'percent', percent: off && sum ? Math.round((off * 100) / sum) : 10 },
    amount: { by: 'amount', amount: off },
    own: { by: 'own', price: now },
  }
  const next = all[by]
  typed.value = typedFor(next)
  set(next)
}
function type(event: Event): void {
  typed.value = (event.target as HTMLInputElement).value
  const next = price.value && parsed(price.value.by, typed.value)
  if (next) set(next, true)
}
</script>

<template>
  <div class="cost">
    <section class="part" :aria-label="say.price">
      <h2>{{ say.price }}</h2>
      <dl>
        <div>
          <dt>{{ say.sumOfTheParts }}</dt>
          <dd>{{ range ? fromTo(range.from.sum, range.to.sum) : say.nothingToSellYet }}</dd>
        </div>
        <div v-if="price" class="reduction">
          <dt>{{ say.reduction }}</dt>
          <dd>
            <ChoiceGroup :model-value="price.by" :label="say.reduction" :choices="ways" @update:model-value="choose" />
          </dd>
        </div>
        <div v-if="price && price.by !== 'sum'" class="typed">
          <dt>
            <label for="reduction">{{ price.by === 'own' ? say.priceOfTheBundle : say.offTheParts }}</label>
          </dt>
          <dd>
            <input
              id="reduction"
              :value="typed"
              inputmode="decimal"
              :aria-invalid="wrong !== ''"
              aria-describedby="reduction-wrong"
              @input="type"
              @change="store.flush()"
            /><span class="unit">{{ price.by === 'percent' ? '%' : studio.currency }}</span>
          </dd>
          <dd id="reduction-wrong" class="wrong small full">
            <span role="alert">{{ wrong }}</span>
          </dd>
        </div>
        <template v-if="range">
          <div class="sum">
            <dt>{{ say.shoppersPay }}</dt>
            <dd>{{ payWords }}</dd>
          </div>
          <div v-if="liveWords">
            <dt>{{ say.today }}</dt>
            <dd>{{ liveWords }}</dd>
          </div>
          <div>
            <dt>{{ say.theySave }}</dt>
            <dd :class="{ wrong: saving!.min < 0, good: saving!.min > 0 }">{{ savingWords }}</dd>
          </div>
          <div>
            <dt>{{ say.margin }}</dt>
            <dd :class="{ wrong: isLow, good: !isLow && range.leastMargin !== null }">{{ marginWords }}</dd>
          </div>
          <div>
            <dt>{{ say.canBeSold }}</dt>
            <dd :class="{ wrong: !stock.max }">
              {{ soldWords }}
            </dd>
          </div>
        </template>
        <div class="floor">
          <dt>{{ say.tellMeWhenTheMargin }}</dt>
          <dd>
            <QuantityField
              :value="bundle.marginFloor ?? 0"
              :label="say.lowestMarginInPercent"
              :min="0"
              :max="100"
              @change="marginFloor => store.changeBundle({ ...bundle, marginFloor }, true)"
            />
            %
          </dd>
        </div>
      </dl>
    </section>
    <CartLine v-if="range" :stored="stored" />
  </div>
</template>

<style scoped>
.cost {
  display: flex;
  flex-direction: column;
  overflow-y: auto;
  background: var(--paper);
}
.part {
  padding: 13px 16px 10px;
  border-bottom: 1px solid var(--line-soft);
  background: var(--sheet);
}
h2 {
  font-size: 14.5px;
}
dl {
  margin: 6px 0 0;
}
dl > div {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 10px;
  min-height: 34px;
}
dd {
  margin: 0;
  text-align: right;
}
.choice :deep(button) {
  padding: 0 9px;
}
.typed {
  flex-wrap: wrap;
}
.full {
  flex-basis: 100%;
  justify-content: flex-end;
}
.typed dd {
  display: flex;
  align-items: center;
  gap: 6px;
}
.typed input {
  width: 96px;
  height: 34px;
  padding: 0 10px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--sheet);
  color: var(--ink);
  font: 14px/1 var(--text);
  text-align: right;
}
.typed input:focus-visible {
  outline: 2px solid var(--petrol);
  outline-offset: 0;
}
.typed input[aria-invalid='true'] {
  border-color: var(--clay);
}
.unit {
  min-width: 0;
  color: var(--ink-soft);
  text-align: left;
}
.sum {
  margin-top: 4px;
  border-top: 1px solid var(--line);
  font-weight: 650;
}
.good {
  color: var(--moss-ink);
  font-weight: 600;
}
.floor {
  margin-top: 4px;
  color: var(--ink-soft);
  font-size: 12.5px;
}
</style>
