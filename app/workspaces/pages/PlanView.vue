<script setup lang="ts">
import type { PagePlan } from '../../../core/pagePlans/pagePlan'
import { pageTypes } from '../../../core/pageTypes/registry'
import { planPagesAnswerSchema } from '../../../core/studio/planAnswers'
import { useDrafts } from '../../data/drafts'
import { callApi } from '../../data/callApi'
import PhCaretLeft from '~icons/ph/caret-left'
import PhCaretRight from '~icons/ph/caret-right'
import { useAnswer } from '../../data/useAnswer'
import { pagesWords } from './words'

const say = pagesWords.planView

/** The shop's real pages that get a plan, as they will be after publishing. */
const props = defineProps<{ plan: PagePlan }>()
const store = useDrafts()

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
const row = computed(() => answer.value?.rows[0] ?? null)
const count = computed(() => answer.value?.gets ?? 0)
const calledBy = (name: string) => [pageTypes[props.plan.page].ofSeveral?.one, name].filter(Boolean).join(' ')
watch(count, now => (at.value = Math.max(0, Math.min(at.value, now - 1))))
</script>

<template>
  <PagePreview :page="plan.page" :about="row?.about ?? null" of="plan">
    <button type="button" class="icon-button" :disabled="at === 0" :aria-label="say.thePageBefore" @click="at--"><PhCaretLeft /></button>
    <button type="button" class="icon-button" :disabled="at >= count - 1" :aria-label="say.theNextPage" @click="at++">
      <PhCaretRight />
    </button>
    <span v-if="row" class="cut name">{{ calledBy(row.name) }}</span><span v-if="row" class="small soft place">{{
      say.of((at + 1).toLocaleString('en'), count.toLocaleString('en'))
    }}</span>
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
.place {
  padding-left: 8px;
  white-space: nowrap;
}
.note {
  padding: 16px;
}
</style>
