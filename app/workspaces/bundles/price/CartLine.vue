<script setup lang="ts">
import { groupsOf } from '../../../../core/catalogue/bundle'
import type { OpenBundle } from '../bundles'
import type { BundlePart, PartChoice } from '../../../../core/bundles/bundleParts'
import { isSoldSome, nameOfPiece, partsOf, pickable, pickKey } from '../../../../core/bundles/bundleParts'
import { unitsOf } from '../../../../core/bundles/bundleStock'
import { imageOf } from '../../../../core/catalogue/product'
import { itemName } from '../../../../core/delivery/deliveredItem'
import { plainMoney } from '../../../../core/money/money'
import type { WantedChoice } from '../../../../core/pricing/cart'
import { priceCart } from '../../../../core/pricing/priceCart'
import { useBundles } from '../bundles'
import { useStudioShop } from '../../../data/studioShop'
import { priceWords } from '../words/price'

const say = priceWords.cartLine

/** The bundle as a line of a cart, in any choice of its parts, with what each part pays of it. */
const props = defineProps<{ stored: OpenBundle }>()
const store = useBundles()
const studio = useStudioShop()
const bundle = computed(() => props.stored.settings.bundle)

const sold = (choices: readonly PartChoice[]) => choices.filter(isSoldSome)
const parts = computed((): BundlePart[] =>
  bundle.value.type === 'pickAny' ? [] : partsOf(bundle.value, store.catalogue).map(part => ({ ...part, choices: sold(part.choices) })),
)
/** Parts that can be several things. */
const open = computed(() => parts.value.filter(part => part.choices.length > 1))
const chosen = reactive<Record<string, string>>({})
const choiceOf = ({ key, choices }: BundlePart) =>
  choices.find(each => each.sku === chosen[key]) ?? choices.find(each => unitsOf(each) > 0) ?? choices[0]!
function nameOfPart({ of, piece, choices: [first] }: BundlePart): string {
  const group = groupsOf(bundle.value).find(each => each.key === of)
  return nameOfPiece(studio.words(group ? group.name : first!.item.product.name) || of, piece)
}

const picks = computed(() => (bundle.value.type === 'pickAny' ? sold(pickable(bundle.value, store.catalogue)) : []))
const count = ref<number | null>(null)
const counts = computed(() =>
  bundle.value.type === 'pickAny'
    ? { min: bundle.value.least, max: bundle.value.repeats ? bundle.value.most : Math.min(bundle.value.most, picks.value.length) }
    : { min: 1, max: 1 },
)
const picking = computed(() => Math.min(Math.max(count.value ?? counts.value.min, counts.value.min), counts.value.max))

const choices = computed((): WantedChoice[] => {
  if (bundle.value.type !== 'pickAny')
    return parts.value.filter(part => part.choices.length).map(part => ({ part: part.key, sku: choiceOf(part).sku, quantity: 1 }))
  // One of each, and then once more of each.
  return Array.from({ length: picking.value }, (_, i) => ({ part: pickKey, sku: picks.value[i % picks.value.length]!.sku, quantity: 1 }))
})
const line = computed(
  () =>
    priceCart(
      [{ sku: props.stored.sku, quantity: 1, choices: choices.value }],
      // Offers are no matter of one bundle.
      { catalogue: store.catalogue },
      studio.now(),
    ).lines[0] ?? null,
)
const rows = computed(() =>
  (line.value?.components ?? []).map(each => {
    const item = store.catalogue.item(each.sku)!
    return { ...each, name: itemName(item, studio.words), image: imageOf(item.product, item.variant), alone: each.unit * each.quantity }
  }),
)
const shared = computed(() => rows.value.map(row => row.alone - row.total).filter(share => share > 0))
const sharedWords = computed(() => {
  const total = shared.value.reduce((sum, each) => sum + each, 0)
  const plain = (amount: number) => plainMoney(amount, studio.currency)
  return `${shared.value.map(plain).join(' + ')} = ${plain(total)}`
})
</script>

<template>
  <section class="line-part" :aria-label="say.asACartLine">
    <h2>{{ say.asACartLine }}</h2>
    <div v-for="part in open" :key="part.key" class="pick">
      <span class="cut small soft">{{ nameOfPart(part) }}</span>
      <select
        :value="choiceOf(part).sku"
        :aria-label="say.choiceOf(nameOfPart(part))"
        @change="chosen[part.key] = ($event.target as HTMLSelectElement).value"
      >
        <option v-for="each in part.choices" :key="each.sku" :value="each.sku">
          {{ itemName(each.item, studio.words) }}{{ unitsOf(each) ? '' : say.outOfStock }}
        </option>
      </select>
    </div>
    <div v-if="bundle.type === 'pickAny'" class="pick">
      <span class="small soft">{{ say.picked }}</span><QuantityField
        :value="picking"
        :label="say.howManyArePicked"
        :min="counts.min"
        :max="counts.max"
        @change="value => (count = value)"
      />
    </div>
    <div v-if="line" class="card">
      <div class="row head">
        <b class="cut">{{ studio.words(stored.settings.name) || stored.sku }}</b><span class="grow" /><s v-if="line.was" class="soft">{{
          studio.money(line.was)
        }}</s
        ><b>{{ studio.money(line.total) }}</b>
      </div>
      <div v-for="row in rows" :key="`${row.part} ${row.sku}`" class="row component">
        <ProductPicture :src="row.image" class="thumb" /><span class="cut"
          >{{ row.name }}{{ row.quantity > 1 ? ` × ${row.quantity}` : '' }}</span
        >
        <span class="grow" /><s v-if="row.total !== row.alone" class="soft small">{{ studio.money(row.alone) }}</s
        ><span>{{ studio.money(row.total) }}</span>
      </div>
      <p v-if="shared.length > 1" class="small soft">{{ say.theReductionIsSharedOut(sharedWords) }}</p>
    </div>
    <p v-else class="small soft">{{ say.inThisChoiceItCant }}</p>
  </section>
</template>

<style scoped>
.line-part {
  padding: 13px 16px 20px;
}
h2 {
  margin-bottom: 8px;
  font-size: 14.5px;
}
.pick {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 10px;
  min-height: 36px;
}
.pick select {
  min-width: 0;
  max-width: 240px;
  padding: 4px 6px;
  border: 1px solid var(--line);
  border-radius: 7px;
  background: var(--sheet);
  color: var(--ink);
  font: 13px/1.4 var(--text);
}
.card {
  margin-top: 4px;
  padding: 8px 14px 10px;
  border: 1px solid var(--line);
  border-radius: 10px;
  background: var(--sheet);
}
.row {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 34px;
}
.component {
  min-height: 38px;
  padding-left: 10px;
  border-left: 2px solid var(--line);
}
.thumb {
  width: 28px;
  height: 28px;
}
.grow {
  flex: 1;
}
p {
  margin: 6px 0 0;
}
</style>
