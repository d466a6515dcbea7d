<script setup lang="ts">
import type { PlanScope } from '../../../core/pagePlans/pagePlan'
import type { ScopePart } from '../../../core/pagePlans/planWords'
import { scopeParts } from '../../../core/pagePlans/planWords'
import PhPlus from '~icons/ph/plus'
import { useNames } from '../../data/useNames'
import { scopesWords } from './words'

const say = scopesWords.scopeChips

type Field = ScopePart['of']

/** Which products or categories something is for, each of them to be changed or taken out where it stands. */
const props = withDefaults(
  defineProps<{
    scope: PlanScope
    /** What it can be said by; left out: by everything. */ only?: Field | null
    /** What the button says while nothing is chosen. */ ask: string
  }>(),
  { only: null },
)
const emit = defineEmits<{ change: [part: Partial<PlanScope>] }>()
const names = useNames()

const parts = computed(() => scopeParts(props.scope, names))
function drop({ of, name }: ScopePart): void {
  emit('change', of === 'price' ? { price: null } : { [of]: name ? props.scope[of].filter(each => each !== name) : [] })
}
const fields: [Field, string, string][] = [
  ['categories', say.category, say.withThoseBelowIt],
  ['tags', say.tag, ''],
  ['brands', say.brand, ''],
  ['price', say.price, say.fromTo],
  ['products', say.products, say.chosenOneByOne],
]
const offered = computed(() => fields.filter(([field]) => !props.only || field === props.only))
const editing = ref<Field | null>(null)
const chips = useTemplateRef<HTMLElement>('chips')
async function edit(field: Field): Promise<void> {
  await nextTick()
  editing.value = field
}
</script>

<template>
  <div ref="chips" class="chips">
    <span v-for="each in parts" :key="`${each.of} ${each.name}`" class="chip">
      <button type="button" class="words" @click="edit(each.of)">{{ each.words }}</button>
      <button type="button" class="out" :aria-label="say.notFor(each.words)" @click="drop(each)">×</button>
    </span>
    <v-menu location="bottom start" :offset="4">
      <template #activator="{ props: menu }"
        ><button type="button" class="chip new" v-bind="menu">
          <PhPlus width="13" height="13" />{{ parts.length ? say.or : ask }}
        </button></template
      >
      <v-list density="compact" class="studio">
        <v-list-item v-for="[field, words, hint] in offered" :key="field" @click="edit(field)"
          ><v-list-item-title>{{ words }}</v-list-item-title
          ><v-list-item-subtitle v-if="hint">{{ hint }}</v-list-item-subtitle></v-list-item
        >
      </v-list>
    </v-menu>
    <v-menu
      v-if="editing"
      :model-value="true"
      :target="chips!"
      location="bottom start"
      :offset="2"
      :close-on-content-click="false"
      @update:model-value="editing = null"
    >
      <ScopeForm :field="editing" :scope="scope" @change="part => emit('change', part)" @close="editing = null" />
    </v-menu>
  </div>
</template>

<style scoped>
.chips {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-bottom: 10px;
}
.chip {
  display: inline-flex;
  align-items: center;
  max-width: 100%;
  min-height: 28px;
  border: 1px solid #a9c6c8;
  border-radius: 14px;
  background: var(--petrol-wash);
  color: var(--petrol-ink);
  font: 13px/1.3 var(--text);
}
.words {
  padding: 4px 0 4px 11px;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.out {
  flex: none;
  width: 26px;
  height: 26px;
  border: 0;
  border-radius: 13px;
  background: none;
  color: inherit;
  font: 16px/1 var(--text);
  cursor: pointer;
}
.out:hover {
  background: #cfe2e2;
}
.new {
  gap: 5px;
  padding: 0 11px;
  border: 1px dashed #b9b09e;
  background: none;
  color: var(--ink);
  cursor: pointer;
}
</style>
