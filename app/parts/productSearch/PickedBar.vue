<script setup lang="ts">
import PhX from '~icons/ph/x'
import { productSearchWords } from './words'

const say = productSearchWords.pickedBar

/** The dark bar below a list to pick from: how much is picked, and what can be done with it. Its buttons are of the class `act`. */
defineProps<{ count: number }>()
const emit = defineEmits<{ clear: [] }>()
</script>

<template>
  <div class="bar">
    <b aria-live="polite">{{ count ? say.picked(count) : say.nothingPicked }}</b>
    <button v-if="count" type="button" class="act" :aria-label="say.letGoOfEverythingPicked" @click="emit('clear')">
      <PhX width="14" height="14" />
    </button>
    <span class="grow" />
    <slot />
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px;
  padding: 11px 16px;
  background: var(--ink);
  color: #fff;
  white-space: nowrap;
}
.grow {
  flex: 1;
}
.bar :deep(.act) {
  display: flex;
  align-items: center;
  gap: 6px;
  height: 34px;
  padding: 0 8px;
  border: 0;
  border-radius: 7px;
  background: rgb(255 255 255 / 0.1);
  color: #fff;
  font: 550 13px/1 var(--text);
  cursor: pointer;
  transition: background 150ms;
}
.bar :deep(.act:hover:not(:disabled)) {
  background: rgb(255 255 255 / 0.22);
}
.bar :deep(.act.lit) {
  background: var(--saffron-wash);
  color: var(--saffron-ink);
}
.bar :deep(.act.main) {
  background: var(--petrol);
}
.bar :deep(.act:disabled) {
  opacity: 0.6;
  cursor: default;
}
.bar :deep(.act .key) {
  background: transparent;
  color: #fff;
  border-color: rgb(255 255 255 / 0.35);
}
.bar :deep(:focus-visible) {
  outline-color: var(--saffron);
}
@container (max-width: 430px) {
  .bar {
    padding: 11px 12px;
  }
  .bar :deep(.act) {
    padding: 0 6px;
  }
}
</style>
