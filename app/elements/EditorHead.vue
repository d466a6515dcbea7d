<script setup lang="ts">
import PhDotsThree from '~icons/ph/dots-three-bold'
import { elementsWords } from './words'

const say = elementsWords.editorHead

/** The head of what is edited: what it is called, how it stands, and what else can be done with it. */
defineProps<{ name: string; /** What sort of thing it is, for its menu. */ sort: string; state: { name: string; words: string } }>()
defineSlots<{
  /** Beside the name. */ beside?(): unknown
  /** Before the menu. */ tools?(): unknown
  /** Entries of the menu. */ menu(): unknown
  /** The main button. */ default(): unknown
}>()
</script>

<template>
  <header>
    <h1 class="cut">{{ name }}</h1>
    <slot name="beside" />
    <span class="state" :class="state.name">{{ state.words }}</span>
    <span class="grow" />
    <slot name="tools" />
    <v-menu location="bottom end">
      <template #activator="{ props: menu }"
        ><button type="button" class="icon-button" v-bind="menu" :aria-label="say.moreOfThis(sort)"><PhDotsThree /></button
      ></template>
      <v-list density="compact" class="studio"><slot name="menu" /></v-list>
    </v-menu>
    <slot />
  </header>
</template>

<style scoped>
header {
  flex: none;
  display: flex;
  align-items: center;
  gap: 8px;
  height: 60px;
  padding: 0 14px 0 18px;
  border-bottom: 1px solid var(--line-soft);
  background: var(--sheet);
}
h1 {
  font-size: 20px;
  line-height: 1.3;
}
.grow {
  flex: 1;
}
</style>
