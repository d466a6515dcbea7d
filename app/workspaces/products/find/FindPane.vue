<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import type { ProductRow } from '../../../../core/workbench/workbench'
import type { LinkKind } from '../../../../core/links/kind'
import { sourceOfPage } from '../../../../core/links/pageLanes'
import { useWorkbench } from '../bench/workbench'
import { useProductSearch } from './productSearch'
import { useStudioShop } from '../../../data/studioShop'
import { dragType } from '../bench/dragType'
import PhArrowsLeftRight from '~icons/ph/arrows-left-right'
import { useShortcut } from '../../../elements/useShortcut'
import { findWords } from '../words/find'

const say = findWords.findPane

/** Finds products to link, picks them, and links what is picked with one key. */
const emit = defineEmits<{ linked: [kind: string] }>()
/** The kind that the merchandiser is filling: its button is lit. */
const kind = defineModel<string | null>('kind', { required: true })
const bench = useWorkbench()
const studio = useStudioShop()

const { query, picked } = storeToRefs(useProductSearch())
const quick = computed(() => [
  ...(bench.product?.categoryKeys[0] === undefined
    ? []
    : [{ name: 'category', value: bench.product.categoryKeys[0], words: say.sameCategory }]),
  { name: 'stock', value: 'in', words: say.inStock },
  ...(bench.several || bench.page ? [] : [{ name: 'unlinked', value: '1', words: say.notLinkedYet }]),
])
const list = useTemplateRef('list')

/** Kinds that are mutual are linked back from the target at once. */
const bothWays = useLocalStorage('manada-both-ways', false)

const linkedAs = computed(() => {
  const kinds = new Map<string, LinkKind[]>()
  for (const kind of bench.kinds) {
    for (const { target, sku } of bench.lane(kind.key))
      for (const each of new Set([target, sku])) kinds.set(each, [...(kinds.get(each) ?? []), kind])
  }
  return kinds
})
const linkedAsOf = (row: ProductRow | undefined) => linkedAs.value.get(row?.sku ?? '') ?? []
/** The only product on the bench: what is found is compared with it. */
const source = computed(() => (bench.several || bench.page ? null : bench.product))
const canPick = (row: ProductRow | undefined) =>
  row !== undefined &&
  !(bench.products.length === 1 && row.product === bench.product?.sku) &&
  row.status !== 'retired' &&
  (bench.page !== 'category' || sourceOfPage('category', row.sku) !== bench.product?.sku)
/** Articles name products, never one variant of them. */
const asTarget = (row: ProductRow) => (bench.page === 'article' ? row.product : row.sku)
const verbOf = (kind: LinkKind) => (bench.page ? say.addToThe(bench.page) : say.linkAs(studio.words(kind.name)))

watch(
  () => bench.page,
  () => picked.value.clear(),
)

/** A row that is dragged takes everything picked along, if it is among it. */
function drag(event: DragEvent, row: ProductRow | undefined): void {
  if (!row) return
  const isPicked = [...picked.value.values()].some(each => each.product === row.sku)
  const targets = isPicked ? Array.from(picked.value.values(), asTarget) : [asTarget(row)]
  event.dataTransfer?.setData(dragType, JSON.stringify(targets))
  event.dataTransfer?.setData('text/plain', targets.join(', '))
}
async function linkAs(key: string | undefined): Promise<void> {
  if (!key || !bench.product) return
  const targets = [...new Set(list.value?.chosen().map(asTarget))]
  if (!targets.length) return
  const { mutual } = bench.kinds.find(each => each.key === key)!
  if (!(await bench.link(key, targets, { bothWays: (mutual && bothWays.value) || undefined }))) return
  picked.value.clear()
  emit('linked', key)
}
function enter(): void {
  if (bench.page) void linkAs(bench.kinds[0]!.key)
  else if (kind.value) void linkAs(kind.value)
  else list.value?.pick()
}

useShortcut(['1', '2', '3', '4', '5', '6', '7', '8', '9'], event => void linkAs(bench.kinds[Number(event.key) - 1]?.key))
useShortcut('w', () => (bothWays.value = !bothWays.value))
defineExpose({ refresh: () => list.value?.refresh(), focus: () => list.value?.focus() })
</script>

<template>
  <section class="find" :aria-label="say.findTargetsToLink">
    <PickList
      ref="list"
      v-model:query="query"
      :of="bench.page"
      :source="source"
      :quick="quick"
      :disabled="!bench.product"
      :can-pick="canPick"
      :linked-as="linkedAsOf"
      :picked="picked"
      :label="say.targetsFound"
      :field-label="say.findTargets"
      @enter="enter"
      @drag="drag"
    >
      <template #blank>{{ say.firstChooseAProductThen }}</template>
    </PickList>
    <PickedBar v-if="bench.product" :count="picked.size" @clear="picked.clear()">
      <button
        v-if="!bench.page"
        type="button"
        class="act"
        :class="{ lit: bothWays }"
        :aria-pressed="bothWays"
        :aria-label="say.linkBothWays"
        aria-keyshortcuts="W"
        @click="bothWays = !bothWays"
      >
        <PhArrowsLeftRight width="16" height="16" /><v-tooltip activator="parent" location="top"
          >{{ bothWays ? say.mutualKindsAreLinkedBoth : say.linkMutualKindsBothWays }}<span class="key">W</span></v-tooltip
        >
      </button>
      <button
        v-for="(each, i) in bench.kinds"
        :key="each.key"
        type="button"
        class="act"
        :class="{ main: each.key === kind || bench.page }"
        :disabled="!picked.size"
        :aria-label="verbOf(each)"
        @click="linkAs(each.key)"
      >
        <KindGlyph :glyph="each.glyph" /><span v-if="bench.page">{{ say.add }}</span
        ><span v-else-if="each.key === kind" class="word">{{ studio.words(each.name) }}</span
        ><span class="key">{{ i + 1 }}</span>
        <v-tooltip activator="parent" location="top"
          >{{ verbOf(each) }}<span class="key">{{ i + 1 }}</span></v-tooltip
        >
      </button>
    </PickedBar>
  </section>
</template>

<style scoped>
.find {
  container-type: inline-size;
  display: flex;
  flex-direction: column;
  height: 100%;
  background: var(--sheet);
}
.word::first-letter {
  text-transform: uppercase;
}
.word {
  display: inline-block;
}
@container (max-width: 470px) {
  .word {
    display: none;
  }
}
</style>
