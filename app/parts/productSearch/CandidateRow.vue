<script setup lang="ts">
import type { WorkbenchProduct, ProductRow } from '../../../core/workbench/workbench'
import type { LinkKind } from '../../../core/links/kind'
import { percentDifference } from '../../../core/money/money'
import { useStudioShop } from '../../data/studioShop'
import PhCheck from '~icons/ph/check-bold'
import { productSearchWords } from './words'

const say = productSearchWords.candidateRow

/** A product that may be linked, with what matters to the choice; compared with the one product that it would be linked to. */
const props = defineProps<{
  row: ProductRow | undefined
  source: WorkbenchProduct | null
  /** The kinds of links that lead to it already. */ linkedAs: readonly LinkKind[]
  picked: boolean
  canPick: boolean
  isCategory: boolean
  /** A word on it that comes before its own. */ note?: string
  isPicked: (sku: string) => boolean
}>()
const emit = defineEmits<{ pick: [row: ProductRow] }>()
/** Whether its variants are in sight. */
const variants = defineModel<boolean>('variants', { required: true })
const studio = useStudioShop()

const difference = computed(() => {
  const percent = percentDifference(props.row?.price ?? null, props.source?.price ?? null)
  if (percent === null) return ''
  return percent === 0 ? say.same : `${percent > 0 ? '+' : '−'}${Math.abs(percent)} %`
})
const maxShared = 2
const shared = computed(() => props.row?.shared.slice(0, maxShared) ?? [])
const moreShared = computed(() => props.row?.shared.slice(maxShared) ?? [])
const moreSharedWords = computed(() => moreShared.value.join(', '))
const ownNote = computed(() => {
  if (!props.row) return ''
  if (props.row.sku === props.source?.sku) return say.thisProduct
  if (props.row.status === 'retired') return say.retired
  if (!props.row.forSale) return say.notForSale
  return props.row.stock || props.isCategory ? '' : say.outOfStock
})
</script>

<template>
  <div
    class="row"
    :class="{ on: picked, off: !canPick }"
    role="option"
    :aria-selected="picked"
    :aria-disabled="!canPick"
    :data-sku="row?.sku"
    :draggable="canPick"
  >
    <template v-if="row">
      <span class="box" aria-hidden="true"><PhCheck v-if="picked" width="13" height="13" /></span>
      <ProductPicture :src="row.image" class="thumb" />
      <div class="facts">
        <div class="cut name" :title="`${row.name} · ${row.sku}`">{{ row.name }}</div>
        <div class="cut line">
          <span v-for="kind in linkedAs" :key="kind.key" class="linked"><KindGlyph :glyph="kind.glyph" />{{ say.linked }}</span>
          <span v-if="note" class="soft">{{ note }}</span><span v-else-if="ownNote" :class="{ wrong: ownNote !== say.thisProduct }">{{
            ownNote
          }}</span>
          <span v-for="trait in shared" :key="trait" class="trait cut">{{ trait }}</span>
          <span v-if="moreShared.length" class="soft" :title="moreSharedWords">+{{ moreShared.length }}</span>
          <span v-if="isCategory" class="soft cut">{{ row.brand ?? '' }}</span><span v-else-if="!row.shared.length" class="mono">{{
            row.sku
          }}</span>
          <VariantMenu
            v-if="row.variants && canPick"
            v-model="variants"
            :row="row"
            :is-picked="isPicked"
            @pick="variant => emit('pick', variant)"
          />
          <span v-if="row.timesTarget" class="soft lanes">{{ say.in(row.timesTarget, row.timesTarget === 1 ? say.lane : say.lanes) }}</span>
        </div>
      </div>
      <div v-if="!isCategory" class="price">
        <b>{{ studio.money(row.price) }}</b><span class="soft">{{ difference }}</span>
      </div>
    </template>
  </div>
</template>

<style scoped>
.row {
  contain: strict;
  display: flex;
  align-items: center;
  gap: 10px;
  height: 54px;
  padding: 0 16px;
  border-bottom: 1px solid var(--line-soft);
  cursor: pointer;
}
.row:hover {
  background: #fbf9f5;
}
.row.on {
  background: var(--petrol-wash);
}
.row:focus-visible {
  outline-offset: -2px;
}
.row.off {
  cursor: default;
}
.row.off .thumb,
.row.off .box {
  opacity: 0.45;
}
.box {
  display: grid;
  place-items: center;
  flex: none;
  width: 18px;
  height: 18px;
  border: 1.5px solid #9b927f;
  border-radius: 5px;
  color: #fff;
  background: var(--sheet);
}
.on .box {
  background: var(--petrol);
  border-color: var(--petrol);
}
.thumb {
  width: 40px;
  height: 40px;
}
.facts {
  flex: 1;
  min-width: 0;
}
.name {
  font-weight: 550;
}
.line {
  display: flex;
  align-items: center;
  gap: 7px;
  margin-top: 1px;
  font-size: 11.5px;
}
.linked {
  flex: none;
  display: inline-flex;
  align-items: center;
  gap: 3px;
  padding: 0 6px;
  border-radius: 4px;
  background: var(--saffron-wash);
  color: var(--saffron-ink);
}
.trait {
  flex: 0 1 auto;
  min-width: 24px;
  padding: 0 6px;
  border-radius: 4px;
  background: var(--sunk);
}
.lanes {
  flex: none;
}
.linked .glyph {
  width: 12px;
  height: 12px;
}
.price {
  text-align: right;
  font-size: 13.5px;
  white-space: nowrap;
}
.price span {
  display: block;
  font-size: 11.5px;
}
</style>
