<script setup lang="ts">
import type { PageKind } from '../../../../core/pageTypes/registry'
import { pageTypes } from '../../../../core/pageTypes/registry'
import type { PlanForAnswer } from '../../../../core/studio/planAnswers'
import { planForAnswerSchema } from '../../../../core/studio/planAnswers'
import { reasonWords } from '../../../../core/pagePlans/planWords'
import { useDrafts } from '../../../data/drafts'
import { useStudioShop } from '../../../data/studioShop'
import { callApi } from '../../../data/callApi'
import { useAnswer } from '../../../data/useAnswer'
import { useNames } from '../../../data/useNames'
import type { PageChoice } from '../pageChoice'
import { pagesWords } from '../words'

const say = pagesWords.planQuestion

/** Answers which plan one page gets, and why. */
const props = defineProps<{ page: PageKind; plan: string }>()
const emit = defineEmits<{ open: [plan: string] }>()
const store = useDrafts()
const studio = useStudioShop()
const names = useNames()

const asksFor = computed(() => pageTypes[props.page].asksFor)
const questions = {
  product: say.whichPlanDoesAProduct,
  article: say.whichPlanDoesAnArticle,
  category: say.whichPlanDoesACategory,
}
const question = computed(() => (asksFor.value ? questions[asksFor.value] : ''))

const chosen = shallowRef<PageChoice | null>(null)
const about = computed(() => chosen.value?.value ?? null)
const { answer, failed } = useAnswer(
  () => (about.value === null ? null : JSON.stringify([about.value, store.edition])),
  0,
  (_, signal) => callApi(planForAnswerSchema, '/api/plans/for', { query: { page: props.page, about: about.value! }, signal }),
)
const shown = computed(() => (about.value === null ? null : answer.value))
const nameOf = (key: string) => studio.words(store.planDraftOf(key)?.name ?? {}) || key
const others = ({ plans }: PlanForAnswer) => plans.slice(1).filter(each => each.reason.by !== 'default')
</script>

<template>
  <div class="question">
    <PageChoice v-model="chosen" :page="page" :placeholder="question" :label="say.whichPlanAPageGets" />
    <p v-if="failed" class="small wrong">{{ failed }}</p>
    <div v-else-if="shown" class="small" role="status">
      <p>
        {{ say.itGets }} <b v-if="shown.plans[0]!.plan === plan">{{ say.thisPlan }}</b><button
          v-else
          type="button"
          class="text-button"
          @click="emit('open', shown.plans[0]!.plan)"
        >
          {{ nameOf(shown.plans[0]!.plan) }}</button
        >{{ say.because(reasonWords(shown.plans[0]!.reason, names)) }}
      </p>
      <p v-for="each in others(shown)" :key="each.plan" class="soft">
        {{ say.isForItTooBecause(nameOf(each.plan), reasonWords(each.reason, names)) }}
      </p>
    </div>
  </div>
</template>

<style scoped>
.question {
  margin-top: 6px;
}
p {
  margin: 6px 0 0;
}
.text-button {
  padding: 0;
}
</style>
