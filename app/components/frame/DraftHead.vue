<script setup lang="ts">
import PhDotsThree from '~icons/ph/dots-three-bold'

/** The head of what has drafts: what it is called, whether shoppers have it, what else can be done with it, and its publishing. */
const props = defineProps<{
  name: string, /** What sort of thing it is, for its menu. */ sort: string, stored: { live: object | null, draft: object | null },
  /** It is not as shoppers have it. */
  changed: boolean
  /** The same, or something that belongs to it is not. */
  unpublished: boolean
}>()
const emit = defineEmits<{ publish: [] }>()
defineSlots<{ /** Beside the name. */ beside?(): unknown, /** Before the menu. */ tools?(): unknown, /** Entries of the menu. */ menu(): unknown }>()
const state = computed(() => {
  if (!props.stored.draft) return { name: 'leaving', words: 'to be removed' }
  return props.changed ? { name: 'draft', words: props.stored.live ? 'changed' : 'draft' } : { name: 'live', words: 'live' }
})
useShortcut('p', () => props.unpublished && emit('publish'))
</script>

<template>
  <header>
    <h1 class="cut">{{ name }}</h1>
    <slot name="beside" />
    <span class="state" :class="state.name">{{ state.words }}</span>
    <span class="grow" />
    <slot name="tools" />
    <v-menu location="bottom end">
      <template #activator="{ props: menu }"><button type="button" class="icon-button" v-bind="menu" :aria-label="`More of this ${sort}`"><PhDotsThree /></button></template>
      <v-list density="compact" class="studio"><slot name="menu" /></v-list>
    </v-menu>
    <button type="button" class="main-button" :disabled="!unpublished" aria-keyshortcuts="P" @click="emit('publish')">Publish<v-tooltip activator="parent" location="bottom">{{ unpublished ? 'What shoppers don’t have yet' : 'Shoppers have all of it' }}<span class="key">P</span></v-tooltip></button>
  </header>
</template>

<style scoped>
header { flex: none; display: flex; align-items: center; gap: 8px; height: 60px; padding: 0 14px 0 18px; border-bottom: 1px solid var(--line-soft); background: var(--sheet); }
h1 { font-size: 20px; line-height: 1.3; }
.grow { flex: 1; }
</style>
