<script setup lang="ts">
import type { FillStep } from '../../../../core/fillSteps/fillStep'
import { stepTypeOf } from '../../../../core/fillSteps/fillStep'
import { stepSentence } from '../../../../core/fillSteps/stepSentence'
import type { SectionProblem } from '../../../../core/sections/sectionProblems'
import PhDotsSixVertical from '~icons/ph/dots-six-vertical'
import PhDotsThree from '~icons/ph/dots-three-bold'
import { useNames } from '../../../data/useNames'
import { stepsWords } from '../words/steps'

const say = stepsWords.stepCard

/** One fill step as a sentence; its dotted words are changed where they stand. */
const props = defineProps<{
  step: FillStep
  index: number
  count: number
  takeTurns: boolean
  problems: readonly SectionProblem[]
  /** How many of all places it fills, in percent; null: not known. */ share: number | null
}>()
const emit = defineEmits<{ change: [step: FillStep, typing?: boolean]; rule: []; move: [by: number]; remove: []; double: [] }>()
const names = useNames()
const sentence = computed(() => stepSentence(props.step, names))
const byHand = computed(() => stepTypeOf(props.step).isByHand)

const shareWords = computed(() => (props.share! > 0 && props.share! < 1 ? '< 1' : Math.round(props.share!)))
const editing = ref<{ field: string; at: HTMLElement } | null>(null)
function edit(field: string, event: Event): void {
  if (field === 'rule') emit('rule')
  else editing.value = { field, at: event.currentTarget as HTMLElement }
}
function key(event: KeyboardEvent): void {
  const by = { ArrowUp: -1, ArrowDown: 1 }[event.key]
  if (by && event.altKey) {
    event.preventDefault()
    emit('move', by)
  } else if (event.key === 'Delete' && event.target === event.currentTarget) {
    emit('remove')
  }
}
</script>

<template>
  <div
    class="step"
    :class="{ hand: byHand, off: step.off }"
    role="listitem"
    tabindex="0"
    :data-step="index"
    :aria-label="say.step(index + 1)"
    @keydown="key"
  >
    <PhDotsSixVertical class="handle" aria-hidden="true" />
    <span class="number">{{ index + 1 }}</span>
    <div class="body">
      <p class="say">
        <span v-if="index && !takeTurns">{{ say.then }}{{ ' ' }}</span
        ><span v-else-if="index">{{ say.and }}{{ ' ' }}</span
        ><template v-for="(phrase, i) in sentence" :key="i"
          ><!-- Not a button: a long phrase runs on over the end of a line. --><span
            v-if="phrase.field"
            role="button"
            tabindex="0"
            class="dotted"
            @click="edit(phrase.field, $event)"
            @keydown.enter.stop="edit(phrase.field, $event)"
            @keydown.space.prevent.stop="edit(phrase.field, $event)"
            >{{ phrase.words }}</span
          ><template v-else>{{ phrase.words }}</template></template
        >
      </p>
      <p v-for="problem in problems" :key="problem.words" class="small wrong problem">{{ problem.words }}</p>
    </div>
    <span v-if="step.off" class="state">{{ say.off }}</span>
    <span v-else-if="share !== null" class="small soft share" :title="say.ofAllPlacesOnAll"
      >{{ shareWords }} % <template v-if="!index">{{ say.ofPlaces }}</template></span
    >
    <v-menu location="bottom end">
      <template #activator="{ props: menu }"
        ><button type="button" class="icon-button more" v-bind="menu" :aria-label="say.moreOfStep(index + 1)"><PhDotsThree /></button
      ></template>
      <v-list density="compact" class="studio">
        <v-list-item @click="editing = { field: '', at: $el as HTMLElement }"
          ><v-list-item-title>{{ say.orderMostAndTheRest }}</v-list-item-title></v-list-item
        >
        <v-list-item v-if="step.from === 'rule'" @click="emit('rule')"
          ><v-list-item-title>{{ say.changeTheRule }}</v-list-item-title></v-list-item
        >
        <v-list-item :disabled="!index" @click="emit('move', -1)"
          ><v-list-item-title>{{ say.moveUp }}</v-list-item-title
          ><template #append><span class="key">Alt ↑</span></template></v-list-item
        >
        <v-list-item :disabled="index === count - 1" @click="emit('move', 1)"
          ><v-list-item-title>{{ say.moveDown }}</v-list-item-title
          ><template #append><span class="key">Alt ↓</span></template></v-list-item
        >
        <v-list-item @click="emit('double')"
          ><v-list-item-title>{{ say.duplicate }}</v-list-item-title></v-list-item
        >
        <v-list-item @click="emit('change', { ...step, off: !step.off })"
          ><v-list-item-title>{{ step.off ? say.switchOn : say.switchOff }}</v-list-item-title></v-list-item
        >
        <v-list-item :disabled="count === 1" @click="emit('remove')"
          ><v-list-item-title>{{ say.remove }}</v-list-item-title
          ><template #append><span class="key">Del</span></template></v-list-item
        >
      </v-list>
    </v-menu>
    <v-menu
      v-if="editing"
      :model-value="true"
      :target="editing.at"
      location="bottom start"
      :offset="6"
      :close-on-content-click="false"
      @update:model-value="editing = null"
    >
      <StepForm :step="step" :field="editing.field" @change="(next, typing) => emit('change', next, typing)" @close="editing = null" />
    </v-menu>
  </div>
</template>

<style scoped>
.step {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 42px;
  margin-bottom: 6px;
  padding: 6px 6px 6px 4px;
  border: 1px solid var(--line);
  border-radius: 9px;
  background: var(--sheet);
}
.handle {
  flex: none;
  width: 16px;
  color: #9b927f;
  cursor: grab;
}
.number {
  flex: none;
  width: 20px;
  border-radius: 10px;
  background: var(--sunk);
  font: 650 12px/20px var(--text);
  text-align: center;
}
.hand .number {
  background: var(--saffron-wash);
  color: var(--saffron-ink);
  box-shadow: inset 0 0 0 1px var(--saffron);
}
.body {
  flex: 1;
  min-width: 0;
}
.say {
  margin: 0;
  font-size: 13.5px;
  line-height: 1.6;
}
.problem {
  margin: 2px 0 0;
}
.off .say {
  color: var(--ink-soft);
  text-decoration: line-through;
  text-decoration-color: var(--line);
}
.share {
  flex: none;
  font-variant-numeric: tabular-nums;
}
.more {
  flex: none;
  width: 28px;
  height: 28px;
}
</style>
