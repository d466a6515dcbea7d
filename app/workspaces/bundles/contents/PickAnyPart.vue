<script setup lang="ts">
import type { CatalogueItem } from '../../../../core/catalogue/catalogue'
import type { PickAnyBundle } from '../../../../core/catalogue/bundle'
import { imageOf, isForSale, priceOf, stockOf } from '../../../../core/catalogue/product'
import { itemName } from '../../../../core/delivery/deliveredItem'
import { useBundles } from '../bundles'
import { useStudioShop } from '../../../data/studioShop'
import { contentsWords } from '../words/contents'

const say = contentsWords.pickAnyPart

/** The set that shoppers pick from, how many they pick, and what that takes off. */
const props = defineProps<{ bundle: PickAnyBundle }>()
const emit = defineEmits<{ find: [] }>()
const store = useBundles()
const studio = useStudioShop()

/** What is wrong with a product that can be picked; empty: nothing. */
function noteOf(item: CatalogueItem | undefined): string {
  if (!item) return say.noLongerInTheShop
  if (!isForSale(item.product, item.variant, studio.now())) return say.notForSale
  return stockOf(item.product, item.variant) ? '' : say.outOfStock
}
const rows = computed(() =>
  props.bundle.set.map(sku => {
    const item = store.catalogue.item(sku)
    return {
      sku,
      name: item ? itemName(item, studio.words) : sku,
      image: item ? imageOf(item.product, item.variant) : null,
      price: item ? priceOf(item.product, item.variant) : null,
      note: noteOf(item),
      variants: item && !item.variant ? item.product.variants.length : 0,
    }
  }),
)
const set = (part: Partial<PickAnyBundle>, typed = false) => store.changeBundle({ ...props.bundle, ...part }, typed)
const steps = computed(() => props.bundle.steps.toSorted((a, b) => a.count - b.count))
function addStep(): void {
  const last = steps.value.at(-1)
  const count = Math.min(100, last ? last.count + 1 : props.bundle.least)
  set({
    steps: [...props.bundle.steps, { count, percent: Math.min(100, (last?.percent ?? 5) + 5) }],
    most: Math.max(props.bundle.most, count),
  })
}
const setStep = (count: number, part: Partial<PickAnyBundle['steps'][0]>) =>
  set({ steps: props.bundle.steps.map(each => (each.count === count ? { ...each, ...part } : each)) }, true)
const removeStep = (count: number) => set({ steps: props.bundle.steps.filter(each => each.count !== count) })
const takeOut = (sku: string) => set({ set: props.bundle.set.filter(each => each !== sku) })
/** Two reductions from the same number on could not be told apart. */
const isFree = (count: number, own: number) => count === own || !props.bundle.steps.some(each => each.count === count)

const list = useTemplateRef<HTMLElement>('list')
async function onKey(event: KeyboardEvent, i: number): Promise<void> {
  const by = { ArrowUp: -1, ArrowDown: 1, Delete: 0 }[event.key]
  if (by === undefined || (event.target as HTMLElement).tagName !== 'LI') return
  event.preventDefault()
  if (event.key === 'Delete') set({ set: props.bundle.set.toSpliced(i, 1) })
  else if (event.altKey && props.bundle.set[i + by])
    set({ set: props.bundle.set.toSpliced(i, 1).toSpliced(i + by, 0, props.bundle.set[i]!) })
  await nextTick()
  list.value?.querySelectorAll<HTMLElement>('li')[Math.min(i + by, props.bundle.set.length - 1)]?.focus()
}
</script>

<template>
  <section class="part" :aria-label="say.howManyArePicked">
    <h2>{{ say.howMany }}</h2>
    <div class="line">
      {{ say.shoppersPick }}
      <QuantityField :value="bundle.least" :label="say.pickAtLeast" :max="bundle.most" @change="least => set({ least }, true)" />
      {{ say.to }}
      <QuantityField :value="bundle.most" :label="say.pickAtMost" :min="bundle.least" :max="100" @change="most => set({ most }, true)" />
      <label class="again"
        ><input type="checkbox" :checked="bundle.repeats" @change="set({ repeats: ($event.target as HTMLInputElement).checked })" />{{
          say.theSameAgainIsFine
        }}</label
      >
    </div>
    <h2 class="second">{{ say.reductions }}</h2>
    <div v-for="step in steps" :key="step.count" class="line" :data-step="step.count">
      {{ say.from }}
      <QuantityField
        :value="step.count"
        :label="say.fromHowManyOn"
        :max="100"
        @change="count => isFree(count, step.count) && setStep(step.count, { count })"
      />
      {{ say.on }}
      <QuantityField
        :value="step.percent"
        :label="say.percentOffFromOn(step.count)"
        :min="0"
        :max="100"
        @change="percent => setStep(step.count, { percent })"
      />
      {{ say.off }}
      <span v-if="step.count > bundle.most" class="wrong small">{{ say.neverReachedAtMostAre(bundle.most) }}</span>
      <button type="button" class="out" :aria-label="say.removeTheReductionFromOn(step.count)" @click="removeStep(step.count)">×</button>
    </div>
    <p v-if="!steps.length" class="soft small">{{ say.noneWhatIsPickedCosts }}</p>
    <button type="button" class="text-button" @click="addStep">{{ say.addAReduction }}</button>
  </section>
  <section class="part" :aria-label="say.theSet">
    <h2>
      {{ say.outOf(rows.length ? say.products(rows.length) : say.these) }}<span class="grow" /><button
        type="button"
        class="text-button"
        aria-keyshortcuts="/"
        @click="emit('find')"
      >
        {{ say.addProducts }}
      </button>
    </h2>
    <p v-if="!rows.length" class="soft small">
      {{ say.findTheProductsThatCan }}
    </p>
    <ol ref="list" :aria-label="say.productsToPickFrom">
      <li v-for="(row, i) in rows" :key="row.sku" tabindex="0" :data-part="row.sku" @keydown="onKey($event, i)">
        <ProductPicture :src="row.image" class="thumb" /><span class="cut name">{{ row.name }}</span
        ><span class="mono">{{ row.sku }}</span> <span v-if="row.variants" class="soft small">{{ say.variants(row.variants) }}</span><span
          v-if="row.note"
          class="wrong small"
          >{{ row.note }}</span
        >
        <span class="grow" /><span>{{ row.price === null ? '' : studio.money(row.price) }}</span>
        <button type="button" class="out" :aria-label="say.takeOut(row.name)" @click="takeOut(row.sku)">×</button>
      </li>
    </ol>
  </section>
</template>

<style scoped>
.part {
  padding: 14px 18px;
  border-bottom: 1px solid var(--line-soft);
}
h2 {
  display: flex;
  align-items: baseline;
  font-size: 14.5px;
}
.second {
  margin-top: 12px;
}
.grow {
  flex: 1;
}
.line {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  min-height: 38px;
}
.again {
  display: flex;
  align-items: center;
  gap: 6px;
  margin-left: 14px;
  cursor: pointer;
}
.again input {
  width: 16px;
  height: 16px;
  accent-color: var(--petrol);
}
p {
  margin: 6px 0 4px;
}
ol {
  margin: 4px 0 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  align-items: center;
  gap: 9px;
  min-height: 44px;
  border-bottom: 1px solid var(--line-soft);
}
li:last-child {
  border-bottom: 0;
}
li:focus-visible {
  outline-offset: -2px;
}
.thumb {
  width: 30px;
  height: 30px;
}
.name {
  font-weight: 550;
}
.out {
  width: 26px;
  height: 26px;
  border: 0;
  border-radius: 6px;
  background: none;
  color: var(--ink-soft);
  font: 17px/1 var(--text);
  cursor: pointer;
}
.out:hover {
  background: var(--sunk);
  color: var(--clay-ink);
}
</style>
