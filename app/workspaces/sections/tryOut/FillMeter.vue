<script setup lang="ts">
import { BarController, BarElement, CategoryScale, Chart, LinearScale, Tooltip } from 'chart.js'
import { Bar } from 'vue-chartjs'
import { useTimeoutFn } from '@vueuse/core'
import type { Fill } from '../../../../core/checks/fill'
import { fillSummary, hangsInPartOnShopper } from '../../../../core/checks/fill'
import type { PageKind } from '../../../../core/pageTypes/registry'
import { pageTypes } from '../../../../core/pageTypes/registry'
import type { FillAnswer, PageList, StoredSection } from '../../../../core/studio/sectionAnswers'
import { fillAnswerSchema, pageListSchema } from '../../../../core/studio/sectionAnswers'
import { counted } from '../../../../core/text/sentence'
import { isUnpublished } from '../../../../core/sections/versions'
import { useDrafts } from '../../../data/drafts'
import { useTried } from '../../../parts/preview/tried'
import { ApiProblem, callApi } from '../../../data/callApi'

/** On how many pages a section is full, thin or blank: the draft, and what is live beside it. */
const props = defineProps<{ stored: StoredSection; page: PageKind }>()
Chart.register(BarController, BarElement, CategoryScale, LinearScale, Tooltip)
const store = useDrafts()

const answer = shallowRef<FillAnswer | null>(null)
const failed = ref('')
const { start: askAgain, stop } = useTimeoutFn(() => void ask(), 400, { immediate: false })
async function ask(): Promise<void> {
  const { stored, page } = props
  try {
    const found = await callApi(fillAnswerSchema, '/api/sections/fill', { query: { section: stored.key, page } })
    if (stored.key !== props.stored.key || page !== props.page) return
    answer.value = found
    failed.value = ''
    if (!found.settled) askAgain()
  } catch (error) {
    if (!(error instanceof ApiProblem)) throw error
    failed.value = error.message
  }
}
watch(() => [props.page, store.edition], ask, { immediate: true })
onBeforeUnmount(stop)

const version = computed(() => (props.stored.draft ? 'draft' : 'live'))
const shown = computed(() => answer.value?.[version.value] ?? null)
const live = computed(() => answer.value?.live.fill ?? null)
/** What is live is told only where it is another. */
const differs = computed(() => isUnpublished(props.stored) || JSON.stringify(shown.value?.fill) !== JSON.stringify(live.value))
const tried = useTried()
watch(
  () => shown.value?.fill,
  fill => (tried.fill = fill ? { section: props.stored.key, fill } : null),
)
onBeforeUnmount(() => (tried.fill = null))
const summary = computed(() => (shown.value?.fill ? fillSummary(shown.value.fill) : null))
const liveSummary = computed(() => (differs.value && version.value === 'draft' && live.value ? fillSummary(live.value) : null))
const pagesInWords = (count: number) => counted(count, ...pageTypes[props.page].counted)
const hangsOnShopper = computed(() => hangsInPartOnShopper(props.stored.draft ?? props.stored.live!, props.page))
const total = computed(() => shown.value?.fill?.pages.reduce((sum, each) => sum + each, 0) ?? 0)
const percent = computed(() => (shown.value?.total ? Math.round((shown.value.done * 100) / shown.value.total) : 0))

const colours = { blank: '#b5523b', thin: '#d99a1c', full: '#5e7d3a' }
function colourOf(count: number, { places }: Fill): string {
  if (count === 0) return colours.blank
  return count < places ? colours.thin : colours.full
}
const bars = computed(() => {
  const fill = shown.value?.fill
  if (!fill) return null
  return {
    labels: fill.pages.map((_, count) => String(count)),
    datasets: [
      {
        label: version.value,
        data: fill.pages,
        backgroundColor: fill.pages.map((_, count) => colourOf(count, fill)),
        borderRadius: 4,
        minBarLength: 2,
      },
      ...(liveSummary.value ? [{ label: 'live', data: live.value!.pages, backgroundColor: '#e3dccd', borderRadius: 4 }] : []),
    ],
  }
})
const options = {
  responsive: true,
  maintainAspectRatio: false,
  animation: false as const,
  plugins: {
    tooltip: {
      callbacks: {
        title: ([item]: { label: string }[]) => `${item!.label} shown`,
        label: ({ raw, dataset }: { raw: unknown; dataset: { label?: string } }) => `${dataset.label}: ${pagesInWords(raw as number)}`,
      },
    },
  },
  scales: {
    x: { grid: { display: false }, border: { color: '#ddd5c6' }, ticks: { color: '#5b6470' } },
    y: { display: false, beginAtZero: true },
  },
}
/** What the picture says, for those who don't see it. */
const spoken = computed(() => shown.value?.fill?.pages.map((pages, count) => `${count} shown: ${pages}`).join(', '))

const groups = computed(() => {
  const places = shown.value?.fill?.places
  if (!summary.value || places === undefined) return []
  return [
    { name: 'full' as const, count: summary.value.full, live: liveSummary.value?.full, from: places, to: places },
    { name: 'thin' as const, count: summary.value.thin, live: liveSummary.value?.thin, from: 1, to: places - 1 },
    { name: 'blank' as const, count: summary.value.blank, live: liveSummary.value?.blank, from: 0, to: 0 },
  ]
})
/** What there is to say of a kind of page that the shop has one of. */
const onlyPage = computed(() => {
  const fill = shown.value?.fill
  if (!fill || pageTypes[props.page].asksFor !== null) return null
  const count = fill.pages.findIndex(pages => pages > 0)
  return count < 0 ? null : { count, places: fill.places, colour: colourOf(count, fill) }
})
const words = { blank: 'The section is missing on these.', thin: 'Places are left on these.', full: 'All places are filled on these.' }
const listed = shallowRef<(PageList & { name: keyof typeof words }) | null>(null)
const maxListed = 100
async function open({ name, from, to }: { name: keyof typeof words; from: number; to: number }): Promise<void> {
  try {
    const found = await callApi(pageListSchema, '/api/sections/fillList', {
      query: { section: props.stored.key, page: props.page, version: version.value, from, to, limit: maxListed },
    })
    listed.value = { ...found, name }
  } catch (error) {
    if (!(error instanceof ApiProblem)) throw error
    failed.value = error.message
  }
}
/** The bench takes so many at once. */
const together = computed(() => listed.value?.pages.flatMap(each => each.sku ?? []).slice(0, 20) ?? [])
const benchOf = (sources: readonly string[]) => `/products/${sources.map(encodeURIComponent).join()}`
const togetherWords = computed(
  () => `Open ${listed.value!.pages.length > 20 ? 'the first 20' : counted(together.value.length, 'product')} on the bench`,
)
</script>

<template>
  <section class="meter" aria-label="Fill meter">
    <h3>
      Fill meter <span v-if="total && !onlyPage" class="small soft">{{ pagesInWords(total) }}</span>
    </h3>
    <p v-if="hangsOnShopper" class="small soft">
      Counted for a shopper with an empty cart who looked at nothing yet: the steps that hang on these add nothing here.
    </p>
    <p v-if="failed" class="small wrong" role="alert">
      {{ failed }} <button type="button" class="text-button" @click="ask">Try again</button>
    </p>
    <div v-if="shown && !answer?.settled && percent < 100" class="progress">
      <v-progress-linear :model-value="percent" color="primary" height="4" rounded aria-label="Counting" /><span class="small soft"
        >{{ percent }} %</span
      >
    </div>
    <div v-if="onlyPage" class="only">
      <v-progress-linear
        :model-value="onlyPage.count"
        :max="onlyPage.places"
        :color="onlyPage.colour"
        height="10"
        rounded
        :aria-label="`Places filled on the ${pageTypes[page].words}`"
      />
      <strong>{{ onlyPage.count }} of {{ counted(onlyPage.places, 'place') }} filled</strong>
    </div>
    <div v-else-if="bars" class="body">
      <div class="chart">
        <Bar :data="bars" :options="options" role="img" :aria-label="`Pages by how many products are shown. ${spoken}`" />
      </div>
      <ul>
        <li v-for="group in groups" :key="group.name" :class="group.name">
          <button v-if="group.count" type="button" class="dotted" @click="open(group)">
            {{ group.count.toLocaleString('en') }} {{ group.name }}</button
          ><span v-else>0 {{ group.name }}</span>
          <span v-if="group.live !== undefined" class="small soft">live now: {{ group.live.toLocaleString('en') }}</span>
        </li>
      </ul>
    </div>
    <v-dialog :model-value="listed !== null" max-width="560" aria-labelledby="fill-title" @update:model-value="listed = null">
      <v-card v-if="listed" rounded="lg" class="studio ask">
        <h2 id="fill-title">{{ pagesInWords(listed.total) }}, {{ listed.name }}</h2>
        <p class="soft">{{ words[listed.name] }}</p>
        <ul class="rows">
          <li v-for="row in listed.pages" :key="row.source ?? ''">
            <NuxtLink v-if="row.source" :to="benchOf([row.source])"
              ><ProductPicture v-if="row.sku" :src="row.image" class="thumb" /><span class="cut name">{{ row.name }}</span
              ><span class="mono">{{ row.sku }}</span></NuxtLink
            >
            <span v-else class="name">{{ row.name }}</span>
          </li>
        </ul>
        <p v-if="listed.total > listed.pages.length" class="small soft">
          and {{ (listed.total - listed.pages.length).toLocaleString('en') }} more
        </p>
        <div class="ways">
          <button type="button" class="plain-button" @click="listed = null">Close</button>
          <NuxtLink v-if="together.length" class="main-button link" :to="benchOf(together)">{{ togetherWords }}</NuxtLink>
        </div>
      </v-card>
    </v-dialog>
  </section>
</template>

<style scoped>
.meter {
  padding: 12px 16px 18px;
}
.meter h3 {
  margin-bottom: 6px;
  font-size: 14.5px;
}
h3 .small {
  margin-left: 6px;
  font: 12.5px/1.3 var(--text);
  letter-spacing: 0;
}
.only {
  display: flex;
  align-items: center;
  gap: 14px;
  padding: 6px 0;
  white-space: nowrap;
}
.progress {
  display: flex;
  align-items: center;
  gap: 10px;
  margin: 4px 0 8px;
  white-space: nowrap;
}
.body {
  display: flex;
  align-items: flex-end;
  gap: 20px;
}
.chart {
  flex: 1 1 0;
  min-width: 0;
  height: 112px;
}
.body ul {
  flex: none;
  margin: 0 0 6px;
  padding: 0;
  list-style: none;
}
.body li {
  display: flex;
  align-items: baseline;
  gap: 8px;
  min-height: 26px;
  font-weight: 600;
  font-variant-numeric: tabular-nums;
}
.full,
.full .dotted {
  color: var(--moss-ink);
  border-color: var(--moss);
}
.thin,
.thin .dotted {
  color: var(--saffron-ink);
  border-color: var(--saffron);
}
.blank,
.blank .dotted {
  color: var(--clay-ink);
  border-color: var(--clay);
}
li .small {
  font-weight: 400;
}
.rows {
  margin: 0;
  padding: 0;
  max-height: 46dvh;
  overflow-y: auto;
  list-style: none;
}
.rows a {
  display: flex;
  align-items: center;
  gap: 10px;
  height: 42px;
  border-bottom: 1px solid var(--line-soft);
  color: inherit;
  text-decoration: none;
}
.rows a:hover .name {
  text-decoration: underline;
  text-underline-offset: 2px;
}
.thumb {
  width: 30px;
  height: 30px;
}
.name {
  flex: 1;
  font-weight: 550;
}
.link {
  display: inline-grid;
  place-items: center;
  text-decoration: none;
}
</style>
