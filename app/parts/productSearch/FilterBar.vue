<script setup lang="ts">
import PhX from '~icons/ph/x'
import { useStudioShop } from '../../data/studioShop'
import type { ListQuery } from './listQuery'
import { filterNames, toggled, valuesOf } from './listQuery'
import { productSearchWords } from './words'

const say = productSearchWords.filterBar

/** What narrows a list down, as chips: those in force can be taken out, quick ones put in, and the rest stands behind “Filter”. */
const query = defineModel<ListQuery>({ required: true })
const props = defineProps<{ quick?: { name: string; value: string; words: string }[] }>()
const studio = useStudioShop()

function words(name: string, value: string): string {
  switch (name) {
    case 'category':
      return studio.categories.find(each => each.key === value)?.name ?? value
    case 'attribute':
      return value.replace('=', ': ')
    case 'stock':
      return value === 'in' ? say.inStock : say.outOfStock
    case 'priceFrom':
      return say.from(studio.money(Number(value)))
    case 'priceTo':
      return say.upTo(studio.money(Number(value)))
    case 'unlinked':
      return say.notLinkedYet
    case 'links': {
      if (value === 'problem') return say.linksWithAProblem
      const [key, number] = value.split(':') as [string, string]
      const kind = studio.kinds.find(each => each.key === key)
      const plural = kind ? studio.words(kind.plural).toLowerCase() : key
      return number === '1' ? say.no(plural) : say.fewerThan(number, plural)
    }
    default:
      return value
  }
}

const chips = computed(() =>
  filterNames.flatMap(name => valuesOf(query.value, name).map(value => ({ name, value, words: words(name, value) }))),
)
const offered = computed(() => (props.quick ?? []).filter(each => !valuesOf(query.value, each.name).includes(each.value)))
const toggle = (name: string, value: string) => (query.value = toggled(query.value, name, value))
</script>

<template>
  <div class="filters" role="group" :aria-label="say.filters">
    <button
      v-for="chip in chips"
      :key="chip.name + chip.value"
      type="button"
      class="chip on"
      :aria-label="say.takeOut(chip.words)"
      @click="toggle(chip.name, chip.value)"
    >
      <span class="cut">{{ chip.words }}</span><PhX width="12" height="12" />
    </button>
    <button v-for="each in offered" :key="each.name + each.value" type="button" class="chip" @click="toggle(each.name, each.value)">
      {{ each.words }}
    </button>
    <FilterMenu v-model="query" />
  </div>
</template>

<style scoped>
.filters {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.filters :deep(.chip) {
  display: flex;
  align-items: center;
  gap: 6px;
  max-width: 100%;
  height: 26px;
  padding: 0 10px;
  border: 1px solid var(--line);
  border-radius: 13px;
  background: var(--sheet);
  color: var(--ink);
  font: 12.5px/1 var(--text);
  cursor: pointer;
  transition:
    background 150ms,
    border-color 150ms;
}
.filters :deep(.chip:hover) {
  border-color: #b9b09e;
}
.filters .chip.on {
  background: var(--petrol-wash);
  border-color: #bfd6d6;
  color: var(--petrol-ink);
}
.chip svg {
  flex: none;
}
.cut {
  line-height: 1.4;
}
</style>
