<script setup lang="ts">
import type { ProductRow } from '../../../../core/workbench/workbench'
import { useStudioShop } from '../../../data/studioShop'
import PhCheck from '~icons/ph/check-bold'
import { listWords } from '../words/list'

const say = listWords.productRow

/** A product in the list, with what is linked to it kind by kind. A row on its way is empty. */
const props = defineProps<{ row: ProductRow | undefined; selected: boolean; several: boolean }>()
const studio = useStudioShop()
const isMarked = computed(() => props.selected && props.several)
</script>

<template>
  <div class="row" :class="{ on: selected }" role="option" :aria-selected="selected" :data-sku="row?.sku">
    <template v-if="row">
      <span class="lead">
        <ProductPicture :src="row.image" class="thumb" />
        <span class="box" :class="{ always: several }" :title="isMarked ? say.takeOffTheBench : say.addToTheBench" aria-hidden="true"
          ><PhCheck v-if="isMarked" width="12" height="12"
        /></span>
      </span>
      <div class="facts">
        <div class="line top">
          <span class="cut name">{{ row.name }}</span><span v-if="row.isBundle" class="status">{{ say.bundle }}</span
          ><span v-if="row.status !== 'active'" class="status">{{ row.status }}</span>
        </div>
        <div class="line" :class="{ many: studio.kinds.length > 4 }">
          <span class="mono cut">{{ row.sku }}</span>
          <span class="grow" />
          <span
            v-for="kind in studio.kinds"
            :key="kind.key"
            class="cover"
            :class="{ none: !row.links[kind.key] }"
            role="img"
            :aria-label="`${studio.words(kind.plural)}: ${row.links[kind.key]}`"
            :title="`${studio.words(kind.plural)}: ${row.links[kind.key]}`"
          >
            <KindGlyph :glyph="kind.glyph" />{{ row.links[kind.key] }}
          </span>
        </div>
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
  padding: 0 12px 0 9px;
  border-bottom: 1px solid var(--line-soft);
  border-left: 3px solid transparent;
  cursor: pointer;
}
.row:hover {
  background: #fbf9f5;
}
.row.on {
  background: var(--paper);
  border-left-color: var(--petrol);
}
.row:focus-visible {
  outline-offset: -2px;
}
.thumb {
  width: 38px;
  height: 38px;
}
.lead {
  position: relative;
  flex: none;
}
.box {
  position: absolute;
  left: -3px;
  top: -3px;
  display: grid;
  place-items: center;
  width: 18px;
  height: 18px;
  border: 1.5px solid #9b927f;
  border-radius: 5px;
  background: var(--sheet);
  color: #fff;
  opacity: 0;
  transition: opacity 150ms;
}
.row:hover .box,
.box.always {
  opacity: 1;
}
.row.on .box.always {
  background: var(--petrol);
  border-color: var(--petrol);
}
.facts {
  flex: 1;
  min-width: 0;
}
.name {
  font-weight: 600;
}
.line {
  display: flex;
  align-items: center;
  gap: 6px;
  margin-top: 2px;
}
.line.top {
  margin: 0;
}
.grow {
  flex: 1;
}
.cover {
  display: inline-flex;
  align-items: center;
  gap: 3px;
  width: 29px;
  font-size: 11.5px;
  color: var(--ink-soft);
}
.cover .glyph {
  width: 13px;
  height: 13px;
}
.cover.none {
  color: var(--clay-ink);
  font-weight: 650;
}
.many {
  gap: 2px;
}
.many .cover {
  gap: 2px;
  width: 24px;
}
.status {
  flex: none;
  padding: 0 6px;
  border-radius: 8px;
  background: var(--sunk);
  font-size: 11px;
  color: var(--ink-soft);
}
</style>
