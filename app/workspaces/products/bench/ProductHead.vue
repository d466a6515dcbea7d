<script setup lang="ts">
import { sameTrait } from '../../../../core/catalogue/neighbours'
import type { Trait } from '../../../../core/catalogue/traits'
import type { WorkbenchProduct } from '../../../../core/workbench/workbench'
import { useStudioShop } from '../../../data/studioShop'
import PhSlidersHorizontal from '~icons/ph/sliders-horizontal'
import { benchWords } from '../words/bench'

const say = benchWords.productHead

/** What the product on the bench is: what it costs, whether it can be had, where it is a part, and its traits. */
const props = defineProps<{ product: WorkbenchProduct }>()
const emit = defineEmits<{ neighbours: [] }>()
const studio = useStudioShop()

const stock = computed(() => {
  if (props.product.stock === null) return say.untracked
  return props.product.stock ? say.inStock(props.product.stock) : say.outOfStock
})
const maxBundles = 3
const bundles = computed(() => props.product.inBundles.slice(0, maxBundles))
const moreBundles = computed(() => props.product.inBundles.length - maxBundles)
const bundleAddress = (sku: string) => `/bundles/${encodeURIComponent(sku)}`

const traits = computed(() => {
  const { product } = props
  const ignored = (of: Trait['of'], name: string, value?: string) =>
    product.neighbours.ignored.some(each => sameTrait(each, { of, name, value }))
  return [
    ...product.categories.map((words, i) => ({ words, ignored: ignored('category', product.categoryKeys[i]!) })),
    ...Object.entries(product.attributes).map(([name, values]) => ({
      words: `${name}: ${values.join(', ')}`,
      ignored: values.every(value => ignored('attribute', name, value)),
    })),
    ...product.tags.map(words => ({ words, ignored: ignored('tag', words) })),
  ]
})
const leftOut = computed(() =>
  studio.categories.filter(each => props.product.neighbours.leaveOut.includes(each.key)).map(each => each.name),
)
</script>

<template>
  <BenchHead :name="product.name" :image="product.image">
    <p class="small soft line">
      <span class="mono">{{ product.sku }}</span>
      <template v-if="product.brand"
        ><span>{{ product.brand }}</span
        ><i>·</i></template
      >
      <b>{{ studio.money(product.price) }}</b><i>·</i>
      <span :class="{ wrong: product.stock === 0 }">{{ stock }}</span>
      <template v-if="product.variants"
        ><i>·</i><span>{{ say.variants(product.variants) }}</span></template
      >
      <template v-if="product.isBundle"
        ><i>·</i><NuxtLink :to="bundleAddress(product.sku)">{{ say.aBundle }}</NuxtLink></template
      >
      <template v-if="product.status !== 'active'"
        ><i>·</i><span class="wrong">{{ say.notForSale(product.status) }}</span></template
      >
    </p>
    <p v-if="product.inBundles.length" class="small soft line bundles">
      {{ say.alsoIn(product.inBundles.length === 1 ? say.theBundle : say.theBundles) }}
      <template v-for="(each, i) in bundles" :key="each.sku"
        ><template v-if="i">, </template><NuxtLink :to="bundleAddress(each.sku)">{{ each.name }}</NuxtLink></template
      >
      <template v-if="moreBundles > 0">{{ say.andMore(moreBundles) }}</template>
    </p>
    <p class="traits">
      <span
        v-for="{ words, ignored } in traits"
        :key="words"
        :class="{ ignored }"
        :title="ignored ? say.doesNotCountForNeighbours : undefined"
        >{{ words }}</span
      >
      <span v-if="leftOut.length" class="ignored-out">{{ say.without(leftOut.join(', ')) }}</span>
    </p>
    <template #tools>
      <button type="button" class="icon-button" :aria-label="say.whatCountsForNeighbours" aria-keyshortcuts="N" @click="emit('neighbours')">
        <PhSlidersHorizontal /><v-tooltip activator="parent" location="bottom"
          >{{ say.whichTraitsCountForSuggestions }}<span class="key">N</span></v-tooltip
        >
      </button>
    </template>
  </BenchHead>
</template>

<style scoped>
.line b {
  color: var(--ink);
}
.line i {
  font-style: normal;
}
.line a {
  color: var(--petrol);
  font-weight: 600;
}
.traits {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 5px;
  margin: 6px 0 0;
  max-height: 42px;
  overflow: hidden;
}
.traits span {
  padding: 0 6px;
  border-radius: 4px;
  background: var(--sunk);
  font-size: 11.5px;
  line-height: 19px;
  white-space: nowrap;
}
.traits .ignored {
  background: none;
  box-shadow: inset 0 0 0 1px var(--line-soft);
  color: var(--ink-soft);
  text-decoration: line-through;
}
.traits .ignored-out {
  background: none;
  color: var(--ink-soft);
}
</style>
