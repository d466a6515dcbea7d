<script setup lang="ts">
import { Pane, Splitpanes } from 'splitpanes'
import type { CommandAnswer } from '../../core/workbench/workbench'
import { labelSplitters } from '../elements/labelSplitters'

/** A workspace of panes: a list, what is chosen in it, and what stands beside that. */
defineProps<{
  load: () => Promise<unknown>
  /** What was loaded can be shown. */ ready: boolean
  /** How wide the panes are, in percent: list, editor, beside. */ sizes: readonly [number, number, number] | readonly [number, number]
}>()
const emit = defineEmits<{ stepped: [answer: CommandAnswer] }>()
defineSlots<{ list(): unknown; default(): unknown; beside?(): unknown }>()
/** No pane is made narrower than this share of how wide it begins. */
const narrowest = (size: number) => Math.round(size * 0.68)
</script>

<template>
  <StudioFrame :load="load" :ready="ready" @stepped="answer => emit('stepped', answer)">
    <Splitpanes @ready="labelSplitters" @resized="labelSplitters">
      <Pane :size="sizes[0]" :min-size="narrowest(sizes[0])"><slot name="list" /></Pane>
      <Pane :size="sizes[1]" :min-size="narrowest(sizes[1])"><slot /></Pane>
      <Pane v-if="sizes[2]" :size="sizes[2]" :min-size="narrowest(sizes[2])"><slot name="beside" /></Pane>
    </Splitpanes>
  </StudioFrame>
</template>
