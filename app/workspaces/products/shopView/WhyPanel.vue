<script setup lang="ts">
import type { PageAnswer, DeliveredStep } from '../../../../core/delivery/contract/pages'
import { pageAnswerSchema } from '../../../../core/delivery/contract/pages'
import type { ShownPage } from '../../../../core/delivery/shownPage'
import type { Section } from '../../../../core/sections/section'
import { stepTypeOf } from '../../../../core/fillSteps/fillStep'
import { heldBackWords, hiddenWords, idleWords, stepWords } from '../../../../core/delivery/whyWords'
import { useHistory } from '../../../data/history'
import { useMessages } from '../../../data/messages'
import { useDrafts } from '../../../data/drafts'
import { useStudioShop } from '../../../data/studioShop'
import { ApiProblem, callApi } from '../../../data/callApi'
import type { ShownVersion } from '../../../parts/preview/previewAddress'
import { hasDraft } from '../../../parts/preview/previewAddress'
import { useShownWords } from '../../../parts/preview/useShownWords'
import { shopViewWords } from '../words/shopView'

const say = shopViewWords.whyPanel

/** Why each product is on the page in the shop view, and why others are not. */
const props = defineProps<{ /** The page that is seen beside it. */ shown: ShownPage; /** As what it is shown. */ version: ShownVersion }>()
const emit = defineEmits<{ switched: [] }>()
const studio = useStudioShop()
const history = useHistory()
const messages = useMessages()
const drafts = useDrafts()

const answer = shallowRef<PageAnswer | null>(null)
const problem = shallowRef<ApiProblem | null>(null)

/** What is asked for last is told. */
let runs = 0
async function load(): Promise<void> {
  const [run, { shown }] = [++runs, props]
  try {
    const found = await callApi(pageAnswerSchema, `/api/shop/v1${shown.path}`, { query: { ...shown.query, explain: '1' } })
    if (run !== runs) return
    answer.value = found
    problem.value = null
  } catch (error) {
    if (!(error instanceof ApiProblem)) throw error
    if (run === runs) problem.value = error
  }
}
watch(() => JSON.stringify(props.shown), load, { immediate: true })
defineExpose({ update: load })

const kindName = (key: string) => studio.words(studio.shop?.kinds.find(each => each.key === key)?.name ?? {}) || key

const wordsOf = useShownWords()
/** A section as it is on the page that is shown. */
function shownAs(key: string): Section | null {
  const stored = drafts.storedOf('sections', key)
  return (hasDraft(props.version, `section:${key}`) ? stored?.draft : stored?.live) ?? null
}

interface Told {
  key: string
  name: string
  words: string
  byHand?: boolean
}
/** A section with what is to be told of it. */
const sections = computed(() => {
  const page = answer.value
  if (!page) return []
  const parts = [
    ...page.sections.map(each => ({
      key: each.key,
      heading: each.heading,
      steps: each.steps ?? [],
      hidden: null,
      count: say.ofPlaces(each.items.length, each.display.places),
    })),
    ...(page.hidden ?? []).map(each => ({
      key: each.key,
      heading: each.heading,
      steps: each.steps ?? [],
      hidden: each.reason,
      count: hiddenWords(each.reason),
    })),
  ]
  return parts.map(part => ({
    ...part,
    shown: part.steps.flatMap((step, i) =>
      step.taken.map((each): Told => ({
        key: each.variant ?? each.sku,
        name: each.name,
        words: wordsOf(shownAs(part.key), i, step, each),
        byHand: stepTypeOf(step).isByHand ?? false,
      })),
    ),
    heldBack: part.steps.flatMap((step, i) =>
      step.heldBack.map((each, k): Told => ({
        key: `${i} ${k}`,
        name: each.name,
        words: heldBackWords(each.reason, each.sku, page, part.key),
      })),
    ),
    tried: part.steps.map(step => `${stepWords(step, kindName)}${outcome(step)}`),
  }))
})
function outcome({ idle, taken, heldBack }: DeliveredStep): string {
  if (idle) return `: ${idleWords(idle)}`
  return taken.length + heldBack.length ? '' : say.none
}

/** How many of those held back are told before “and … more”. */
const maxTold = 6
const unfolded = ref(new Set<string>())

/** SKU of the product whose page it is; of other pages, null: a section is switched off for a product. */
const product = computed(() => (answer.value?.page.kind === 'product' ? (answer.value.page.subjects[0] ?? null) : null))
async function switchSection(section: string, off: boolean): Promise<void> {
  try {
    await history.send({ type: 'switchSection', source: product.value!, section, off })
    emit('switched')
    await load()
  } catch (error) {
    messages.refuse(error)
  }
}
</script>

<template>
  <section class="why" :aria-label="say.why">
    <p v-if="problem" class="note wrong">
      {{ problem.message }} <button type="button" class="text-button" @click="load">{{ say.tryAgain }}</button>
    </p>
    <p v-if="answer" class="plan small soft">
      {{ say.thisPageGetsThePlan }} <NuxtLink :to="`/pages/${answer.plan.key}`">{{ answer.plan.name || answer.plan.key }}</NuxtLink>.
    </p>
    <article v-for="each in sections" :key="each.key" :data-why="each.key" :aria-label="each.heading">
      <header>
        <h2 class="cut">{{ each.heading || each.key }}</h2>
        <span class="count" :class="{ hidden: each.hidden }">{{ each.count }}</span>
        <button
          v-if="product && each.hidden !== 'off'"
          type="button"
          class="text-button"
          @click="switchSection(each.key, each.hidden !== 'switchedOffHere')"
        >
          {{ each.hidden === 'switchedOffHere' ? say.switchOn : say.switchOff
          }}<v-tooltip activator="parent" location="bottom">{{
            each.hidden === 'switchedOffHere' ? say.showThisSectionOnThis : say.neverShowThisSectionOn
          }}</v-tooltip>
        </button>
      </header>
      <ol v-if="each.shown.length">
        <li v-for="item in each.shown" :key="item.key" class="shown" :class="{ hand: item.byHand }">
          <span class="name">{{ item.name }}</span><span class="words">{{ item.words }}</span>
        </li>
      </ol>
      <template v-if="each.heldBack.length">
        <h3>{{ say.whatWasHeldBack }}</h3>
        <ul>
          <li v-for="item in unfolded.has(each.key) ? each.heldBack : each.heldBack.slice(0, maxTold)" :key="item.key">
            <span class="name">{{ item.name }}</span><span class="words">{{ item.words }}</span>
          </li>
        </ul>
        <button
          v-if="each.heldBack.length > maxTold && !unfolded.has(each.key)"
          type="button"
          class="text-button"
          @click="unfolded.add(each.key)"
        >
          {{ say.andMore(each.heldBack.length - maxTold) }}
        </button>
      </template>
      <p v-if="!each.shown.length && !each.heldBack.length && each.tried.length" class="tried">
        {{ say.lookedFor(each.tried.join('; ')) }}
      </p>
    </article>
  </section>
</template>

<style scoped>
.why {
  overflow-y: auto;
  background: var(--sheet);
  border-top: 1px solid var(--line);
}
.note {
  margin: 0;
  padding: 12px 16px;
}
.plan {
  margin: 0;
  padding: 9px 16px;
  border-bottom: 1px solid var(--line-soft);
}
.plan a {
  color: var(--petrol);
  font-weight: 600;
}
article {
  padding: 10px 16px 12px;
  border-bottom: 1px solid var(--line-soft);
}
header {
  display: flex;
  align-items: baseline;
  gap: 10px;
}
h2 {
  flex: 1;
  min-width: 0;
  margin: 0;
  font: 650 14.5px/1.3 var(--head);
}
.why h3 {
  margin: 8px 0 2px;
  font: 600 12px/1.3 var(--text);
  color: var(--ink-soft);
}
.count {
  flex: none;
  font-size: 12px;
  color: var(--ink-soft);
  font-variant-numeric: tabular-nums;
}
.count.hidden {
  color: var(--clay-ink);
}
.text-button {
  flex: none;
  font-size: 12.5px;
}
ol,
ul {
  margin: 4px 0 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  align-items: baseline;
  gap: 10px;
  padding: 2px 0;
  font-size: 13px;
  line-height: 1.35;
}
.shown {
  padding-left: 8px;
  border-left: 2px solid var(--line);
}
.hand {
  border-left-color: var(--saffron);
}
.name {
  flex: 1;
  min-width: 0;
}
.words {
  flex: 0 1 auto;
  max-width: 60%;
  font-size: 12px;
  color: var(--ink-soft);
  text-align: right;
}
.tried {
  margin: 4px 0 0;
  font-size: 12.5px;
  line-height: 1.4;
  color: var(--ink-soft);
}
</style>
