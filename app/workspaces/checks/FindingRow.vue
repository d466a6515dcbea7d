<script setup lang="ts">
import { isProductCheck, mendOf } from '../../../core/checks/check'
import type { FindingRow } from '../../../core/studio/checkAnswers'
import { checkWords } from '../../../core/checks/checkWords'
import { addressOf } from './addressOf'
import { useStudioShop } from '../../data/studioShop'
import { pageWords } from '../../parts/sections/sectionWords'
import PhArrowRight from '~icons/ph/arrow-right'
import PhCheck from '~icons/ph/check-bold'
import { checksWords } from './words'

const say = checksWords.findingRow

/** One finding: where it is, what it is about, and what can be done. A row on its way is empty. */
const props = defineProps<{ row: FindingRow | undefined; marked: boolean; aside: boolean }>()
const emit = defineEmits<{ mend: []; putAside: []; reopen: [] }>()
const studio = useStudioShop()

const onProduct = computed(() => props.row !== undefined && isProductCheck(props.row.finding.check))
const kind = computed(() => (onProduct.value ? studio.kinds.find(each => each.key === props.row!.finding.kind) : undefined))
const page = computed(() =>
  props.row && !onProduct.value && props.row.finding.kind in pageWords ? pageWords[props.row.finding.kind as keyof typeof pageWords] : '',
)
</script>

<template>
  <div class="row" :class="{ on: marked }" role="row" :aria-selected="marked">
    <template v-if="row">
      <span class="box" :class="{ always: marked }" aria-hidden="true"><PhCheck v-if="marked" width="12" height="12" /></span>
      <div class="thing" role="gridcell">
        <ProductPicture v-if="onProduct" :src="row.source.image" class="thumb" />
        <div class="names">
          <NuxtLink :to="addressOf(row.finding)" class="name cut" tabindex="-1" @click.stop>{{ row.source.name }}</NuxtLink>
          <span v-if="onProduct" class="mono cut">{{ row.source.key }}</span><span v-else class="small soft cut">{{ page }}</span>
        </div>
      </div>
      <span class="way soft" role="gridcell" :title="kind && studio.words(kind.plural)"
        ><template v-if="kind"
          ><KindGlyph :glyph="kind.glyph" /><span class="small cut">{{ studio.words(kind.name) }}</span></template
        ><PhArrowRight v-if="row.target" width="13" height="13"
      /></span>
      <div v-if="row.target || onProduct" class="thing" role="gridcell">
        <template v-if="row.target">
          <ProductPicture v-if="onProduct" :src="row.target.image" class="thumb" />
          <div class="names">
            <span class="name cut">{{ row.target.name }}</span><span v-if="onProduct" class="mono cut">{{ row.target.key }}</span>
          </div>
        </template>
      </div>
      <div class="words" role="gridcell" :class="{ spread: row.share !== null && !row.target }">
        <span v-if="row.share !== null" class="track" aria-hidden="true"
          ><span :style="{ width: `${Math.max(row.share * 100, 1)}%` }"
        /></span>
        <span>{{ aside ? checkWords[row.finding.check].title : row.words }}</span>
        <span v-if="aside" class="small soft cut">{{ row.reason }}</span>
      </div>
      <div class="ways" role="gridcell">
        <button v-if="aside" type="button" class="text-button" tabindex="-1" @click.stop="emit('reopen')">{{ say.takeUpAgain }}</button>
        <template v-else>
          <button v-if="mendOf(row.finding.check)" type="button" class="text-button" tabindex="-1" @click.stop="emit('mend')">
            {{ checkWords[row.finding.check].mend!.one }}
          </button>
          <button type="button" class="text-button quiet" tabindex="-1" @click.stop="emit('putAside')">{{ say.putAside }}</button>
        </template>
      </div>
    </template>
  </div>
</template>

<style scoped>
.row {
  contain: strict;
  position: relative;
  display: grid;
  grid-template-columns: minmax(0, 5fr) 108px minmax(0, 5fr) minmax(0, 4fr) auto;
  align-items: center;
  gap: 12px;
  height: 54px;
  padding: 0 20px 0 28px;
  border-bottom: 1px solid var(--line-soft);
  cursor: default;
}
.row:hover {
  background: #fbf9f5;
}
.row.on {
  background: var(--paper);
}
.row:focus-visible {
  outline-offset: -2px;
}
.box {
  position: absolute;
  left: 5px;
  top: 18px;
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
  cursor: pointer;
}
.row:hover .box,
.row:focus-visible .box,
.box.always {
  opacity: 1;
}
.box.always {
  background: var(--petrol);
  border-color: var(--petrol);
}
.thing {
  display: flex;
  align-items: center;
  gap: 10px;
  min-width: 0;
}
.thumb {
  flex: none;
  width: 38px;
  height: 38px;
}
.names {
  display: grid;
  min-width: 0;
}
.name {
  color: inherit;
  font-weight: 600;
  text-decoration: none;
}
a.name:hover {
  text-decoration: underline;
  text-underline-offset: 2px;
}
.way {
  display: flex;
  align-items: center;
  justify-content: flex-end;
  gap: 5px;
  min-width: 0;
}
.way .glyph {
  flex: none;
  width: 15px;
  height: 15px;
}
.words {
  display: grid;
  min-width: 0;
  overflow-wrap: anywhere;
}
.spread {
  grid-column: 3 / 5;
  grid-template-columns: minmax(60px, 1fr) minmax(0, 2fr);
  align-items: center;
  gap: 14px;
}
.track {
  height: 8px;
  border-radius: 4px;
  background: var(--sunk);
}
.words .track {
  display: block;
}
.track span {
  display: block;
  height: 100%;
  border-radius: 4px;
  background: var(--clay);
}
.words > span:not(.track) {
  overflow: hidden;
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
}
.ways {
  display: flex;
  justify-content: flex-end;
  gap: 14px;
}
.quiet {
  color: var(--ink-soft);
  font-weight: 500;
}
</style>
