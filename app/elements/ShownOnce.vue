<script setup lang="ts">
import { useClipboard } from '@vueuse/core'
import { focusWhenShown } from './focusWhenShown'
import { elementsWords } from './words'

const say = elementsWords.shownOnce
/** A link or a token, which is shown this once, to be copied. */
const props = defineProps<{ title: string; lead: string; secret: string }>()
const emit = defineEmits<{ close: [] }>()
const id = useId()
const { copy, copied } = useClipboard({ legacy: true })
const field = useTemplateRef<HTMLInputElement>('field')
onMounted(() => focusWhenShown(() => field.value))
function take(): void {
  field.value?.select()
  void copy(props.secret)
}
</script>

<template>
  <v-dialog :model-value="true" persistent max-width="560" :aria-labelledby="id">
    <v-card rounded="lg" class="studio ask">
      <h2 :id="id">{{ title }}</h2>
      <p class="soft">{{ lead }}</p>
      <div class="secret">
        <input ref="field" :value="secret" readonly :aria-label="title" @focus="field?.select()" />
        <button type="button" class="plain-button" @click="take">{{ say.copy }}</button>
      </div>
      <p class="hint small" role="status">{{ copied ? say.copied : '' }}</p>
      <div class="ways">
        <button type="button" class="main-button" @click="emit('close')">{{ say.close }}</button>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.secret {
  display: flex;
  gap: 8px;
}
input {
  flex: 1;
  min-width: 0;
  padding: 0 10px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--paper);
  color: var(--ink);
  font: 13px/1 var(--mono);
}
</style>
