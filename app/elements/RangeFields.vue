<script setup lang="ts">
import type { Range } from '../../core/rules/range'
import { elementsWords } from './words'

const say = elementsWords.rangeFields

/** From a number, to a number, or both; an empty field leaves its end open. */
const props = defineProps<{
  range: Range
  /** Stands behind the fields. */ unit?: string
  /** Of what is typed; null: it can't be read. */ read: (typed: string) => number | null
  write: (value: number) => string
  /** It is told while it is typed, too. */ live?: boolean
}>()
/** `typing`: there may be more to come. */
const emit = defineEmits<{ change: [range: Range, typing: boolean] }>()

const ends = ['from', 'to'] as const
const typed = reactive({ from: '', to: '' })
/** undefined: open; null: it can't be read. */
const readEnd = (end: 'from' | 'to') => (typed[end].trim() ? props.read(typed[end]) : undefined)
watch(
  () => props.range,
  range => {
    // What is typed and means the same stays as it is typed.
    for (const end of ends) {
      const value = range[end]
      if (readEnd(end) !== value) typed[end] = value === undefined ? '' : props.write(value)
    }
  },
  { immediate: true },
)
const isUnreadable = computed(() => ends.some(end => readEnd(end) === null))
const wrong = computed(() => isUnreadable.value || ends.every(end => readEnd(end) === undefined))
function set(typing: boolean): void {
  if (wrong.value || (typing && !props.live)) return
  const end = (name: 'from' | 'to') => (typed[name].trim() ? { [name]: readEnd(name)! } : {})
  emit('change', { ...end('from'), ...end('to') }, typing)
}
</script>

<template>
  <span class="range">
    <v-text-field
      v-model="typed.from"
      :aria-label="say.from"
      :placeholder="say.fromWord"
      inputmode="decimal"
      :error="wrong"
      @update:model-value="set(true)"
      @change="set(false)"
      @keydown.enter="set(false)"
    />
    <span class="soft">{{ say.to }}</span>
    <v-text-field
      v-model="typed.to"
      :aria-label="say.toTitle"
      :placeholder="say.to"
      inputmode="decimal"
      :error="wrong"
      @update:model-value="set(true)"
      @change="set(false)"
      @keydown.enter="set(false)"
    />
    <span v-if="unit" class="soft unit">{{ unit }}</span>
    <span v-if="isUnreadable" class="small wrong" role="alert">{{ say.aNumber }}</span>
  </span>
</template>

<style scoped>
.range {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px;
}
.range .v-text-field {
  flex: 0 1 84px;
}
.unit {
  white-space: nowrap;
  font-size: 13px;
}
</style>
