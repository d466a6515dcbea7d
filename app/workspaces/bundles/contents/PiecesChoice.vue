<script setup lang="ts">
import { maxPieces } from '../../../../core/catalogue/bundle'
import { contentsWords } from '../words/contents'

const say = contentsWords.piecesChoice

/** Whether shoppers choose each piece of a part by itself, where it has several. */
defineProps<{ name: string; quantity: number; oneByOne?: true }>()
const emit = defineEmits<{ change: [oneByOne: true | undefined] }>()
</script>

<template>
  <label v-if="quantity > 1 && quantity <= maxPieces" class="pieces small">
    <input
      type="checkbox"
      :checked="oneByOne === true"
      :aria-label="say.eachOf(name)"
      @change="emit('change', ($event.target as HTMLInputElement).checked || undefined)"
    />{{ say.each }}<v-tooltip activator="parent" location="bottom">{{ say.meaning }}</v-tooltip>
  </label>
</template>

<style scoped>
.pieces {
  display: inline-flex;
  align-items: center;
  gap: 5px;
  white-space: nowrap;
  cursor: pointer;
}
input {
  margin: 0;
  accent-color: var(--petrol);
}
</style>
