<script setup lang="ts">
import { counted } from '../../../core/text/sentence'
import { useBundles } from './bundles'
import { useStudioShop } from '../../data/studioShop'
import PhMagnifyingGlass from '~icons/ph/magnifying-glass'
import PhPlus from '~icons/ph/plus'
import PhWarning from '~icons/ph/warning'
import { useListSteps } from '../../elements/useListSteps'
import { useShortcut } from '../../elements/useShortcut'
import { bundlesWords } from './words/bundles'

const say = bundlesWords.bundlesPane

/** All bundles, found by name or SKU. */
const props = defineProps<{ chosen: string | null }>()
const emit = defineEmits<{ open: [sku: string] }>()
const store = useBundles()
const studio = useStudioShop()

const words = ref('')
const rows = computed(() => {
  const sought = words.value.trim().toLowerCase()
  return (store.rows ?? [])
    .filter(each => `${each.name} ${each.sku}`.toLowerCase().includes(sought))
    .map(each => ({ ...each, key: each.sku }))
})
const stateName = { active: 'live', draft: 'draft', retired: 'off' }
const adding = ref(false)
const { step } = useListSteps(
  () => rows.value,
  () => props.chosen,
  'data-bundle',
  sku => emit('open', sku),
)
useShortcut('n', () => (adding.value = true))
</script>

<template>
  <section class="pane" :aria-label="say.bundles">
    <BundlesOrOffers on="bundles"
      ><button type="button" class="icon-button add" :aria-label="say.addABundle" aria-keyshortcuts="N" @click="adding = true">
        <PhPlus /><v-tooltip activator="parent" location="bottom">{{ say.addABundle }}<span class="key">N</span></v-tooltip>
      </button></BundlesOrOffers
    >
    <div class="head">
      <v-text-field v-model="words" type="search" :placeholder="counted(store.rows?.length ?? 0, 'bundle')" :aria-label="say.findABundle"
        ><template #prepend-inner><PhMagnifyingGlass /></template
      ></v-text-field>
    </div>
    <ul @keydown="step">
      <li v-for="each in rows" :key="each.sku">
        <button
          type="button"
          class="row"
          :data-bundle="each.sku"
          :aria-current="each.sku === chosen || undefined"
          @click="emit('open', each.sku)"
        >
          <span class="lead"
            ><ProductPicture :src="each.image" class="thumb" /><span
              v-if="each.problems"
              class="problems"
              :title="say.thingsToLookAt(each.problems)"
              ><PhWarning width="13" height="13" /><span class="unseen">{{ say.thingsToLookAt(each.problems) }}</span></span
            ></span
          >
          <span class="names">
            <span class="name cut">{{ each.name }}</span>
            <span class="small soft cut">{{ each.contents }}</span>
          </span>
          <span class="end"
            ><span v-if="each.price !== null" class="small">{{ each.isFrom ? say.from : '' }}{{ studio.money(each.price) }}</span
            ><span class="state" :class="stateName[each.status]">{{ each.status }}</span></span
          >
        </button>
      </li>
    </ul>
    <p v-if="words && !rows.length" class="none soft small">{{ say.noBundleIsCalled(words) }}</p>
    <NewBundleDialog v-if="adding" @close="adding = false" @added="sku => emit('open', sku)" />
  </section>
</template>

<style scoped>
.pane {
  display: flex;
  flex-direction: column;
  height: 100%;
  background: var(--sheet);
}
.head {
  padding: 8px 12px;
  border-bottom: 1px solid var(--line-soft);
}
.add {
  flex: none;
  width: 36px;
  height: 36px;
  border: 1px solid var(--line);
}
ul {
  flex: 1;
  margin: 0;
  padding: 0;
  overflow-y: auto;
  list-style: none;
}
.row {
  display: flex;
  align-items: center;
  gap: 10px;
  width: 100%;
  height: 58px;
  padding: 0 12px;
  border: 0;
  border-bottom: 1px solid var(--line-soft);
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.row:hover {
  background: var(--paper);
}
.row[aria-current] {
  background: var(--paper);
  box-shadow: inset 3px 0 var(--petrol);
}
.row:focus-visible {
  outline-offset: -3px;
}
.thumb {
  width: 38px;
  height: 38px;
}
.names {
  flex: 1;
  min-width: 0;
  display: grid;
  line-height: 1.3;
}
.name {
  font-weight: 550;
}
[aria-current] .name {
  font-weight: 650;
}
.lead {
  position: relative;
  flex: none;
}
.problems {
  position: absolute;
  right: -6px;
  bottom: -5px;
  display: grid;
  place-items: center;
  width: 19px;
  height: 19px;
  border-radius: 10px;
  background: var(--clay-wash);
  color: var(--clay-ink);
  box-shadow: 0 0 0 1.5px var(--sheet);
}
.end {
  flex: none;
  display: grid;
  justify-items: end;
  gap: 2px;
}
.none {
  padding: 12px;
}
</style>
