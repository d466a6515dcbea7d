<script setup lang="ts" generic="Value extends string | number">
/** One of a few choices, all of them in sight. What is chosen already can be chosen again. */
defineProps<{
  label: string
  choices: readonly (readonly [value: Value, words: string])[]
  modelValue: Value | null
  disabled?: boolean
}>()
const emit = defineEmits<{ 'update:modelValue': [value: Value] }>()
</script>

<template>
  <div class="choice" role="group" :aria-label="label">
    <button
      v-for="[value, words] in choices"
      :key="value"
      type="button"
      :aria-pressed="modelValue === value"
      :disabled="disabled"
      @click="emit('update:modelValue', value)"
    >
      {{ words }}
    </button>
  </div>
</template>
