import type { ObjectDirective } from 'vue'

type Field = HTMLInputElement | HTMLTextAreaElement

/**
 * `v-typed="value"`: what a field holds. While somebody is typing in it, the field is theirs: an answer that comes in the meantime
 * does not take away what was typed.
 */
const typedText: ObjectDirective<Field, string | number> = {
  created: (field, { value }) => void (field.value = String(value)),
  updated: (field, { value, oldValue }) => {
    if (value !== oldValue && field !== document.activeElement) field.value = String(value)
  },
}

export default defineNuxtPlugin(({ vueApp }) => void vueApp.directive('typed', typedText))
