<script setup lang="ts">
import { VueDraggable } from 'vue-draggable-plus'
import type { FillStep } from '../../../../core/fillSteps/fillStep'
import type { Section, SectionSettings } from '../../../../core/sections/section'
import type { StoredSection } from '../../../../core/studio/draftAnswers'
import { useTried } from '../../../parts/preview/tried'
import { stepsWords } from '../words/steps'

const say = stepsWords.stepsPart

/** The steps that fill a section, in their order. */
const props = defineProps<{ section: Section; problems: StoredSection['problems'] }>()
const emit = defineEmits<{ change: [settings: Partial<SectionSettings>, typing?: boolean] }>()
const tried = useTried()
const until = computed(() => say.untilFull(props.section.places === 1 ? say.n1PlaceIs : say.placesAre(props.section.places)))

const steps = ref<FillStep[]>([])
watch(
  () => props.section.steps,
  now => (steps.value = [...now]),
  { immediate: true },
)
const setSteps = (next: FillStep[], typing = false) => emit('change', { steps: next }, typing)
const setStep = (index: number, step: FillStep, typing?: boolean) => setSteps(steps.value.with(index, step), typing)
const double = (index: number) => setSteps(steps.value.toSpliced(index, 0, steps.value[index]!))
/** A section is filled by one step at least. */
function remove(index: number): void {
  if (steps.value.length > 1) setSteps(steps.value.toSpliced(index, 1))
}
const list = useTemplateRef('list')
async function move(index: number, by: number): Promise<void> {
  const to = index + by
  if (to < 0 || to >= steps.value.length) return
  setSteps(steps.value.toSpliced(index, 1).toSpliced(to, 0, steps.value[index]!))
  await nextTick()
  list.value?.querySelector<HTMLElement>(`[data-step="${to}"]`)?.focus()
}
const ruleOf = ref<number | null>(null)
const editedStep = computed(() => {
  const step = ruleOf.value === null ? undefined : steps.value[ruleOf.value]
  return step?.from === 'rule' ? step : null
})
function add(step: FillStep): void {
  setSteps([...steps.value, step])
  if (step.from === 'rule') ruleOf.value = steps.value.length
}
/** How many of all places a step fills, in percent: known when it was counted with as many steps as there are. */
function shareOf(step: number): number | null {
  const { fill, section } = tried.fill ?? {}
  const pages = fill?.pages.reduce((sum, each) => sum + each, 0)
  return fill && pages && section === props.section.key && fill.steps.length === steps.value.length
    ? (fill.steps[step]! * 100) / (fill.places * pages)
    : null
}
const problemsOf = (step: number) => props.problems.filter(each => each.step === step)
function saveRule(rule: Extract<FillStep, { from: 'rule' }>['rule']): void {
  if (editedStep.value && ruleOf.value !== null) setSteps(steps.value.with(ruleOf.value, { ...editedStep.value, rule }))
}
const ways = [
  [false, say.oneAfterAnother],
  [true, say.theStepsTakingTurns],
] as const
</script>

<template>
  <div>
    <h2>
      {{ say.filledBy }}
      <DottedChoice
        :label="say.filledBy"
        :choices="ways"
        :model-value="section.takeTurns"
        @update:model-value="takeTurns => emit('change', { takeTurns })"
      /><span class="small soft">, {{ until }}</span>
    </h2>
    <div ref="list">
      <VueDraggable v-model="steps" :animation="150" handle=".handle" role="list" :aria-label="say.fillSteps" @end="setSteps(steps)">
        <StepCard
          v-for="(step, i) in steps"
          :key="`${i} ${steps.length}`"
          :step="step"
          :index="i"
          :count="steps.length"
          :take-turns="section.takeTurns"
          :problems="problemsOf(i)"
          :share="shareOf(i)"
          @change="(next, typing) => setStep(i, next, typing)"
          @rule="ruleOf = i"
          @move="by => move(i, by)"
          @remove="remove(i)"
          @double="double(i)"
        />
      </VueDraggable>
    </div>
    <AddStepMenu v-if="steps.length < 12" @add="add" />
    <RuleDialog v-if="editedStep" :rule="editedStep.rule" @close="ruleOf = null" @save="saveRule" />
  </div>
</template>

<style scoped>
h2 {
  margin-bottom: 8px;
  font-size: 14.5px;
  line-height: 1.3;
}
h2 .small {
  font: 12.5px/1.4 var(--text);
  letter-spacing: 0;
}
</style>
