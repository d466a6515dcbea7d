<script setup lang="ts">
import type { WorkbenchProduct } from '../../../../core/workbench/workbench'
import PhCopy from '~icons/ph/copy'
import PhX from '~icons/ph/x'
import { benchWords } from '../words/bench'

const say = benchWords.severalHead

/** The products that are on the bench together. */
defineProps<{ products: readonly WorkbenchProduct[] }>()
const emit = defineEmits<{ open: [sku: string]; take: [sku: string]; copy: [] }>()
</script>

<template>
  <BenchHead :name="say.productsTogether(products.length)" class="several">
    <p class="small soft line">{{ say.whatYouLinkRemoveOr }}</p>
    <ul class="members" :aria-label="say.productsOnTheBench">
      <li v-for="member in products" :key="member.sku">
        <button type="button" class="member" :title="say.workOnAlone(member.name)" @click="emit('open', member.sku)">
          <ProductPicture :src="member.image" class="tiny" /><span class="cut">{{ member.name }}</span>
        </button>
        <button type="button" class="out" :aria-label="say.takeOffTheBench(member.name)" @click="emit('take', member.sku)">
          <PhX width="12" height="12" />
        </button>
      </li>
    </ul>
    <template #tools>
      <button type="button" class="plain-button copy" @click="emit('copy')"><PhCopy width="16" height="16" />{{ say.copyLanes }}</button>
    </template>
  </BenchHead>
</template>

<style scoped>
.several {
  max-height: 40%;
}
.several :deep(.facts) {
  display: flex;
  flex-direction: column;
  max-height: 100%;
}
.members {
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
  margin: 8px 0 0;
  padding: 0;
  overflow-y: auto;
  max-height: 94px;
  list-style: none;
}
.members li {
  display: flex;
  align-items: center;
  max-width: 190px;
  border-radius: 6px;
  background: var(--sunk);
}
.member {
  display: flex;
  align-items: center;
  gap: 6px;
  min-width: 0;
  padding: 3px 2px 3px 4px;
  border: 0;
  background: none;
  color: inherit;
  font: 12px/1.3 var(--text);
  cursor: pointer;
}
.member:hover span {
  text-decoration: underline;
  text-underline-offset: 2px;
}
.tiny {
  width: 20px;
  height: 20px;
  border-radius: 4px;
}
.out {
  display: grid;
  place-items: center;
  flex: none;
  width: 22px;
  height: 24px;
  border: 0;
  background: none;
  color: var(--ink-soft);
  cursor: pointer;
}
.out:hover {
  color: var(--clay-ink);
}
.copy {
  display: flex;
  align-items: center;
  gap: 7px;
  flex: none;
}
</style>
