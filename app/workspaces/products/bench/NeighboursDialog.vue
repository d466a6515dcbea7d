<script setup lang="ts">
import type { NeighbourSettings } from '../../../../core/catalogue/neighbours'
import { sameTrait } from '../../../../core/catalogue/neighbours'
import type { Trait } from '../../../../core/catalogue/traits'
import { useWorkbench } from './workbench'
import { useStudioShop } from '../../../data/studioShop'
import { benchWords } from '../words/bench'

const say = benchWords.neighboursDialog

/** Asks which traits of the product count when neighbours are looked for, and which categories are left out. */
const emit = defineEmits<{ close: []; save: [settings: NeighbourSettings] }>()
const bench = useWorkbench()
const studio = useStudioShop()
const product = bench.product!

const groups = computed(() =>
  [
    {
      name: say.categories,
      traits: product.categoryKeys.map((name, i) => ({ words: product.categories[i]!, trait: { of: 'category', name } as Trait })),
    },
    {
      name: say.brand,
      traits: product.brand === null ? [] : [{ words: product.brand, trait: { of: 'brand', name: product.brand } as Trait }],
    },
    ...Object.entries(product.attributes).map(([name, values]) => ({
      name,
      traits: values.map(value => ({ words: value, trait: { of: 'attribute', name, value } as Trait })),
    })),
    { name: say.tags, traits: product.tags.map(name => ({ words: name, trait: { of: 'tag', name } as Trait })) },
  ].filter(group => group.traits.length),
)

const ignored = ref<Trait[]>([...product.neighbours.ignored])
const counts = (trait: Trait) => !ignored.value.some(each => sameTrait(each, trait))
function toggle(trait: Trait): void {
  ignored.value = counts(trait) ? [...ignored.value, trait] : ignored.value.filter(each => !sameTrait(each, trait))
}
const leaveOut = ref([...product.neighbours.leaveOut])
const left = computed(() => groups.value.flatMap(group => group.traits).filter(({ trait }) => counts(trait)).length)
</script>

<template>
  <AskDialog
    :title="say.whatCountsForNeighbours"
    :verb="say.save"
    :possible="true"
    :width="500"
    @close="emit('close')"
    @go="emit('save', { ignored, leaveOut })"
  >
    <p class="soft">
      {{ say.suggestionsAndAutomaticRulesLook(product.name) }}
    </p>
    <div v-for="group in groups" :key="group.name" class="group" role="group" :aria-label="group.name">
      <span class="small soft name">{{ group.name }}</span>
      <button
        v-for="{ words, trait } in group.traits"
        :key="words"
        type="button"
        class="trait"
        :aria-pressed="counts(trait)"
        @click="toggle(trait)"
      >
        {{ words }}
      </button>
    </div>
    <label class="out"
      >{{ say.neverTakeProductsOfThese }}
      <v-autocomplete v-model="leaveOut" :items="studio.categoryChoices" multiple chips closable-chips clearable :placeholder="say.none" />
    </label>
    <p class="small hint" :class="left ? 'soft' : 'wrong'" role="status">
      {{ left ? say.ofItsTraitsCount(left) : say.noTraitCountsNothingWill }}
    </p>
  </AskDialog>
</template>

<style scoped>
.group {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px;
  margin-bottom: 8px;
}
.name {
  width: 92px;
}
.trait {
  padding: 3px 10px;
  border: 1px solid var(--line);
  border-radius: 13px;
  background: none;
  color: var(--ink-soft);
  font: 13px/1.5 var(--text);
  text-decoration: line-through;
  cursor: pointer;
}
.trait[aria-pressed='true'] {
  border-color: var(--petrol);
  background: var(--petrol-wash);
  color: var(--petrol-ink);
  font-weight: 550;
  text-decoration: none;
}
.ask .out {
  margin-top: 14px;
}
</style>
