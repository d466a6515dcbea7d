<script setup lang="ts">
import PhCaretDown from '~icons/ph/caret-down'
import type { ProductSort } from '../../../core/productSearch/productFinder'
import { productSearchWords } from './words'

const say = productSearchWords.sortMenu

/** The order of a list of products. */
const sort = defineModel<string | undefined>({ required: true })
const props = defineProps<{ hasWords: boolean }>()

const orders: [sort: ProductSort, words: string][] = [
  ['name', say.byName],
  ['fewest-links', say.fewestLinksFirst],
  ['best-selling', say.bestSellingFirst],
  ['newest', say.newestFirst],
  ['cheapest', say.cheapestFirst],
  ['dearest', say.dearestFirst],
]
const choices = computed(() => (props.hasWords ? [['match', say.bestMatchFirst] as const, ...orders] : orders))
const current = computed(() => sort.value ?? (props.hasWords ? 'match' : 'name'))
</script>

<template>
  <v-menu location="bottom end" :offset="4">
    <template #activator="{ props: activator }">
      <button
        type="button"
        class="sort"
        v-bind="activator"
        :aria-label="say.order(choices.find(([key]) => key === current)?.[1] ?? say.byName)"
      >
        {{ choices.find(([key]) => key === current)?.[1] ?? say.byName }}<PhCaretDown width="11" height="11" />
      </button>
    </template>
    <v-list density="compact" :aria-label="say.order2">
      <v-list-item
        v-for="[key, words] in choices"
        :key="key"
        :title="words"
        :active="key === current"
        color="primary"
        @click="sort = key"
      />
    </v-list>
  </v-menu>
</template>

<style scoped>
.sort {
  display: flex;
  align-items: center;
  gap: 4px;
  padding: 3px 0;
  border: 0;
  background: none;
  color: var(--ink-soft);
  font: 12.5px/1.3 var(--text);
  cursor: pointer;
  white-space: nowrap;
}
.sort:hover {
  color: var(--petrol);
}
</style>
