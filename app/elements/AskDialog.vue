<script setup lang="ts">
import { elementsWords } from './words'

const say = elementsWords.askDialog
/** A dialog that asks for something before a thing is done. */
const props = defineProps<{ title: string; verb: string; possible: boolean; width: number }>()
const emit = defineEmits<{ close: []; go: [] }>()
const id = useId()

function go(): void {
  if (!props.possible) return
  emit('go')
  emit('close')
}
</script>

<template>
  <v-dialog :model-value="true" :max-width="width" :aria-labelledby="id" @update:model-value="emit('close')">
    <v-card rounded="lg" class="studio ask">
      <form @submit.prevent="go">
        <h2 :id="id">{{ title }}</h2>
        <slot />
        <div class="ways">
          <button type="button" class="plain-button" @click="emit('close')">{{ say.leaveIt }}</button>
          <button type="submit" class="main-button" :disabled="!possible">{{ verb }}</button>
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>
