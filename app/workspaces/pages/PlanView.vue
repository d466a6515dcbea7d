<script setup lang="ts">
import type { PagePlan } from '../../../core/pagePlans/pagePlan'
import { pageTypes } from '../../../core/pageTypes/registry'
import { planForAnswerSchema, planPagesAnswerSchema } from '../../../core/studio/planAnswers'
import { useDrafts } from '../../data/drafts'
import { useMessages } from '../../data/messages'
import { useTried } from '../../parts/preview/tried'
import type { PageChoice } from './pageChoice'
import { callApi } from '../../data/callApi'
import PhCaretLeft from '~icons/ph/caret-left'
import PhCaretRight from '~icons/ph/caret-right'
import { useAnswer } from '../../data/useAnswer'
import { pagesWords } from './words'

const say = pagesWords.planView

/**
 * The shop's real pages that get a plan, as they will be after publishing; and any other page of its kind as if it got the plan.
 */
const props = defineProps<{ plan: PagePlan }>()
const store = useDrafts()
const messages = useMessages()

/** Which of the pages is shown. */
const at = ref(0)
const { answer, failed } = useAnswer(
  () => JSON.stringify([store.edition, at.value]),
  60,
  (_, signal) =>
    callApi(planPagesAnswerSchema, '/api/plans/pages', {
      query: { plan: props.plan.key, which: 'gets', offset: at.value, limit: 1 },
      signal,
    }),
)
const count = computed(() => answer.value?.gets ?? 0)
/** A page that was chosen beside those that get it. */
const chosen = shallowRef<PageChoice | null>(null)
const finding = ref(false)
watch(chosen, () => (finding.value = false))
const tried = useTried()
const asksFor = computed(() => pageTypes[props.plan.page].asksFor)
onMounted(() => void (asksFor.value === 'product' && tried.load().catch(error => messages.refuse(error))))
/** The page that is shown; null: none, or none is known yet. */
const row = computed(() => {
  if (chosen.value) return { about: chosen.value.value, name: chosen.value.title }
  if (!answer.value) return null
  const [own] = answer.value.rows
  if (own || asksFor.value !== 'product' || !tried.product) return own ?? null
  // Nobody gets it yet: it is shown all the same, on the product that everything is tried on.
  return { about: tried.product.product, name: tried.product.name }
})
const isOwn = computed(() => !chosen.value && count.value > 0)
/** The plan that a page gets which is not among those that get this one. */
const { answer: planned } = useAnswer(
  () => (isOwn.value || !row.value?.about ? null : JSON.stringify([props.plan.page, row.value.about, store.edition])),
  0,
  (_, signal) => callApi(planForAnswerSchema, '/api/plans/for', { query: { page: props.plan.page, about: row.value!.about }, signal }),
)
/** That it is shown as if it got this plan, in words; empty: it does. */
const pretended = computed(() => {
  const gets = isOwn.value ? null : planned.value?.plans[0]?.plan
  return gets && gets !== props.plan.key ? say.getsAnother(store.nameOf('plans', gets)) : ''
})
function turn(by: 1 | -1): void {
  if (chosen.value) chosen.value = null
  else at.value += by
}
const calledBy = (name: string) => [pageTypes[props.plan.page].ofSeveral?.one, name].filter(Boolean).join(' ')
watch(count, now => (at.value = Math.max(0, Math.min(at.value, now - 1))))
</script>

<template>
  <PagePreview :page="plan.page" :about="row?.about ?? null" of="plan" :as="isOwn ? {} : { plan: plan.key }">
    <button type="button" class="icon-button" :disabled="isOwn && at === 0" :aria-label="say.thePageBefore" @click="turn(-1)">
      <PhCaretLeft />
    </button>
    <button type="button" class="icon-button" :disabled="isOwn && at >= count - 1" :aria-label="say.theNextPage" @click="turn(1)">
      <PhCaretRight />
    </button>
    <v-menu v-if="asksFor" v-model="finding" location="bottom start" :close-on-content-click="false">
      <template #activator="{ props: menu }"
        ><button type="button" class="dotted cut name" v-bind="menu" :aria-label="say.otherPage(row ? calledBy(row.name) : '')">
          {{ row ? calledBy(row.name) : say.choose }}<v-tooltip activator="parent" location="bottom">{{ say.otherPageToo }}</v-tooltip>
        </button></template
      >
      <v-card class="studio find" rounded="lg" role="dialog" :aria-label="say.chooseAPage">
        <PageChoice v-model="chosen" :page="plan.page" :placeholder="say.anyPage" :label="say.chooseAPage" autofocus />
      </v-card>
    </v-menu>
    <span v-else-if="row" class="cut name">{{ calledBy(row.name) }}</span><span v-if="row && isOwn" class="small soft place">{{
      say.of((at + 1).toLocaleString('en'), count.toLocaleString('en'))
    }}</span>
    <template v-if="pretended" #note>{{ pretended }}</template>
    <template #end><WhoAndWhen with-language /></template>
    <template #none>
      <p v-if="failed" class="note wrong">{{ failed }}</p>
      <p v-else-if="answer" class="note soft">{{ say.noPageGetsThisPlan }}</p>
    </template>
  </PagePreview>
</template>

<style scoped>
.name {
  padding-left: 4px;
  font-size: 14px;
  font-weight: 550;
}
.find {
  width: 320px;
  padding: 12px;
}
.place {
  padding-left: 8px;
  white-space: nowrap;
}
.note {
  padding: 16px;
}
</style>
