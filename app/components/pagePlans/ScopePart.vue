<script setup lang="ts">
import type { PagePlan, PlanScope } from '../../../core/pagePlans/pagePlan'
import type { PlanPagesAnswer } from '../../../core/pagePlans/planAnswers'
import { planPagesAnswer } from '../../../core/pagePlans/planAnswers'
import type { ScopePart } from '../../../core/pagePlans/planWords'
import { precedenceWords, scopeParts } from '../../../core/pagePlans/planWords'
import { counted } from '../../../core/text/sentence'
import { useSectionDrafts } from '../../stores/sectionDrafts'
import { useStudioShop } from '../../stores/studioShop'
import { callApi } from '../../utils/callApi'
import PhPlus from '~icons/ph/plus'

/** Which pages get a plan, and which of them it shares with other plans. */
const props = defineProps<{ plan: PagePlan }>()
const emit = defineEmits<{ open: [plan: string] }>()
const store = useSectionDrafts()
const studio = useStudioShop()
const names = useNames()

const { answer, failed } = useAnswer(() => JSON.stringify([props.plan.key, store.edition]), 60, () => callApi(planPagesAnswer, '/api/plans/pages', { query: { plan: props.plan.key, which: 'shared', limit: 4 } }))
const thing = computed(() => ({ product: 'product', added: 'product', cart: 'product', category: 'category', article: 'article' })[props.plan.page])
const things = (count: number) => counted(count, thing.value, thing.value === 'category' ? 'categories' : undefined)
const gets = computed(() => {
  if (!answer.value) return ''
  const { gets } = answer.value
  return props.plan.page === 'cart' ? `carts with any of ${things(gets)}` : things(gets)
})

const parts = computed(() => props.plan.scope ? scopeParts(props.plan.scope, names) : [])
const change = (part: Partial<PlanScope>) => store.changePlan(props.plan.key, { scope: { ...props.plan.scope!, ...part } })
function drop({ of, name }: ScopePart): void {
  const scope = props.plan.scope!
  change(of === 'price' ? { price: null } : { [of]: name ? scope[of].filter(each => each !== name) : [] })
}
type Field = ScopePart['of']
const fields: [Field, string, string][] = [
  ['categories', 'Category', 'with those below it'], ['tags', 'Tag', ''], ['brands', 'Brand', ''], ['price', 'Price', 'from, to'], ['products', 'Products', 'chosen one by one'],
]
const offered = computed(() => props.plan.page === 'category' ? fields.slice(0, 1) : fields)
const editing = ref<Field | null>(null)
const chips = useTemplateRef<HTMLElement>('chips')
async function edit(field: Field): Promise<void> {
  await nextTick()
  editing.value = field
}

const nameOf = (key: string) => {
  const stored = store.plans.find(each => each.key === key)
  return studio.words((stored?.draft ?? stored?.live)?.name ?? {}) || key
}
/** Who gets a page that several plans are for, and why. */
function shareWords({ plans }: PlanPagesAnswer['rows'][0]): { winner: string, words: string } {
  const [first, second] = plans
  const own = plans.find(each => each.plan === props.plan.key)!
  if (first!.plan === props.plan.key) return { winner: '', words: `gets this plan, not ${nameOf(second!.plan)}: ${precedenceWords(first!.reason, second!.reason)}` }
  return { winner: first!.plan, words: `gets ${nameOf(first!.plan)}: ${precedenceWords(first!.reason, own.reason)}` }
}
const listed = ref<'gets' | 'shared' | null>(null)
</script>

<template>
  <section class="part">
    <h2>Who gets this plan</h2>
    <p v-if="!plan.scope" class="small soft">All pages of this kind that no other plan is for.</p>
    <div v-else ref="chips" class="chips">
      <span v-for="each in parts" :key="`${each.of} ${each.name}`" class="chip">
        <button type="button" class="words" @click="edit(each.of)">{{ each.words }}</button>
        <button type="button" class="out" :aria-label="`Not for ${each.words}`" @click="drop(each)">×</button>
      </span>
      <v-menu location="bottom start" :offset="4">
        <template #activator="{ props: menu }"><button type="button" class="chip new" v-bind="menu"><PhPlus width="13" height="13" />{{ parts.length ? 'or' : 'Say for which pages' }}</button></template>
        <v-list density="compact" class="studio">
          <v-list-item v-for="[field, words, hint] in offered" :key="field" @click="edit(field)"><v-list-item-title>{{ words }}</v-list-item-title><v-list-item-subtitle v-if="hint">{{ hint }}</v-list-item-subtitle></v-list-item>
        </v-list>
      </v-menu>
      <v-menu v-if="editing" :model-value="true" :target="chips!" location="bottom start" :offset="2" :close-on-content-click="false" @update:model-value="editing = null">
        <ScopeForm :field="editing" :scope="plan.scope" @change="change" @close="editing = null" />
      </v-menu>
    </div>
    <p v-if="failed" class="wrong small">{{ failed }}</p>
    <p v-else-if="answer" class="gets"><b>{{ gets }}</b><span class="grow" /><button type="button" class="text-button" :disabled="!answer.gets" @click="listed = 'gets'">List</button></p>
    <PlanQuestion v-if="plan.page !== 'cart'" :page="plan.page" :plan="plan.key" @open="key => emit('open', key)" />
  </section>
  <section v-if="answer?.shared" class="part">
    <h2>Shared with other plans</h2>
    <ul>
      <li v-for="row in answer.rows" :key="row.about">
        <ProductPicture :src="row.image" class="thumb" />
        <span class="names"><span class="cut">{{ row.name }}</span><span class="small soft">{{ shareWords(row).words }}</span></span>
        <button v-if="shareWords(row).winner" type="button" class="text-button" @click="emit('open', shareWords(row).winner)">Open it</button>
      </li>
    </ul>
    <button v-if="answer.shared > answer.rows.length" type="button" class="text-button" @click="listed = 'shared'">List all {{ things(answer.shared) }}</button>
  </section>
  <PlanPagesDialog v-if="listed" :plan="plan" :which="listed" :words="listed === 'gets' ? `Gets ${nameOf(plan.key)}` : 'Shared with other plans'" :share-words="row => shareWords(row).words" @close="listed = null" />
</template>

<style scoped>
.part { padding: 14px 18px; border-bottom: 1px solid var(--line-soft); }
.part h2 { margin-bottom: 8px; font-size: 15px; line-height: 1.3; }
p { margin: 0 0 6px; }
.chips { display: flex; flex-wrap: wrap; gap: 6px; margin-bottom: 10px; }
.chip { display: inline-flex; align-items: center; max-width: 100%; min-height: 28px; border: 1px solid #a9c6c8; border-radius: 14px; background: var(--petrol-wash); color: var(--petrol-ink); font: 13px/1.3 var(--text); }
.words { padding: 4px 0 4px 11px; border: 0; background: none; color: inherit; font: inherit; text-align: left; cursor: pointer; }
.out { flex: none; width: 26px; height: 26px; border: 0; border-radius: 13px; background: none; color: inherit; font: 16px/1 var(--text); cursor: pointer; }
.out:hover { background: #cfe2e2; }
.new { gap: 5px; padding: 0 11px; border: 1px dashed #b9b09e; background: none; color: var(--ink); cursor: pointer; }
.gets { display: flex; align-items: baseline; }
.grow { flex: 1; }
ul { margin: 0 0 4px; padding: 0; list-style: none; }
li { display: flex; align-items: center; gap: 10px; padding: 5px 0; }
.thumb { flex: none; width: 28px; height: 28px; }
.names { flex: 1; min-width: 0; display: grid; }
</style>
