<script setup lang="ts" generic="Row extends { key: string }">
import PhMagnifyingGlass from '~icons/ph/magnifying-glass'
import { useListSteps } from './useListSteps'

/**
 * All things of one sort, one of which is open. The arrow keys open the one beside; with Alt they move it, where the order counts.
 */
const props = defineProps<{
  label: string
  rows: readonly Row[]
  chosen: string | null
  /** The attribute that rows carry their key in. */
  attribute: `data-${string}`
  /** What the field to find some of them says; left out: they are few. */
  find?: { label: string; placeholder: string }
  /** What is said where none has the words. */
  none?: string
}>()
const words = defineModel<string>('words')
const emit = defineEmits<{ open: [key: string]; move: [key: string, place: number] }>()

const { step, focus } = useListSteps(
  () => props.rows,
  () => props.chosen,
  props.attribute,
  key => emit('open', key),
)
function onKey(event: KeyboardEvent): void {
  const by = { ArrowDown: 1, ArrowUp: -1 }[event.key]
  const at = props.rows.findIndex(each => each.key === props.chosen)
  if (!event.altKey || !by || at < 0) return step(event)
  event.preventDefault()
  if (!props.rows[at + by]) return
  moved.value = props.rows[at]!.key
  emit('move', moved.value, at + by + 1)
}
/** The row that keys have moved: it loses the focus when it is put elsewhere, and gets it back. */
const moved = shallowRef<string>()
watch(
  () => props.rows.map(each => each.key).join(' '),
  () => {
    if (moved.value !== undefined && document.activeElement === document.body) focus(moved.value)
    moved.value = undefined
  },
  { flush: 'post' },
)
</script>

<template>
  <section class="pane" :aria-label="label">
    <slot name="head" />
    <div v-if="find" class="find">
      <v-text-field v-model="words" type="search" :placeholder="find.placeholder" :aria-label="find.label">
        <template #prepend-inner><PhMagnifyingGlass /></template>
      </v-text-field>
    </div>
    <ul @keydown="onKey">
      <li v-for="(row, index) in rows" :key="row.key">
        <button
          type="button"
          class="row"
          :[attribute]="row.key"
          :aria-current="row.key === chosen || undefined"
          @click="emit('open', row.key)"
        >
          <slot :row="row" :index="index" />
        </button>
      </li>
    </ul>
    <p v-if="none && !rows.length" class="none soft small">{{ none }}</p>
    <slot name="foot" />
  </section>
</template>

<style scoped>
.pane {
  display: flex;
  flex-direction: column;
  height: 100%;
  background: var(--sheet);
}
.find {
  padding: 8px 12px;
  border-bottom: 1px solid var(--line-soft);
}
ul {
  flex: 1;
  margin: 0;
  padding: 0;
  overflow-y: auto;
  list-style: none;
}
.row {
  display: flex;
  align-items: center;
  gap: 10px;
  width: 100%;
  min-height: 56px;
  padding: 8px 12px;
  border: 0;
  border-bottom: 1px solid var(--line-soft);
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.row:hover {
  background: var(--paper);
}
.row[aria-current] {
  background: var(--paper);
  box-shadow: inset 3px 0 var(--petrol);
}
.row:focus-visible {
  outline-offset: -3px;
}
.none {
  margin: 0;
  padding: 12px;
}
</style>
