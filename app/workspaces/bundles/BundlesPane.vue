<script setup lang="ts">
import { counted } from '../../../core/text/sentence'
import { useBundles } from './bundles'
import { useStudioShop } from '../../data/studioShop'
import PhWarning from '~icons/ph/warning'
import { bundlesWords } from './words/bundles'

const say = bundlesWords.bundlesPane

/** All bundles, found by name or SKU. */
defineProps<{ chosen: string | null }>()
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
const stateName = { live: 'live', draft: 'draft', changed: 'draft', retired: 'off' }
const allBundles = computed(() => counted(store.rows?.length ?? 0, 'bundle'))
const adding = ref(false)
</script>

<template>
  <ListPane
    v-model:words="words"
    :label="say.bundles"
    :rows="rows"
    :chosen="chosen"
    attribute="data-bundle"
    :find="{ label: say.findABundle, placeholder: allBundles }"
    :none="words && say.noBundleIsCalled(words)"
    @open="sku => emit('open', sku)"
  >
    <template #head
      ><BundlesOrOffers on="bundles"><AddButton :label="say.addABundle" @add="adding = true" /></BundlesOrOffers
    ></template>
    <template #default="{ row }">
      <span class="lead"
        ><ProductPicture :src="row.image" class="thumb" /><span
          v-if="row.problems"
          class="problems"
          :title="say.thingsToLookAt(row.problems)"
          ><PhWarning width="13" height="13" /><span class="unseen">{{ say.thingsToLookAt(row.problems) }}</span></span
        ></span
      >
      <RowNames :name="row.name" :more="row.contents" />
      <span class="end"
        ><span v-if="row.price !== null" class="small">{{ row.isFrom ? say.from : '' }}{{ studio.money(row.price) }}</span
        ><span class="state" :class="stateName[row.state]">{{ row.state }}</span></span
      >
    </template>
    <template #foot><NewBundleDialog v-if="adding" @close="adding = false" @added="sku => emit('open', sku)" /></template>
  </ListPane>
</template>

<style scoped>
.thumb {
  width: 38px;
  height: 38px;
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
</style>
