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
const emit = defineEmits<{ change: [colour: string | null, typing: boolean] }>()
const wrong = ref(false)
function type({ target }: Event, isDone: boolean): void {
  const colour = typedColour((target as HTMLInputElement).value)
  // Half of a colour is wrong only when it is left so.
  wrong.value = isDone && colour === null
  if (wrong.value) (target as HTMLInputElement).value = props.value ?? ''
  if (colour !== null && (isDone || colour !== props.value)) emit('change', colour, !isDone)
}
const choose = ({ target }: Event, isDone: boolean) => emit('change', (target as HTMLInputElement).value, !isDone)
watch(
  () => props.value,
  () => (wrong.value = false),
)
</script>

<template>
  <span class="field">
    <span class="colour" :class="{ wrong }">
      <template v-if="value !== null">
        <input type="color" :value="value" :aria-label="label" @input="choose($event, false)" @change="choose($event, true)" />
        <input
          v-typed="value"
          class="hex"
          maxlength="7"
          spellcheck="false"
          :aria-label="say.typed(label)"
          :aria-invalid="wrong"
          @input="type($event, false)"
          @change="type($event, true)"
        />
      </template>
      <button
        v-if="instead"
        type="button"
        class="none"
        :aria-pressed="value === null"
        :aria-label="say.none(label)"
        @click="emit('change', value === null ? instead : null, false)"
      >
        {{ say.none2 }}
      </button>
    </span>
    <span v-if="wrong" class="small alert" role="alert">{{ say.aColourSuchAs }}</span>
  </span>
</template>

<style scoped>
.field {
  display: inline-grid;
  justify-items: start;
  gap: 2px;
}
.alert {
  color: var(--clay);
}
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
