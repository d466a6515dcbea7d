<script setup lang="ts">
import type { SectionSettings } from '../../../core/sections/section'
import type { StoredSection } from '../../../core/studio/draftAnswers'
import { isUnpublished } from '../../../core/sections/versions'
import { useDrafts } from '../../data/drafts'
import { useStudioShop } from '../../data/studioShop'
import { provideTranslations } from '../../parts/naming/translatedThing'
import { sectionsWords } from './words/sections'

const say = sectionsWords.sectionEditor

/** What fills a section, what holds candidates back, and how it is shown. Every change is a draft until it is published. */
const props = defineProps<{ stored: StoredSection }>()
const emit = defineEmits<{ open: [key: string | null] }>()
const store = useDrafts()
const studio = useStudioShop()

const draft = computed(() => props.stored.draft)
provideTranslations('sections', toRef(props, 'stored'), store.sendAndTell)
const change = (settings: Partial<SectionSettings>, typing = false) => store.change(props.stored.key, settings, typing)
const name = computed(() => store.nameOf('sections', props.stored.key))
/** The plans in which it does not stand as shoppers have it. */
const plansThatDiffer = computed(() => store.unpublished.plans.filter(plan => differsIn(plan)))
/** It, or where it stands, is not as shoppers have it. */
const unpublished = computed(() => isUnpublished(props.stored) || plansThatDiffer.value.length > 0)
function differsIn(plan: string): boolean {
  const versions = store.plans.find(each => each.key === plan)!
  const placeIn = (which: typeof versions.live) =>
    JSON.stringify([
      which?.zones.map(zone => [zone.key, zone.blocks.indexOf(props.stored.key)]).filter(([, at]) => at !== -1),
      which?.off.includes(props.stored.key),
    ])
  return placeIn(versions.live) !== placeIn(versions.draft)
}
/** The section, and of the plans those that whoever publishes has drafted: what others drafted is theirs to tick. */
const toPublish = computed(() => ({
  sections: isUnpublished(props.stored) ? [props.stored.key] : [],
  plans: plansThatDiffer.value.filter(plan => store.mine.plans.includes(plan)),
}))
const usedIn = computed(() => store.plansWith(props.stored.key).map(each => each.plan))

/** Of the section as a whole; what is about its look is told there. */
const problems = computed(() => props.stored.problems.filter(each => each.step === null && each.of !== 'look'))

const discard = (plans: string[]) => store.sendAndTell({ type: 'discard', sections: [props.stored.key], plans })
async function double(): Promise<void> {
  const { key: _, ...settings } = draft.value!
  const key = await store.add({ ...settings, internalName: say.copy(name.value) })
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
  <section class="editor" :aria-label="say.section">
    <DraftHead
      :name="name"
      :sort="say.sectionWord"
      of="sections"
      :stored="stored"
      :changed="unpublished"
      :unpublished="unpublished"
      :to-publish="toPublish"
    >
      <template #beside
        ><span v-if="draft?.off" class="state">{{ say.off }}</span></template
      >
      <template #menu>
        <v-list-item :disabled="!draft" @click="double"
          ><v-list-item-title>{{ say.duplicate }}</v-list-item-title></v-list-item
        >
        <v-list-item :disabled="!draft" @click="change({ off: !draft!.off })"
          ><v-list-item-title>{{ draft?.off ? say.switchOn : say.switchOffEverywhere }}</v-list-item-title></v-list-item
        >
        <v-list-item :disabled="!stored.live || !isUnpublished(stored)" @click="discard([])"
          ><v-list-item-title>{{ say.backToWhatIsLive }}</v-list-item-title></v-list-item
        >
        <v-list-item :disabled="!draft" @click="remove"
          ><v-list-item-title>{{ say.remove }}</v-list-item-title></v-list-item
        >
      </template>
    </DraftHead>
    <div v-if="draft" class="parts">
      <p v-if="usedIn.length > 1" class="used small">
        {{ say.itStandsOnPagePlans(usedIn.length) }}
        <template v-for="(each, i) in usedIn" :key="each.key"
          ><template v-if="i">, </template
          ><NuxtLink :to="`/pages/${each.key}`">{{ studio.words(each.name) || each.key }}</NuxtLink></template
        >
      </p>
      <div v-if="problems.length" class="part problems" role="status">
        <p v-for="each in problems" :key="each.words" class="wrong">{{ each.words }}</p>
      </div>
      <div class="part">
        <StepsPart :section="draft" :problems="stored.problems" @change="change" />
      </div>
      <div class="part">
        <h2>{{ say.heldBackWhen }}</h2>
        <GuardsPart :section="draft" @change="change" />
      </div>
      <div class="part">
        <h2>{{ say.shownAs }}</h2>
        <LayoutPart :section="draft" @change="change" />
        <DisplayPart :section="draft" @change="change" />
      </div>
      <div class="part">
        <h2>{{ say.looksLike }}</h2>
        <LookPart :look="draft.look" @change="(look, typing) => change({ look }, typing)" />
      </div>
      <div class="part">
        <h2>{{ say.says }}</h2>
        <InternalName
          :name="draft.internalName"
          :heading="studio.words(draft.heading)"
          @change="internalName => change({ internalName })"
        />
        <HeadingsPart :heading="draft.heading" :others="draft.otherHeadings" :buttons="draft.buttons" @change="change" />
      </div>
      <div class="part">
        <h2>{{ say.standsOn }}</h2>
        <BlockPlaces :block="stored.key" />
      </div>
      <div class="part">
        <h2>{{ say.shownFromUntil }}</h2>
        <DatesPart :section="draft" @change="change" />
      </div>
    </div>
    <DraftLeaving v-else :sort="say.sectionWord" @keep="discard(plansThatDiffer)" />
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
</style>
