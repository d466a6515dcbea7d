<script setup lang="ts">
import type { PagePlan, PlanScope } from '../../../../core/pagePlans/pagePlan'
import { pageTypes } from '../../../../core/pageTypes/registry'
import type { PlanPagesAnswer } from '../../../../core/studio/planAnswers'
import { planPagesAnswerSchema } from '../../../../core/studio/planAnswers'
import { precedenceWords } from '../../../../core/pagePlans/planWords'
import { useDrafts } from '../../../data/drafts'
import { useStudioShop } from '../../../data/studioShop'
import { callApi } from '../../../data/callApi'
import { useAnswer } from '../../../data/useAnswer'
import { pagesWords } from '../words'

const say = pagesWords.scopePart

/** Which pages get a plan, and which of them it shares with other plans. */
const props = defineProps<{ plan: PagePlan }>()
const emit = defineEmits<{ open: [plan: string] }>()
const store = useDrafts()
const studio = useStudioShop()

const { answer, failed } = useAnswer(
  () => JSON.stringify([props.plan.key, store.edition]),
  60,
  (_, signal) => callApi(planPagesAnswerSchema, '/api/plans/pages', { query: { plan: props.plan.key, which: 'shared', limit: 4 }, signal }),
)
const type = computed(() => pageTypes[props.plan.page])
const things = (count: number) => wordsOf[type.value.asksFor ?? 'page'](count)
const wordsOf = { page: say.pages, product: say.products, category: say.categories, article: say.articles }
const gets = computed(() => {
  if (!answer.value) return ''
  const { gets } = answer.value
  return type.value.ofSeveral ? `${type.value.ofSeveral.any} ${things(gets)}` : things(gets)
})

const change = (part: Partial<PlanScope>) => store.changePlan(props.plan.key, { scope: { ...props.plan.scope!, ...part } })

const nameOf = (key: string) => {
  const stored = store.plans.find(each => each.key === key)
  return studio.words((stored?.draft ?? stored?.live)?.name ?? {}) || key
}
/** Who gets a page that several plans are for, and why. */
function shareWords({ plans }: PlanPagesAnswer['rows'][0]): { winner: string; words: string } {
  const [first, second] = plans
  const own = plans.find(each => each.plan === props.plan.key)!
  if (first!.plan === props.plan.key)
    return { winner: '', words: say.getsThisPlanNot(nameOf(second!.plan), precedenceWords(first!.reason, second!.reason)) }
  return { winner: first!.plan, words: say.getsWithPrecedenceWords(nameOf(first!.plan), precedenceWords(first!.reason, own.reason)) }
}
const wordsOfShared = (row: PlanPagesAnswer['rows'][0]) => shareWords(row).words
const rows = computed(() => (answer.value?.rows ?? []).map(row => ({ ...row, ...shareWords(row) })))
const listed = ref<'gets' | 'shared' | null>(null)
</script>

<template>
  <section class="part">
    <h2>{{ say.whoGetsThisPlan }}</h2>
    <p v-if="!plan.scope" class="small soft">{{ say.allPagesOfThisKind }}</p>
    <ScopeChips
      v-else
      :scope="plan.scope"
      :only="plan.page === 'category' ? 'categories' : null"
      :ask="say.sayForWhichPages"
      @change="change"
    />
    <p v-if="failed" class="wrong small">{{ failed }}</p>
    <p v-else-if="answer" class="gets">
      <b>{{ gets }}</b><span class="grow" /><button type="button" class="text-button" :disabled="!answer.gets" @click="listed = 'gets'">
        {{ say.list }}
      </button>
    </p>
    <PlanQuestion v-if="type.asksFor && !type.ofSeveral" :page="plan.page" :plan="plan.key" @open="key => emit('open', key)" />
  </section>
  <section v-if="answer?.shared" class="part">
    <h2>{{ say.sharedWithOtherPlans }}</h2>
    <ul>
      <li v-for="row in rows" :key="row.about">
        <ProductPicture :src="row.image" class="thumb" />
        <span class="names"
          ><span class="cut">{{ row.name }}</span
          ><span class="small soft">{{ row.words }}</span></span
        >
        <button v-if="row.winner" type="button" class="text-button" @click="emit('open', row.winner)">{{ say.openIt }}</button>
      </li>
    </ul>
    <button v-if="answer.shared > answer.rows.length" type="button" class="text-button" @click="listed = 'shared'">
      {{ say.listAll(things(answer.shared)) }}
    </button>
  </section>
  <PlanPagesDialog
    v-if="listed"
    :plan="plan"
    :which="listed"
    :words="listed === 'gets' ? say.gets(nameOf(plan.key)) : say.sharedWithOtherPlans"
    :share-words="wordsOfShared"
    @close="listed = null"
  />
</template>

<style scoped>
.part {
  padding: 14px 18px;
  border-bottom: 1px solid var(--line-soft);
}
.part h2 {
  margin-bottom: 8px;
  font-size: 15px;
  line-height: 1.3;
}
p {
  margin: 0 0 6px;
}
.gets {
  display: flex;
  align-items: baseline;
}
.grow {
  flex: 1;
}
ul {
  margin: 0 0 4px;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 5px 0;
}
.thumb {
  flex: none;
  width: 28px;
  height: 28px;
}
.names {
  flex: 1;
  min-width: 0;
  display: grid;
}
</style>
