<script setup lang="ts">
import { typedColour } from './typedColour'
import { lookPartsWords } from './words'

const say = lookPartsWords.colourField

/** A colour, chosen or typed; one that may be left out, too. */
const props = defineProps<{
  value: string | null
  label: string
  /** What it becomes when it was left out and is wanted again; none: it can't be left out. */ instead?: string
}>()
const emit = defineEmits<{ change: [colour: string | null] }>()
const wrong = ref(false)
function type(event: Event): void {
  const field = event.target as HTMLInputElement
  const colour = typedColour(field.value)
  wrong.value = colour === null
  if (colour !== null) emit('change', colour)
  else field.value = props.value ?? ''
}
watch(
  () => props.value,
  () => (wrong.value = false),
)
</script>

<template>
  <span class="colour" :class="{ wrong }">
    <template v-if="value !== null">
      <input type="color" :value="value" :aria-label="label" @change="emit('change', ($event.target as HTMLInputElement).value)" />
      <input
        v-typed="value"
        class="hex"
        maxlength="7"
        spellcheck="false"
        :aria-label="say.typed(label)"
        :aria-invalid="wrong"
        @change="type"
      />
    </template>
    <button
      v-if="instead"
      type="button"
      class="none"
      :aria-pressed="value === null"
      :aria-label="say.none(label)"
      @click="emit('change', value === null ? instead : null)"
    >
      {{ say.none2 }}
    </button>
  </span>
</template>

<style scoped>
.colour {
  display: inline-flex;
  align-items: center;
  height: 30px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--sheet);
  overflow: hidden;
}
.colour:focus-within {
  border-color: var(--petrol);
}
.wrong {
  border-color: var(--clay);
}
input[type='color'] {
  width: 28px;
  height: 28px;
  padding: 4px 0 4px 6px;
  border: 0;
  background: none;
  cursor: pointer;
}
input[type='color']::-webkit-color-swatch-wrapper {
  padding: 0;
}
input[type='color']::-webkit-color-swatch {
  border: 1px solid rgb(31 41 51 / 0.2);
  border-radius: 5px;
}
.hex {
  width: 68px;
  padding: 0 6px;
  border: 0;
  background: none;
  color: var(--ink);
  font: 12px/1 var(--mono);
}
.hex:focus-visible {
  outline: none;
}
.none {
  height: 100%;
  padding: 0 9px;
  border: 0;
  background: none;
  color: var(--ink-soft);
  font: 12.5px/1 var(--text);
  cursor: pointer;
}
.hex + .none {
  border-left: 1px solid var(--line-soft);
}
.none[aria-pressed='true'] {
  color: var(--ink);
  font-weight: 600;
}
</style>
