<script setup lang="ts">
/** What a pane beside another shows: one of a few. */
defineProps<{
  tabs: readonly { value: string; words: string; /** What it is, and its key. */ hint?: string; shortcut?: string }[]
  label: string
  isOn: (value: string) => boolean
}>()
const emit = defineEmits<{ show: [value: string] }>()
</script>

<template>
  <div class="tabs" role="group" :aria-label="label">
    <button
      v-for="{ value, words, hint, shortcut } in tabs"
      :key="value"
      type="button"
      :aria-pressed="isOn(value)"
      :aria-keyshortcuts="shortcut"
      @click="emit('show', value)"
    >
      {{ words
      }}<v-tooltip v-if="hint" activator="parent" location="bottom"
        >{{ hint }}<span v-if="shortcut" class="key">{{ shortcut }}</span></v-tooltip
      >
    </button>
    <span class="grow" />
    <slot />
  </div>
</template>

<style scoped>
.tabs {
  flex: none;
  display: flex;
  align-items: center;
  gap: 18px;
  height: 44px;
  padding: 0 12px 0 16px;
  border-bottom: 1px solid var(--line);
  background: var(--sheet);
}
.tabs > button {
  height: 100%;
  padding: 0;
  border: 0;
  background: none;
  color: var(--ink-soft);
  font: 550 14px/1 var(--text);
  cursor: pointer;
}
.tabs > button[aria-pressed='true'] {
  color: var(--ink);
  box-shadow: inset 0 -2px var(--petrol);
}
.grow {
  flex: 1;
}
</style>
