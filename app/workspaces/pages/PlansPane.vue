<script setup lang="ts">
import { upperFirst } from 'es-toolkit'
import type { Component } from 'vue'
import type { PageKind } from '../../../core/pageTypes/registry'
import { pageTypes } from '../../../core/pageTypes/registry'
import type { PagePlan } from '../../../core/pagePlans/pagePlan'
import { pageKindSchema } from '../../../core/pagePlans/pagePlan'
import { planCountsAnswerSchema } from '../../../core/studio/planAnswers'
import { scopeWords } from '../../../core/pagePlans/planWords'
import { isUnpublished } from '../../../core/sections/versions'
import { useDrafts } from '../../data/drafts'
import { useStudioShop } from '../../data/studioShop'
import { callApi } from '../../data/callApi'
import { pageWords } from '../../parts/sections/sectionWords'
import PhPlus from '~icons/ph/plus'
import PhPackage from '~icons/ph/package'
import PhShoppingCart from '~icons/ph/shopping-cart-simple'
import PhPlusCircle from '~icons/ph/plus-circle'
import PhFolderOpen from '~icons/ph/folder-open'
import PhArticle from '~icons/ph/article'
import PhHouse from '~icons/ph/house'
import PhMagnifyingGlass from '~icons/ph/magnifying-glass'
import PhReceipt from '~icons/ph/receipt'
import { useAnswer } from '../../data/useAnswer'
import { useNames } from '../../data/useNames'
import { useListSteps } from '../../elements/useListSteps'
import { useShortcut } from '../../elements/useShortcut'
import { pagesWords } from './words'

const say = pagesWords.plansPane

/** All page plans by kind of page, in the order in which equal ones win, with how many pages get each. */
const props = defineProps<{ chosen: string | null }>()
const emit = defineEmits<{ open: [key: string] }>()
const store = useDrafts()
const studio = useStudioShop()
const names = useNames()
const { answer } = useAnswer(
  () => String(store.edition),
  150,
  (_, signal) => callApi(planCountsAnswerSchema, '/api/plans/counts', { signal }),
)

const icons: Record<PageKind, Component> = {
  product: PhPackage,
  cart: PhShoppingCart,
  added: PhPlusCircle,
  category: PhFolderOpen,
  article: PhArticle,
  home: PhHouse,
  search: PhMagnifyingGlass,
  ordered: PhReceipt,
}
const groups = computed(() =>
  pageKindSchema.options.map(page => {
    const plans = store.plans
      .flatMap(({ key, live, draft }) =>
        (draft ?? live)!.page === page
          ? { key, plan: (draft ?? live)!, leaving: !draft, unpublished: isUnpublished({ live, draft }), isNew: !live }
          : [],
      )
      .sort(
        (a, b) =>
          Number(a.plan.scope === null) - Number(b.plan.scope === null) ||
          a.plan.rank - b.plan.rank ||
          a.plan.key.localeCompare(b.plan.key),
      )
    return { page, plans }
  }),
)
/** When it goes out, or else which pages get it. */
const aboutOf = ({ key, plan }: { key: string; plan: PagePlan }) =>
  upperFirst(store.plannedWords('plans', key)) || (plan.scope ? scopeWords(plan.scope, names) : say.default)
const rows = computed(() => groups.value.flatMap(({ plans }) => plans))
/** How many pages get a plan; of those with several products nobody can say. */
const countOf = (plan: PagePlan) => (pageTypes[plan.page].ofSeveral ? '' : (answer.value?.counts[plan.key]?.toLocaleString('en') ?? ''))

const { step, focus } = useListSteps(
  () => rows.value,
  () => props.chosen,
  'data-plan',
  plan => emit('open', plan),
)
function key(event: KeyboardEvent): void {
  const by = { ArrowDown: 1, ArrowUp: -1 }[event.key]
  if (!event.altKey || !by) return step(event)
  event.preventDefault()
  move(by)
}
/** Moves the chosen plan among those of its kind: of equal ones the first wins. */
function move(by: number): void {
  const row = rows.value.find(each => each.key === props.chosen)
  if (!row || row.plan.scope === null || row.leaving) return
  const ranked = groups.value.find(each => each.page === row.plan.page)!.plans.filter(each => each.plan.scope !== null && !each.leaving)
  const place = ranked.findIndex(each => each.key === row.key) + by
  if (place >= 0 && place < ranked.length)
    void store.sendAndTell({ type: 'rankPlan', key: row.key, place: place + 1 }).then(() => focus(row.key))
}
const adding = ref(false)
async function add(plan: Parameters<typeof store.addPlan>[0]): Promise<void> {
  const added = await store.addPlan(plan)
  if (added) emit('open', added)
}
const pane = useTemplateRef('pane')
useShortcut('n', () => (adding.value = true), { within: () => pane.value })
</script>

<template>
  <section ref="pane" class="pane" :aria-label="say.pagePlans">
    <div class="tools">
      <button type="button" class="add" aria-keyshortcuts="N" @click="adding = true">
        <PhPlus width="16" height="16" />{{ say.newPagePlan
        }}<v-tooltip activator="parent" location="bottom">{{ say.forSomeOfThePages }}<span class="key">N</span></v-tooltip>
      </button>
    </div>
    <div class="groups" @keydown="key">
      <section v-for="{ page, plans } in groups" :key="page">
        <h2>
          <component :is="icons[page]" width="16" height="16" aria-hidden="true" /><span>{{ pageWords[page] }}</span>
        </h2>
        <ul>
          <li v-for="each in plans" :key="each.key">
            <button
              type="button"
              class="row"
              :data-plan="each.key"
              :aria-current="each.key === chosen || undefined"
              @click="emit('open', each.key)"
            >
              <span class="names"
                ><span class="name cut">{{ studio.words(each.plan.name) || each.key }}</span
                ><span class="small soft cut">{{ aboutOf(each) }}</span></span
              >
              <span v-if="each.leaving" class="state leaving">{{ say.toBeRemoved }}</span>
              <span v-else-if="each.unpublished" class="state draft">{{ each.isNew ? say.draft : say.changed }}</span>
              <span v-if="!each.leaving" class="small soft count">{{ countOf(each.plan) }}</span>
            </button>
          </li>
        </ul>
      </section>
    </div>
    <NewPlanDialog v-if="adding" :like="store.planDraftOf(chosen ?? '')" @close="adding = false" @add="add" />
  </section>
</template>

<style scoped>
.pane {
  display: flex;
  flex-direction: column;
  height: 100%;
  background: var(--sheet);
}
.tools {
  padding: 12px;
  border-bottom: 1px solid var(--line-soft);
}
.add {
  display: flex;
  align-items: center;
  gap: 8px;
  height: 36px;
  padding: 0 14px 0 11px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: none;
  color: var(--petrol);
  font: 600 14px/1 var(--text);
  cursor: pointer;
}
.add:hover {
  background: var(--petrol-wash);
}
.groups {
  flex: 1;
  overflow-y: auto;
  padding-bottom: 12px;
}
section h2 {
  display: flex;
  align-items: center;
  gap: 8px;
  padding: 16px 14px 7px;
  color: var(--ink-soft);
  font: 650 13px/1.2 var(--text);
  letter-spacing: 0;
}
h2 span::first-letter {
  text-transform: uppercase;
}
h2 span {
  display: inline-block;
}
ul {
  margin: 0;
  padding: 0;
  border-top: 1px solid var(--line-soft);
  list-style: none;
}
.row {
  display: flex;
  align-items: center;
  gap: 8px;
  width: 100%;
  min-height: 50px;
  padding: 5px 14px;
  border: 0;
  border-bottom: 1px solid var(--line-soft);
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.row:hover {
  background: var(--paper);
}
.row[aria-current] {
  background: var(--paper);
  box-shadow: inset 3px 0 var(--petrol);
}
.row:focus-visible {
  outline-offset: -3px;
}
.names {
  flex: 1;
  min-width: 0;
  display: grid;
  gap: 1px;
}
.name {
  font-weight: 550;
}
[aria-current] .name {
  font-weight: 650;
}
.count {
  font-variant-numeric: tabular-nums;
}
</style>
