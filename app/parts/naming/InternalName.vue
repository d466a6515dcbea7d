<script setup lang="ts">
import { namingWords } from './words'

const say = namingWords.internalName

/** What a section or an offer is called by those who work with it. */
defineProps<{ name: string; /** What it is called without. */ heading: string }>()
const emit = defineEmits<{ change: [name: string] }>()
</script>

<template>
  <label class="internal">
    <span class="small soft">{{ say.nameInTheStudio }}</span>
    <SavedText :saved="name" :placeholder="heading" :most="100" :label="say.nameInTheStudio" @change="words => emit('change', words)" />
    <span class="small soft">{{ say.shoppersNeverReadIt }}</span>
  </label>
</template>

<style scoped>
.internal {
  display: grid;
  gap: 3px;
  margin-bottom: 10px;
}
</style>
