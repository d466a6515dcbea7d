<script setup lang="ts">
import { pageAnswerSchema } from '../../../core/delivery/contract/pages'
import { pageTypes } from '../../../core/pageTypes/registry'
import { callApi } from '../../data/callApi'
import { namedProducts } from '../../data/namedProducts'
import { useAnswer } from '../../data/useAnswer'
import { useDrafts } from '../../data/drafts'
import { useShortcut } from '../../elements/useShortcut'
import type { ShownVersion } from '../../parts/preview/previewAddress'
import { versionQuery } from '../../parts/preview/previewAddress'
import PhCaretDown from '~icons/ph/caret-down'
import PhCaretLeft from '~icons/ph/caret-left'
import PhCaretRight from '~icons/ph/caret-right'
import { pageCall } from './pageCall'
import { sketched } from './pageSketch'
import type { SeenEffects } from './useEffects'
import { publishWords } from './words'

const say = publishWords.comparedPages

/** The pages that a line of what changes is about, one after the other: as shoppers have it, beside what they would have. */
const props = defineProps<{
  seen: SeenEffects
  /** What they would have. */ version: ShownVersion
  /** The same in words. */ versionWords: string
}>()
const store = useDrafts()

const row = computed(() => props.seen.chosen)
const page = computed(() => row.value?.page ?? null)
const at = ref(0)
/** A product that somebody wants to look at, which need not be among them; null: one of them. */
const other = ref<string | null>(null)
const otherName = ref('')
watch(
  () => row.value?.id,
  () => {
    at.value = 0
    other.value = null
  },
)
const some = computed(() => row.value?.some ?? [])
watch(some, now => (at.value = Math.min(at.value, Math.max(0, now.length - 1))))
const about = computed(() => other.value ?? some.value[at.value] ?? null)
const asksForProduct = computed(() => page.value !== null && pageTypes[page.value].asksFor === 'product')
const nameOf = (subject: string) => props.seen.answer?.names[subject] || otherName.value || subject || say.theOnlyPage
const place = computed(() => {
  if (other.value !== null) return ''
  const count = row.value?.count ?? 0
  return say.place(at.value + 1, some.value.length, count)
})

function step(by: number): void {
  const next = other.value === null ? at.value + by : at.value
  other.value = null
  at.value = Math.max(0, Math.min(next, some.value.length - 1))
}
const finding = ref(false)
async function found(sku: string): Promise<void> {
  finding.value = false
  const [row] = await namedProducts([sku])
  otherName.value = row?.name ?? sku
  other.value = row?.product ?? sku
}

const { answer, failed } = useAnswer(
  () => JSON.stringify([page.value, about.value, props.version, store.edition]),
  60,
  async (_, signal) => {
    if (page.value === null || about.value === null) return null
    const { path, query } = pageCall(page.value, about.value)
    const [before, after] = await Promise.all(
      [{}, versionQuery(props.version)].map(version => callApi(pageAnswerSchema, path, { query: { ...query, ...version }, signal })),
    )
    return { ...sketched(before!, after!), plans: [before!.plan.name, after!.plan.name] }
  },
)
const plans = computed(() => answer.value?.plans ?? [])

const opened = ref(false)
useShortcut('j', () => step(1))
useShortcut('k', () => step(-1))
useShortcut('b', () => (opened.value = about.value !== null))
</script>

<template>
  <section class="pages" :aria-label="say.pagesThatChange">
    <template v-if="row && page && about !== null">
      <div class="tools">
        <v-menu location="bottom start">
          <template #activator="{ props: menu }"
            ><button type="button" class="chip" v-bind="menu" :aria-label="say.aboutWhich(nameOf(about))">
              <span class="cut">{{ nameOf(about) }}</span><PhCaretDown width="13" height="13" /></button
          ></template>
          <v-list density="compact" class="studio" max-height="420"
            ><v-list-item v-for="(subject, i) in some" :key="subject" :active="subject === about" color="primary" @click="step(i - at)"
              ><v-list-item-title>{{ nameOf(subject) }}</v-list-item-title></v-list-item
            ><v-list-item v-if="asksForProduct" @click="finding = true"
              ><v-list-item-title>{{ say.anotherProduct }}</v-list-item-title></v-list-item
            ></v-list
          >
        </v-menu>
        <span class="small soft place">{{ place }}</span>
        <button type="button" class="icon-button" :disabled="at === 0" :aria-label="say.before" aria-keyshortcuts="K" @click="step(-1)">
          <PhCaretLeft /><v-tooltip activator="parent" location="bottom">{{ say.before }}<span class="key">K</span></v-tooltip>
        </button>
        <button
          type="button"
          class="icon-button"
          :disabled="at >= some.length - 1"
          :aria-label="say.next"
          aria-keyshortcuts="J"
          @click="step(1)"
        >
          <PhCaretRight /><v-tooltip activator="parent" location="bottom">{{ say.next }}<span class="key">J</span></v-tooltip>
        </button>
      </div>
      <div class="both">
        <PageSketch :title="say.live" :sections="answer?.before ?? null" :failed="failed" />
        <PageSketch :title="versionWords" :sections="answer?.after ?? null" failed="" />
      </div>
      <p v-if="plans[0] !== plans[1]" class="small">{{ say.getsPlan(plans[1]!, plans[0]!) }}</p>
      <p class="small soft">{{ say.bothAreReal }}</p>
      <button type="button" class="plain-button" aria-keyshortcuts="B" @click="opened = true">
        {{ say.openBoth }}<span class="key">B</span>
      </button>
      <BothPages v-if="opened" :page="page" :about="about" :name="nameOf(about)" :version="version" @close="opened = false" />
      <QuickFind v-model="finding" @choose="found" />
    </template>
    <p v-else class="soft none">{{ seen.asked ? say.noPageIsAnother : say.nothingIsTicked }}</p>
  </section>
</template>

<style scoped>
.pages {
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: 12px;
  height: 100%;
  padding: 16px;
  overflow-y: auto;
  background: var(--paper);
}
.pages > p {
  margin: 0;
}
.tools {
  display: flex;
  align-items: center;
  gap: 4px;
  width: 100%;
}
.chip {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  min-width: 0;
  height: 28px;
  padding: 0 12px;
  border: 1px solid var(--petrol-line, var(--petrol));
  border-radius: 14px;
  background: var(--petrol-wash);
  color: var(--petrol-ink);
  font: 550 13.5px/1 var(--text);
  cursor: pointer;
}
.chip .cut {
  line-height: 1.4;
}
.place {
  flex: 1;
  padding-left: 6px;
  white-space: nowrap;
}
.both {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
  width: 100%;
}
.plain-button .key {
  margin-left: 8px;
}
.pages > .none {
  margin: auto;
  padding: 24px;
  max-width: 34ch;
  text-align: center;
}
</style>
