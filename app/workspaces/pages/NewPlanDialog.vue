<script setup lang="ts">
import type { PlanCommand } from '../../../core/records/pagePlans/planCommandSchema'
import type { PageKind } from '../../../core/pageTypes/registry'
import type { PagePlan } from '../../../core/pagePlans/pagePlan'
import { emptyScope, pageKindSchema } from '../../../core/pagePlans/pagePlan'
import { useDrafts } from '../../data/drafts'
import { useStudioShop } from '../../data/studioShop'
import { pageWords } from '../../parts/sections/sectionWords'
import { pagesWords } from './words'

const say = pagesWords.newPlanDialog

/** Asks for what a new page plan is called and for which kind of page it is; it begins with the sections of another. */
const props = defineProps<{ /** The plan that is open. */ like: PagePlan | null }>()
const emit = defineEmits<{ close: []; add: [plan: Omit<Extract<PlanCommand, { type: 'addPlan' }>, 'type'>] }>()
const store = useDrafts()
const studio = useStudioShop()

const name = ref('')
const page = ref<PageKind>(props.like?.page ?? 'product')
const plans = computed(() => store.plans.flatMap(({ draft }) => (draft?.page === page.value ? draft : [])))
const like = ref<string | null>(props.like?.key ?? null)
watch(plans, now => (like.value = now.find(each => each.key === like.value)?.key ?? now.find(each => each.scope === null)?.key ?? null), {
  immediate: true,
})
const choices = computed(() => plans.value.map(each => ({ value: each.key, title: studio.words(each.name) || each.key })))
const pages = pageKindSchema.options.map(value => ({ value, title: pageWords[value] }))

const add = () =>
  emit('add', {
    page: page.value,
    name: { [studio.shop!.settings.language]: name.value.trim() },
    scope: emptyScope,
    ...(like.value !== null && { like: like.value }),
  })
</script>

<template>
  <AskDialog :title="say.newPagePlan" :verb="say.add" :possible="name.trim() !== ''" :width="420" @close="emit('close')" @go="add">
    <p class="soft">{{ say.aPlanForSomeOf }}</p>
    <label for="plan-name">{{ say.name }}</label><v-text-field id="plan-name" v-model="name" maxlength="100" autofocus />
    <label for="plan-page">{{ say.for }}</label><v-select id="plan-page" v-model="page" :items="pages" />
    <label for="plan-like">{{ say.beginsWithTheSectionsOf }}</label><v-select id="plan-like" v-model="like" :items="choices" />
  </AskDialog>
</template>

<style scoped>
.v-input {
  margin: 4px 0 12px;
}
</style>
