<script setup lang="ts">
import { useWorkbench } from './workbench'
import { useStudioShop } from '../../../data/studioShop'
import { benchWords } from '../words/bench'

const say = benchWords.copyDialog

/** Asks whose lanes are copied to the other products on the bench, and how. */
const emit = defineEmits<{ close: []; copy: [kinds: string[], from: string, to: string[], replace: boolean] }>()
const bench = useWorkbench()
const studio = useStudioShop()

const from = ref(bench.products[0]!.sku)
const source = computed(() => bench.products.find(product => product.sku === from.value)!)
const filled = computed(() => studio.kinds.filter(kind => source.value.lanes[kind.key]?.length))
const kinds = ref<string[]>([])
watch(filled, now => (kinds.value = now.map(kind => kind.key)), { immediate: true })
const replace = ref(false)
const others = computed(() => bench.products.filter(product => product.sku !== from.value))
/** Links that would be taken away from the others. */
const lost = computed(() =>
  replace.value
    ? others.value.reduce((sum, product) => sum + kinds.value.reduce((all, key) => all + (product.lanes[key]?.length ?? 0), 0), 0)
    : 0,
)

const copy = () =>
  emit(
    'copy',
    kinds.value,
    from.value,
    others.value.map(product => product.sku),
    replace.value,
  )
</script>

<template>
  <AskDialog :title="say.copyLanes" :verb="say.copy" :possible="kinds.length > 0" :width="460" @close="emit('close')" @go="copy">
    <p class="soft">{{ say.fromOneProductOnThe(others.length === 1 ? say.one : others.length) }}</p>
    <v-select
      v-model="from"
      :items="bench.products.map(product => ({ value: product.sku, title: product.name }))"
      :aria-label="say.copyFrom"
      autofocus
    />
    <fieldset>
      <legend class="small soft">{{ say.whichLanes }}</legend>
      <label v-for="kind in filled" :key="kind.key"
        ><input v-model="kinds" type="checkbox" :value="kind.key" /><KindGlyph :glyph="kind.glyph" />{{ studio.words(kind.plural) }},
        {{ source.lanes[kind.key]!.length }}</label
      >
      <p v-if="!filled.length" class="small soft">{{ say.hasNoLinksYet(source.name) }}</p>
    </fieldset>
    <fieldset>
      <legend class="small soft">{{ say.whatHappensToLinksThat }}</legend>
      <label><input v-model="replace" type="radio" :value="false" />{{ say.theyStayTheCopiedOnes }}</label>
      <label><input v-model="replace" type="radio" :value="true" />{{ say.theCopiedOnesTakeTheir }}</label>
    </fieldset>
    <p class="small hint" role="status">
      <template v-if="lost">{{
        say.onWillBeReplacedYou(lost, lost === 1 ? say.link : say.links, others.length, others.length === 1 ? say.product : say.products)
      }}</template>
    </p>
  </AskDialog>
</template>

<style scoped>
fieldset {
  display: grid;
  gap: 6px;
  margin: 14px 0 0;
  padding: 0;
  border: 0;
}
legend {
  margin-bottom: 6px;
  padding: 0;
}
.ask label {
  display: flex;
  align-items: center;
  gap: 8px;
  color: var(--ink);
  font-size: 14px;
}
input {
  accent-color: var(--petrol);
}
</style>
