<script setup lang="ts">
import { publishingWords } from './words'

const say = publishingWords.draftLeaving
/** Stands in the place of what is to be removed with the next publishing. */
defineProps<{ sort: string }>()
const emit = defineEmits<{ keep: [] }>()
</script>

<template>
  <div class="leaving">
    <p>{{ say.thisIsToBeRemoved(sort) }}</p>
    <button type="button" class="plain-button" @click="emit('keep')">{{ say.keepIt }}</button>
  </div>
</template>

<style scoped>
.leaving {
  display: grid;
  justify-items: start;
  gap: 12px;
  padding: 18px;
}
p {
  margin: 0;
}
</style>
