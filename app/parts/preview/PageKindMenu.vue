<script setup lang="ts">
import type { PageKind } from '../../../core/pageTypes/registry'
import { pageWords } from '../sections/sectionWords'
import { previewWords } from './words'

const say = previewWords.pageKindMenu

/** Which kind of page something is tried on. */
defineProps<{
  /** The kinds that there are, with words above where there are several sorts of them. */ groups: [words: string, kinds: PageKind[]][]
}>()
const page = defineModel<PageKind>({ required: true })
</script>

<template>
  <v-menu location="bottom start">
    <template #activator="{ props: menu }"
      ><button type="button" class="kind" v-bind="menu" :aria-label="say.kindOfPage(pageWords[page])">
        {{ pageWords[page] }}<v-tooltip activator="parent" location="bottom">{{ say.anotherKind }}</v-tooltip>
      </button></template
    >
    <v-list density="compact" class="studio" :aria-label="say.kinds">
      <template v-for="[words, kinds] in groups" :key="words">
        <v-list-subheader v-if="words">{{ words }}</v-list-subheader>
        <v-list-item v-for="each in kinds" :key="each" :active="each === page" color="primary" @click="page = each"
          ><v-list-item-title>{{ pageWords[each] }}</v-list-item-title></v-list-item
        >
      </template>
    </v-list>
  </v-menu>
</template>

<style scoped>
.kind {
  flex: none;
  height: 30px;
  padding: 0 11px;
  border: 1px solid var(--line);
  border-radius: 15px;
  background: var(--sheet);
  color: var(--ink);
  font: 13px/1 var(--text);
  cursor: pointer;
}
.kind:hover {
  border-color: #b9b09e;
}
</style>
