<script setup lang="ts" generic="Value extends string | number | boolean | null">
defineOptions({ inheritAttrs: false })
/** A word of a sentence that can be another: it opens the others, with the one that holds marked. */
const props = defineProps<{
  /** What is chosen here. */ label: string
  choices: readonly (readonly [value: Value, words: string])[]
  modelValue: Value
}>()
const emit = defineEmits<{ 'update:modelValue': [value: Value] }>()
const words = computed(() => props.choices.find(([value]) => value === props.modelValue)?.[1] ?? '')
function choose(value: Value): void {
  if (value !== props.modelValue) emit('update:modelValue', value)
}
</script>

<template>
  <v-menu location="bottom start">
    <template #activator="{ props: menu }"
      ><button type="button" class="dotted" v-bind="{ ...menu, ...$attrs }" :aria-label="`${label}: ${words}`">
        {{ words }}
      </button></template
    >
    <v-list density="compact" class="studio" :aria-label="label">
      <v-list-item
        v-for="[value, name] in choices"
        :key="String(value)"
        :active="value === modelValue"
        color="primary"
        @click="choose(value)"
        ><v-list-item-title>{{ name }}</v-list-item-title></v-list-item
      >
    </v-list>
  </v-menu>
</template>
