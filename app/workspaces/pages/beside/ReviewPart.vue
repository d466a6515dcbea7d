<script setup lang="ts">
import { stepTypeOf } from '../../../../core/fillSteps/fillStep'
import type { PagePlan } from '../../../../core/pagePlans/pagePlan'
import { sectionsOf } from '../../../../core/pagePlans/pagePlan'
import { planReviewAnswerSchema } from '../../../../core/studio/planAnswers'
import { useDrafts } from '../../../data/drafts'
import { callApi } from '../../../data/callApi'
import { buyButtonScreens } from './sectionHeights'
import PhWarningCircle from '~icons/ph/warning-circle'
import PhDeviceMobile from '~icons/ph/device-mobile'
import PhInfo from '~icons/ph/info'
import PhCheckCircle from '~icons/ph/check-circle'
import { useAnswer } from '../../../data/useAnswer'
import { pagesWords } from '../words'

const say = pagesWords.reviewPart

/**
 * What to look at before a plan is published: pages left blank, sections that show the same, and how far down the buy button is on a phone.
 */
const props = defineProps<{ plan: PagePlan }>()
const store = useDrafts()
const { answer, failed } = useAnswer(
  () => JSON.stringify([props.plan.key, store.edition]),
  300,
  (_, signal) => callApi(planReviewAnswerSchema, '/api/plans/review', { query: { plan: props.plan.key }, signal }),
)

const headingOf = (key: string) => store.nameOf('sections', key)
const of = (count: number) =>
  answer.value && answer.value.sampled < answer.value.pages
    ? say.ofPagesLookedAt(count, answer.value.sampled)
    : say.of(count, answer.value?.sampled ?? 0)
const screens = computed(() =>
  props.plan.page === 'product' && answer.value
    ? buyButtonScreens(
        (props.plan.zones.find(zone => zone.key === 'aboveBuy')?.blocks ?? []).flatMap(key => {
          const section = store.draftOf(key)
          const places = answer.value!.shown[key]
          return section && places ? { layout: section.layout, places } : []
        }),
      )
    : null,
)
const rounded = (value: number) => Math.round(value * 10) / 10
/** Sections that no page of those looked at shows. */
const unseen = computed(() =>
  answer.value?.sampled
    ? sectionsOf(props.plan).filter(key => !answer.value!.shown[key] && !props.plan.off.includes(key) && !store.draftOf(key)?.off)
    : [],
)
/** These pages were looked at with an empty cart and nothing seen before. */
const isOfShopper = (key: string) =>
  store.draftOf(key)?.steps.every(step => step.off || stepTypeOf(step).isOfShopper || step.subjects === 'cart') ?? false
const onlyToSome = computed(() => unseen.value.filter(isOfShopper))
const toNobody = computed(() => unseen.value.filter(key => !isOfShopper(key)))
const blankExamples = computed(() => {
  const { blank, blankExamples: examples } = answer.value!
  return `${examples.map(each => each.name).join(', ')}${blank > examples.length ? ' …' : ''}`
})
</script>

<template>
  <section class="part">
    <h2>{{ say.beforeYouPublish }}</h2>
    <p v-if="failed" class="wrong small">{{ failed }}</p>
    <p v-else-if="!answer" class="soft small">{{ say.lookingAtItsPages }}</p>
    <p v-else-if="!answer.pages" class="soft small">{{ say.noPageGetsThisPlan }}</p>
    <ul v-else>
      <li v-for="each in answer.same" :key="`${each.first} ${each.second}`" class="bad">
        <PhWarningCircle width="17" height="17" /><span
          ><b>{{ headingOf(each.first) }}</b> {{ say.and }} <b>{{ headingOf(each.second) }}</b>
          {{ say.wouldShowTheSameOn(each.pages, each.sampled) }}
          <template v-if="answer.sampled < answer.pages">{{ say.pagesLookedAt }}</template></span
        >
      </li>
      <li v-for="key in onlyToSome" :key="key">
        <PhInfo width="17" height="17" /><span>{{ say.showsOnlyToShoppersWho(headingOf(key)) }}</span>
      </li>
      <li v-for="key in toNobody" :key="key" class="bad">
        <PhWarningCircle width="17" height="17" /><span
          ><b>{{ headingOf(key) }}</b>
          {{ say.showsOnNoneOf(answer.sampled < answer.pages ? say.pagesLookedAtWithLooked(answer.sampled) : say.itsPages) }}
          <NuxtLink :to="`/sections/${key}`">{{ say.openIt }}</NuxtLink></span
        >
      </li>
      <li v-if="answer.blank" class="bad">
        <PhWarningCircle width="17" height="17" /><span>{{
          say.noSectionAtAll(of(answer.blank), answer.blank === 1 ? say.has : say.have, blankExamples)
        }}</span>
      </li>
      <li v-else>
        <PhCheckCircle width="17" height="17" /><span>{{
          answer.sampled < answer.pages ? say.noneOfPagesLookedAt(answer.sampled) : say.noPageOfThisPlan
        }}</span>
      </li>
      <li v-if="screens !== null" :class="{ bad: screens > 1.2 }">
        <PhDeviceMobile width="17" height="17" /><span>{{
          screens > 1 ? say.theBuyButtonIsScreens(rounded(screens)) : say.theBuyButtonIsOn
        }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.part {
  padding: 14px 18px;
  border-bottom: 1px solid var(--line-soft);
}
.part h2 {
  margin-bottom: 6px;
  font-size: 15px;
  line-height: 1.3;
}
p {
  margin: 0;
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  gap: 9px;
  padding: 4px 0;
  color: var(--ink-soft);
  font-size: 13.5px;
  line-height: 1.4;
}
li svg {
  flex: none;
  margin-top: 1px;
}
.bad {
  color: var(--clay-ink);
}
a {
  color: var(--petrol);
  font-weight: 600;
}
</style>
