<script setup lang="ts">
import { focusWhenShown } from './focusWhenShown'
import { elementsWords } from './words'

const say = elementsWords.quantityField

/**
 * A small whole number, at least 1: typed, or stepped with the arrow keys. What is no such number is left as it was, and it is said which
 * can be.
 */
const props = withDefaults(
  defineProps<{
    value: number | null
    label: string
    min?: number
    max?: number
    /** What it means to leave it empty; left out: there has to be a number. */ none?: string
    /** It takes the focus when it is shown. */ autofocus?: boolean
  }>(),
  { min: 1, max: 999 },
)
const emit = defineEmits<{ change: [value: number]; none: [] }>()
const input = useTemplateRef('input')
onMounted(() => props.autofocus && focusWhenShown(() => input.value))
/** What was typed is none of the numbers that can be. */
const isWrong = ref(false)
function take(event: Event, isDone: boolean): void {
  const field = event.target as HTMLInputElement
  const value = Number(field.value)
  // A number that can't be read is empty too, and not fine.
  const isNone = props.none !== undefined && field.value === '' && !field.validity.badInput
  const isFine = isNone || (field.value !== '' && Number.isInteger(value) && value >= props.min && value <= props.max)
  if (isNone && props.value !== null) emit('none')
  else if (isFine && !isNone && value !== props.value) emit('change', value)
  if (!isFine && isDone) field.value = String(props.value ?? '')
  isWrong.value = isDone && !isFine
}
</script>

<template>
  <span class="field">
    <span class="entry">
      <input
        ref="input"
        v-typed="value ?? ''"
        class="quantity"
        type="number"
        :min="min"
        :max="max"
        :placeholder="none"
        :aria-label="label"
        @input="take($event, false)"
        @change="take($event, true)"
      /><slot />
    </span>
    <span v-if="isWrong" class="small wrong" role="alert">{{ say.fromTo(min, max) }}</span>
  </span>
</template>

<style scoped>
.field {
  display: inline-flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 2px 8px;
}
.entry {
  display: inline-flex;
  align-items: center;
  gap: 5px;
}
.quantity {
  width: var(--quantity-width, 58px);
  height: 30px;
  padding: 0 4px 0 8px;
  border: 1px solid var(--line);
  border-radius: 7px;
  background: var(--sheet);
  color: var(--ink);
  font: 13.5px/1 var(--text);
  font-feature-settings: 'tnum';
  text-align: right;
}
.quantity:hover {
  border-color: #b9b09e;
}
.quantity:focus-visible {
  outline: 2px solid var(--petrol);
  outline-offset: 0;
}
</style>
