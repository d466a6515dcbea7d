<script setup lang="ts">
import type { PagePlan } from '../../../../core/pagePlans/pagePlan'
import type { PlanPagesAnswer } from '../../../../core/studio/planAnswers'
import { planPagesAnswerSchema } from '../../../../core/studio/planAnswers'
import { useMessages } from '../../../data/messages'
import { useDrafts } from '../../../data/drafts'
import { callApi } from '../../../data/callApi'
import { pagesWords } from '../words'

const say = pagesWords.planPagesDialog

/** The pages that get a plan, or that it shares with others, as a list. */
const props = defineProps<{
  plan: PagePlan
  which: 'gets' | 'shared'
  words: string
  shareWords: (row: PlanPagesAnswer['rows'][0]) => string
}>()
const emit = defineEmits<{ close: [] }>()
const store = useDrafts()
const messages = useMessages()

const rows = shallowRef<PlanPagesAnswer['rows']>([])
const total = ref(0)
async function more(): Promise<void> {
  try {
    const answer = await callApi(planPagesAnswerSchema, '/api/plans/pages', {
      query: { plan: props.plan.key, which: props.which, offset: rows.value.length, limit: 100 },
    })
    total.value = answer[props.which]
    rows.value = [...rows.value, ...answer.rows]
  } catch (error) {
    messages.refuse(error)
  }
}
onMounted(more)
watch(
  () => store.edition,
  () => {
    rows.value = []
    void more()
  },
)
const linkTo = (about: string) =>
  props.plan.page === 'category' || props.plan.page === 'article' ? undefined : `/products/${encodeURIComponent(about)}`
</script>

<template>
  <v-dialog :model-value="true" max-width="560" scrollable aria-labelledby="pages-title" @update:model-value="emit('close')">
    <v-card rounded="lg" class="studio">
      <div class="head">
        <h2 id="pages-title">{{ words }}</h2>
        <span class="soft">{{ total.toLocaleString('en') }}</span><span class="grow" /><button
          type="button"
          class="plain-button"
          autofocus
          @click="emit('close')"
        >
          {{ say.close }}
        </button>
      </div>
      <div class="rows">
        <component :is="linkTo(row.about) ? 'a' : 'div'" v-for="row in rows" :key="row.about" class="row" :href="linkTo(row.about)">
          <ProductPicture :src="row.image" class="thumb" />
          <span class="names"
            ><span class="cut name">{{ row.name }}</span
            ><span v-if="which === 'shared'" class="small soft">{{ shareWords(row) }}</span></span
          >
          <span class="mono">{{ row.about }}</span>
        </component>
        <button v-if="rows.length < total" type="button" class="text-button more" @click="more">{{ say.showMore }}</button>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.head {
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 16px 20px;
  border-bottom: 1px solid var(--line-soft);
}
h2 {
  font-size: 18px;
}
.grow {
  flex: 1;
}
.rows {
  max-height: 60dvh;
  overflow-y: auto;
}
.row {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 46px;
  padding: 5px 20px;
  border-bottom: 1px solid var(--line-soft);
  color: inherit;
  text-decoration: none;
}
a.row:hover {
  background: var(--paper);
}
.row:focus-visible {
  outline-offset: -3px;
}
.thumb {
  flex: none;
  width: 30px;
  height: 30px;
}
.names {
  flex: 1;
  min-width: 0;
  display: grid;
}
.name {
  font-weight: 550;
}
.more {
  margin: 10px 20px 14px;
}
</style>
