<script setup lang="ts">
import PhPlus from '~icons/ph/plus'
import { useShortcut } from './useShortcut'

/** Adds another thing to a list: with the mouse, or with N. */
defineProps<{ label: string }>()
const emit = defineEmits<{ add: [] }>()
useShortcut('n', () => emit('add'))
</script>

<template>
  <button type="button" class="icon-button add" :aria-label="label" aria-keyshortcuts="N" @click="emit('add')">
    <PhPlus /><v-tooltip activator="parent" location="bottom">{{ label }}<span class="key">N</span></v-tooltip>
  </button>
</template>

<style scoped>
.add {
  flex: none;
  width: 36px;
  height: 36px;
  border: 1px solid var(--line);
}
</style>
