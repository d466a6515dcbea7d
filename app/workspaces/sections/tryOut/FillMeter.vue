<script setup lang="ts">
import { fillSummary, hangsInPartOnShopper } from '../../../../core/checks/fill'
import type { PageKind } from '../../../../core/pageTypes/registry'
import { pageTypes } from '../../../../core/pageTypes/registry'
import type { StoredSection } from '../../../../core/studio/draftAnswers'
import type { PageList } from '../../../../core/studio/sectionAnswers'
import { pageListSchema } from '../../../../core/studio/sectionAnswers'
import { counted } from '../../../../core/text/sentence'
import { isUnpublished } from '../../../../core/sections/versions'
import { useTried } from '../../../parts/preview/tried'
import { ApiProblem, callApi } from '../../../data/callApi'
import { useFill } from '../../../parts/sections/useFill'
import { fillColour } from './fillColours'
import { tryOutWords } from '../words/tryOut'

const say = tryOutWords.fillMeter

/** On how many pages a section is full, thin or blank: the draft, and what is live beside it. */
const props = defineProps<{ stored: StoredSection; page: PageKind; /** It stands on no page of this kind. */ asIf: boolean }>()
const { answer, failed, ask } = useFill(() => ({ section: props.stored.key, page: props.page }))

const version = computed(() => (props.stored.draft ? 'draft' : 'live'))
const shown = computed(() => answer.value?.[version.value] ?? null)
const fill = computed(() => shown.value?.fill ?? null)
const live = computed(() => answer.value?.live.fill ?? null)
/** What is live is told only where it is another. */
const differs = computed(() => isUnpublished(props.stored) || JSON.stringify(fill.value) !== JSON.stringify(live.value))
const tried = useTried()
watch(fill, now => (tried.fill = now && { section: props.stored.key, fill: now }))
onBeforeUnmount(() => (tried.fill = null))
const summary = computed(() => (fill.value ? fillSummary(fill.value) : null))
const liveSummary = computed(() =>
  differs.value && !props.asIf && version.value === 'draft' && live.value ? fillSummary(live.value) : null,
)
const pagesInWords = (count: number) => counted(count, ...pageTypes[props.page].counted)
const hangsOnShopper = computed(() => hangsInPartOnShopper(props.stored.draft ?? props.stored.live!, props.page))
const total = computed(() => fill.value?.pages.reduce((sum, each) => sum + each, 0) ?? 0)
const percent = computed(() => (shown.value?.total ? Math.round((shown.value.done * 100) / shown.value.total) : 0))
const isCounting = computed(() => shown.value !== null && !answer.value?.settled && percent.value < 100)

interface Group {
  name: keyof typeof words
  /** From how many to how many products are shown. */
  from: number
  to: number
}
const groups = computed(() => {
  const places = fill.value?.places
  if (!summary.value || places === undefined) return []
  const all: Group[] = [
    { name: 'full', from: places, to: places },
    { name: 'thin', from: 1, to: places - 1 },
    { name: 'blank', from: 0, to: 0 },
  ]
  return all.map(group => {
    const count = summary.value![group.name]
    const live = liveSummary.value ? say.liveNow(liveSummary.value[group.name].toLocaleString('en')) : ''
    return { ...group, count, words: `${count.toLocaleString('en')} ${say[group.name]}`, live }
  })
})
/** What there is to say of a kind of page that the shop has one of. */
const onlyPage = computed(() => {
  if (!fill.value || pageTypes[props.page].asksFor !== null) return null
  const count = fill.value.pages.findIndex(pages => pages > 0)
  return count < 0 ? null : { count, places: fill.value.places, colour: fillColour(count, fill.value) }
})
const words = { blank: say.theSectionIsMissingOn, thin: say.placesAreLeftOnThese, full: say.allPlacesAreFilledOn }
const listed = shallowRef<(PageList & { name: keyof typeof words }) | null>(null)
const maxListed = 100
async function open({ name, from, to }: Group): Promise<void> {
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
</script>

<template>
  <section class="meter" :aria-label="say.fillMeter">
    <h3>
      {{ say.fillMeter }}{{ asIf ? say.asIf : '' }} <span v-if="total && !onlyPage" class="small soft">{{ pagesInWords(total) }}</span>
    </h3>
    <p v-if="hangsOnShopper" class="small soft">
      {{ say.countedForAShopperWith }}
    </p>
    <p v-if="failed" class="small wrong" role="alert">
      {{ failed }} <button type="button" class="text-button" @click="ask">{{ say.tryAgain }}</button>
    </p>
    <div v-if="isCounting" class="progress">
      <v-progress-linear :model-value="percent" color="primary" height="4" rounded :aria-label="say.counting" /><span class="small soft"
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
        :aria-label="say.placesFilledOnThe(pageTypes[page].words)"
      />
      <strong>{{ say.ofFilled(onlyPage.count, say.places(onlyPage.places)) }}</strong>
    </div>
    <div v-else-if="fill" class="body">
      <FillChart :fill="fill" :label="version" :live="liveSummary ? live : null" :pages-in-words="pagesInWords" />
      <ul>
        <li v-for="group in groups" :key="group.name" :class="group.name">
          <button v-if="group.count" type="button" class="dotted" @click="open(group)">
            {{ group.words }}</button><span v-else>{{ group.words }}</span>
          <span v-if="group.live" class="small soft">{{ group.live }}</span>
        </li>
      </ul>
    </div>
    <p v-if="fill?.unpicked" class="small soft unpicked">{{ say.unpicked(pagesInWords(fill.unpicked)) }}</p>
    <FillPagesDialog
      v-if="listed"
      :list="listed"
      :title="`${pagesInWords(listed.total)}, ${listed.name}`"
      :words="words[listed.name]"
      @close="listed = null"
    />
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
.unpicked {
  margin: 6px 0 0;
}
.body {
  display: flex;
  align-items: flex-end;
  gap: 20px;
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
li .small {
  font-weight: 400;
}
.name {
  flex: 1;
  font-weight: 550;
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
</style>
