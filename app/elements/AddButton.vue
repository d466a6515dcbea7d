<script setup lang="ts">
import PhPlus from '~icons/ph/plus'
import { useShortcut } from './useShortcut'

/** Adds another thing to a list: with the mouse, or with N while the focus is in the list. */
defineProps<{ label: string }>()
const emit = defineEmits<{ add: [] }>()
const button = useTemplateRef('button')
useShortcut('n', () => emit('add'), { within: () => button.value?.closest('section') })
</script>

<template>
  <button ref="button" type="button" class="icon-button add" :aria-label="label" aria-keyshortcuts="N" @click="emit('add')">
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
