<script setup lang="ts">
import { VueDraggable } from 'vue-draggable-plus'
import type { FillStep } from '../../../core/fillSteps/fillStep'
import type { Layout } from '../../../core/sections/display'
import { displayFor, layoutSchema } from '../../../core/sections/display'
import { layoutWords } from '../../parts/sections/layoutWords'
import type { SectionSettings } from '../../../core/sections/section'
import type { StoredSection } from '../../../core/studio/sectionAnswers'
import { isUnpublished } from '../../../core/sections/versions'
import { useDrafts } from '../../data/drafts'
import { useStudioShop } from '../../data/studioShop'
import { useTried } from '../../parts/preview/tried'

/** What fills a section, what holds candidates back, and how it is shown. Every change is a draft until it is published. */
const props = defineProps<{ stored: StoredSection }>()
const emit = defineEmits<{ open: [key: string | null] }>()
const store = useDrafts()
const studio = useStudioShop()
const tried = useTried()

const draft = computed(() => props.stored.draft)
const change = (settings: Partial<SectionSettings>) => store.change(props.stored.key, settings)
const heading = computed(() => studio.words((props.stored.draft ?? props.stored.live)!.heading))
/** It, or where it stands, is not as shoppers have it. */
const unpublished = computed(
  () => isUnpublished({ live: props.stored.live, draft: props.stored.draft }) || store.unpublished.plans.some(plan => differsIn(plan)),
)
function differsIn(plan: string): boolean {
  const versions = store.plans.find(each => each.key === plan)!
  const placeIn = (which: typeof versions.live) =>
    JSON.stringify([
      which?.zones.map(zone => [zone.key, zone.sections.indexOf(props.stored.key)]).filter(([, at]) => at !== -1),
      which?.off.includes(props.stored.key),
    ])
  return placeIn(versions.live) !== placeIn(versions.draft)
}
const publishing = ref(false)
const usedIn = computed(() => store.placesOf(props.stored.key).map(each => each.plan))

const steps = ref<FillStep[]>([])
watch(
  () => draft.value?.steps,
  now => (steps.value = [...(now ?? [])]),
  { immediate: true },
)
const setSteps = (next: FillStep[]) => change({ steps: next })
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
  return fill && pages && section === props.stored.key && fill.steps.length === steps.value.length
    ? (fill.steps[step]! * 100) / (fill.places * pages)
    : null
}
const problemsOf = (step: number) => props.stored.problems.filter(each => each.step === step)
/** Of the section as a whole; what is about its look is told there. */
const problems = computed(() => props.stored.problems.filter(each => each.step === null && each.of !== 'look'))

const upperFirst = (words: string) => words.charAt(0).toUpperCase() + words.slice(1)
/** A layout brings its own numbers of columns; what was said of cards and headings stays. */
const setLayout = (next: Layout) => change({ layout: next, display: { ...draft.value!.display, devices: displayFor(next).devices } })
function setNumber(part: 'places' | 'minimum', by: number): void {
  const next = draft.value![part] + by
  if (next >= 1 && next <= 48) change({ [part]: next })
}
async function double(): Promise<void> {
  const { key: _, ...settings } = draft.value!
  const key = await store.add({
    ...settings,
    heading: Object.fromEntries(Object.entries(settings.heading).map(([tag, words]) => [tag, `${words} (copy)`])),
  })
  if (key) emit('open', key)
}
async function remove(): Promise<void> {
  if (
    (await store.sendAndTell({ type: 'removeSection', key: props.stored.key })) &&
    !store.sections.some(each => each.key === props.stored.key)
  )
    emit('open', null)
}
</script>

<template>
  <section class="editor" aria-label="Section">
    <DraftHead
      :name="heading || stored.key"
      sort="section"
      :stored="stored"
      :changed="unpublished"
      :unpublished="unpublished"
      @publish="publishing = true"
    >
      <template #beside><span v-if="draft?.off" class="state">off</span></template>
      <template #menu>
        <v-list-item :disabled="!draft" @click="double"><v-list-item-title>Duplicate</v-list-item-title></v-list-item>
        <v-list-item :disabled="!draft" @click="change({ off: !draft!.off })"
          ><v-list-item-title>{{ draft?.off ? 'Switch on' : 'Switch off everywhere' }}</v-list-item-title></v-list-item
        >
        <v-list-item
          :disabled="!stored.live || !isUnpublished(stored)"
          @click="store.sendAndTell({ type: 'discard', sections: [stored.key], plans: [] })"
          ><v-list-item-title>Back to what is live</v-list-item-title></v-list-item
        >
        <v-list-item :disabled="!draft" @click="remove"><v-list-item-title>Remove</v-list-item-title></v-list-item>
      </template>
    </DraftHead>
    <div v-if="draft" class="parts">
      <p v-if="usedIn.length > 1" class="used small">
        It stands on {{ usedIn.length }} page plans, and changes on all of them:
        <template v-for="(each, i) in usedIn" :key="each.key"
          ><template v-if="i">, </template
          ><NuxtLink :to="`/pages/${each.key}`">{{ studio.words(each.name) || each.key }}</NuxtLink></template
        >
      </p>
      <div v-if="problems.length" class="part problems" role="status">
        <p v-for="each in problems" :key="each.words" class="wrong">{{ each.words }}</p>
      </div>
      <div class="part">
        <h2>
          Filled by
          <button type="button" class="dotted way" @click="change({ takeTurns: !draft.takeTurns })">
            {{ draft.takeTurns ? 'the steps taking turns' : 'one after another' }}</button><span class="small soft"
            >, until {{ draft.places === 1 ? '1 place is' : `${draft.places} places are` }} full</span
          >
        </h2>
        <div ref="list">
          <VueDraggable v-model="steps" :animation="150" handle=".handle" role="list" aria-label="Fill steps" @end="setSteps(steps)">
            <StepCard
              v-for="(step, i) in steps"
              :key="`${i} ${steps.length}`"
              :step="step"
              :index="i"
              :count="steps.length"
              :take-turns="draft.takeTurns"
              :problems="problemsOf(i)"
              :share="shareOf(i)"
              @change="next => setSteps(steps.with(i, next))"
              @rule="ruleOf = i"
              @move="by => move(i, by)"
              @remove="steps.length > 1 && setSteps(steps.toSpliced(i, 1))"
              @double="setSteps(steps.toSpliced(i, 0, step))"
            />
          </VueDraggable>
        </div>
        <AddStepMenu v-if="steps.length < 12" @add="add" />
      </div>
      <div class="part">
        <h2>Held back when</h2>
        <GuardsPart :section="draft" @change="change" />
      </div>
      <div class="part">
        <h2>Shown as</h2>
        <div class="shown">
          <div class="layouts" role="group" aria-label="Layout">
            <button
              v-for="value in layoutSchema.options"
              :key="value"
              type="button"
              :aria-pressed="draft.layout === value"
              :aria-label="upperFirst(layoutWords[value])"
              @click="setLayout(value)"
            >
              <LayoutGlyph :layout="value" />
              <v-tooltip activator="parent" location="bottom">{{ upperFirst(layoutWords[value]) }}</v-tooltip>
            </button>
          </div>
          <span class="numbers" role="group" aria-label="Places"
            >places<span class="stepper"
              ><button type="button" aria-label="Fewer places" @click="setNumber('places', -1)">−</button><b>{{ draft.places }}</b
              ><button type="button" aria-label="More places" @click="setNumber('places', 1)">+</button></span
            ></span
          >
          <span class="numbers" role="group" aria-label="Minimum"
            >hidden under<span class="stepper"
              ><button type="button" aria-label="Lower minimum" @click="setNumber('minimum', -1)">−</button><b>{{ draft.minimum }}</b
              ><button type="button" aria-label="Higher minimum" @click="setNumber('minimum', 1)">+</button></span
            >{{ draft.minimum === 1 ? 'product' : 'products' }}</span
          >
        </div>
        <DisplayPart :section="draft" @change="change" />
      </div>
      <div class="part">
        <h2>Looks like</h2>
        <LookPart :look="draft.look" @change="look => change({ look })" />
      </div>
      <div class="part">
        <h2>Says</h2>
        <HeadingsPart :heading="draft.heading" :others="draft.otherHeadings" :buttons="draft.buttons" @change="change" />
      </div>
      <div class="part">
        <h2>Stands on</h2>
        <PlacesPart :section-key="stored.key" />
      </div>
      <div class="part">
        <h2>Shown from, until</h2>
        <div class="dates">
          <v-text-field
            :model-value="draft.from?.slice(0, 10) ?? ''"
            type="date"
            aria-label="From"
            @change="(event: Event) => change({ from: (event.target as HTMLInputElement).value || null })"
          />
          <span class="soft">to</span>
          <v-text-field
            :model-value="draft.until?.slice(0, 10) ?? ''"
            type="date"
            aria-label="Until"
            @change="(event: Event) => change({ until: (event.target as HTMLInputElement).value || null })"
          />
          <span class="small soft">days in UTC; empty: always</span>
        </div>
      </div>
    </div>
    <DraftLeaving
      v-else
      sort="section"
      @keep="store.sendAndTell({ type: 'discard', sections: [stored.key], plans: store.unpublished.plans.filter(differsIn) })"
    />
    <RuleDialog
      v-if="editedStep"
      :rule="editedStep.rule"
      @close="ruleOf = null"
      @save="rule => setSteps(steps.with(ruleOf!, { ...editedStep!, rule }))"
    />
    <PublishDialog
      v-if="publishing"
      :sections="isUnpublished(stored) ? [stored.key] : []"
      :plans="store.unpublished.plans.filter(differsIn)"
      :looks="[]"
      @close="publishing = false"
    />
  </section>
</template>

<style scoped>
.editor {
  display: flex;
  flex-direction: column;
  height: 100%;
  background: var(--sheet);
}
.used {
  margin: 0;
  padding: 8px 18px;
  border-bottom: 1px solid var(--line-soft);
  background: var(--paper);
  color: var(--ink-soft);
}
.used a {
  color: var(--petrol);
  font-weight: 600;
}
.parts {
  flex: 1;
  overflow-y: auto;
}
.part {
  padding: 12px 18px 14px;
  border-bottom: 1px solid var(--line-soft);
}
.problems p {
  margin: 0;
}
.part > h2 {
  margin-bottom: 8px;
  font-size: 14.5px;
  line-height: 1.3;
}
.way {
  margin-left: 6px;
  font: 600 12.5px/1.4 var(--text);
  letter-spacing: 0;
}
h2 .small {
  font: 12.5px/1.4 var(--text);
  letter-spacing: 0;
}
.shown {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 14px;
}
.layouts {
  display: flex;
  gap: 6px;
}
.layouts button {
  display: grid;
  place-items: center;
  width: 52px;
  height: 42px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--sheet);
  cursor: pointer;
}
.layouts svg {
  width: 34px;
  height: 24px;
  color: var(--ink-soft);
}
.layouts [aria-pressed='true'] {
  border-color: var(--petrol);
  box-shadow: inset 0 0 0 1px var(--petrol);
  background: var(--petrol-wash);
}
.layouts [aria-pressed='true'] svg {
  color: var(--petrol);
}
.numbers {
  display: flex;
  align-items: center;
  gap: 6px;
  font-size: 13px;
}
.stepper {
  display: inline-flex;
  align-items: center;
  height: 30px;
  border: 1px solid var(--line);
  border-radius: 8px;
}
.stepper button {
  width: 28px;
  height: 28px;
  border: 0;
  border-radius: 7px;
  background: none;
  color: var(--ink-soft);
  font: 15px/1 var(--text);
  cursor: pointer;
}
.stepper button:hover {
  background: var(--sunk);
}
.stepper b {
  min-width: 22px;
  text-align: center;
  font-variant-numeric: tabular-nums;
}
.dates {
  display: flex;
  align-items: center;
  gap: 8px;
}
.dates .v-text-field {
  flex: 0 0 156px;
}
</style>
