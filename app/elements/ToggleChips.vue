<script setup lang="ts" generic="Value extends string">
/** Things of which each can be there or not. */
defineProps<{
  label: string
  choices: readonly (readonly [value: Value, words: string])[]
  chosen: readonly Value[]
  /** Those that have to stay. */ fixed?: readonly Value[]
}>()
const emit = defineEmits<{ toggle: [value: Value] }>()
</script>

<template>
  <div class="chips" role="group" :aria-label="label">
    <span class="small soft">{{ label }}</span>
    <button
      v-for="[value, words] in choices"
      :key="value"
      type="button"
      class="chip"
      :aria-pressed="chosen.includes(value)"
      :disabled="fixed?.includes(value)"
      @click="emit('toggle', value)"
    >
      {{ words }}
    </button>
    <slot />
  </div>
</template>

<style scoped>
.chips {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px;
}
.chip {
  height: 28px;
  padding: 0 11px;
  border: 1px solid var(--line);
  border-radius: 14px;
  background: var(--sheet);
  color: var(--ink-soft);
  font: 13px/1 var(--text);
  cursor: pointer;
}
.chip:hover {
  border-color: #b9b09e;
}
.chip:disabled {
  cursor: default;
}
.chip[aria-pressed='true'] {
  border-color: #a9c6c8;
  background: var(--petrol-wash);
  color: var(--petrol-ink);
  font-weight: 550;
}
</style>
