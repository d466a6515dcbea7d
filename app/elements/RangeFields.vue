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
}>()
const emit = defineEmits<{ change: [range: Range] }>()

const typed = reactive({ from: '', to: '' })
watch(
  () => props.range,
  ({ from, to }) => {
    typed.from = from === undefined ? '' : props.write(from)
    typed.to = to === undefined ? '' : props.write(to)
  },
  { immediate: true },
)
const wrong = computed(
  () =>
    (['from', 'to'] as const).some(end => typed[end].trim() && props.read(typed[end]) === null) || (!typed.from.trim() && !typed.to.trim()),
)
function set(): void {
  if (wrong.value) return
  const end = (name: 'from' | 'to') => (typed[name].trim() ? { [name]: props.read(typed[name])! } : {})
  emit('change', { ...end('from'), ...end('to') })
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
      @change="set"
      @keydown.enter="set"
    />
    <span class="soft">{{ say.to }}</span>
    <v-text-field
      v-model="typed.to"
      :aria-label="say.toTitle"
      :placeholder="say.to"
      inputmode="decimal"
      :error="wrong"
      @change="set"
      @keydown.enter="set"
    />
    <span v-if="unit" class="soft unit">{{ unit }}</span>
  </span>
</template>

<style scoped>
.range {
  display: flex;
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
