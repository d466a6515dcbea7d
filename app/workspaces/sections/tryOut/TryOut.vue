<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { hangsOnShopper } from '../../../../core/checks/fill'
import { hiddenWords } from '../../../../core/delivery/whyWords'
import { hasBlock } from '../../../../core/pagePlans/pagePlan'
import type { PageKind } from '../../../../core/pageTypes/registry'
import { pageTypes } from '../../../../core/pageTypes/registry'
import { listed } from '../../../../core/text/sentence'
import type { StoredSection } from '../../../../core/studio/draftAnswers'
import { useDrafts } from '../../../data/drafts'
import { useShortcut } from '../../../elements/useShortcut'
import { useTried } from '../../../parts/preview/tried'
import { useTriedPage } from './useTriedPage'
import { tryOutWords } from '../words/tryOut'

const say = tryOutWords.tryOut

/**
 * How a section turns out for a product, a cart or a page, with a reason for everything that is shown or not; or the shop's page with it.
 */
const props = defineProps<{ stored: StoredSection; /** Only the shop's page. */ pageOnly?: boolean }>()
const store = useDrafts()
const tried = useTried()

const kept = useLocalStorage<'why' | 'page'>('manada-try-view', 'why')
const views = [
  ['why', say.why],
  ['page', say.page],
] as const
const view = computed(() => (props.pageOnly ? 'page' : kept.value))
const { standsOn, others, page, asksFor, category, categories, article, articles, subject, follow, isElsewhere, answer, failed } =
  useTriedPage(() => props.stored)
const isOfShopperAlone = computed(() => hangsOnShopper(props.stored.draft ?? props.stored.live!, page.value))

/** The plan of the page that is tried, as it is drafted or live, as the section is. */
const plan = computed(() => {
  const stored = answer.value && store.storedOf('plans', answer.value.plan.key)
  return (props.stored.draft ? stored?.draft : stored?.live) ?? null
})
/** Where it is shown though it doesn't stand there, in words; empty: it stands there. */
const pretended = computed(() => {
  if (!plan.value || hasBlock(plan.value, props.stored.key)) return ''
  if (!standsOn.value.length) return say.standsNowhere
  if (!standsOn.value.includes(page.value)) return say.standsOnOthers(listed(standsOn.value.map(each => pageTypes[each].counted[1])))
  return say.planHasItNot(store.nameOf('plans', plan.value.key))
})
/** Said from the beginning, so that the page is not loaded once more when its plan is known. */
const as = computed(() => (props.stored.draft ? { foot: props.stored.key } : {}))

/** How it turned out, in a line above the shop's page. */
const told = computed(() => {
  if (isElsewhere.value) return { wrong: '', words: say.elsewhere }
  const hidden = answer.value?.hidden?.find(each => each.key === props.stored.key)
  if (hidden) return { wrong: say.notOnThisPage, words: hiddenWords(hidden.reason) }
  const shown = answer.value?.sections.find(each => each.key === props.stored.key)
  const count = shown ? shown.items.length + shown.categories.length : 0
  return { wrong: '', words: shown ? say.ofPlaces(count, shown.display.places) : '' }
})

const kindsOfPages = computed(() =>
  [[say.whereItStands, standsOn.value] as [string, PageKind[]], [say.asIfItStood, others.value] as [string, PageKind[]]].filter(
    ([, kinds]) => kinds.length,
  ),
)

const finding = ref(false)
function found(sku: string): void {
  finding.value = false
  void tried.choose(sku)
}
useShortcut('t', () => (finding.value = true))
</script>

<template>
  <section class="try" :aria-label="say.tryIt">
    <div class="tools">
      <slot><ChoiceGroup v-model="kept" :label="say.whatIsShown" :choices="views" /></slot>
      <v-select v-if="asksFor === 'category'" v-model="category" class="pick" :items="categories" :aria-label="say.category" />
      <v-select v-else-if="asksFor === 'article'" v-model="article" class="pick" :items="articles" :aria-label="say.article" />
      <button v-else-if="asksFor === 'product'" type="button" class="chip on cut" aria-keyshortcuts="T" @click="finding = true">
        {{ tried.product?.name ?? say.chooseAProduct
        }}<v-tooltip activator="parent" location="bottom">{{ say.tryItOnAnotherProduct }}<span class="key">T</span></v-tooltip>
      </button>
      <PageKindMenu v-model="page" :groups="kindsOfPages" />
      <span class="grow" />
      <WhoAndWhen :with-language="view === 'page'" />
    </div>
    <p v-if="failed" class="note wrong" role="alert">{{ failed }}</p>
    <p v-else-if="pretended && view === 'why'" class="note small pretended" role="status">{{ pretended }}</p>
    <PagePreview v-if="view === 'page'" :page="page" :about="subject" :section="stored.key" of="try" :as="as" @shows="follow">
      <template v-if="pretended" #note>{{ pretended }}</template>
      <span class="small told"
        ><b v-if="told.wrong" class="wrong">{{ told.wrong }}</b> {{ told.words }}</span
      >
    </PagePreview>
    <TryResult v-else-if="answer" :stored="stored" :answer="answer" />
    <template v-if="view === 'why'"
      ><FillMeter v-if="!isOfShopperAlone" :stored="stored" :page="page" :as-if="!standsOn.includes(page)" class="fill" />
      <p v-else class="small soft uncounted">
        {{ say.whatItShowsHereHangs }}
      </p></template
    >
    <QuickFind v-model="finding" @choose="found" />
  </section>
</template>
<style scoped>
.try {
  display: flex;
  flex-direction: column;
  height: 100%;
  background: var(--sheet);
}
.tools {
  container-type: inline-size;
  flex: none;
  display: flex;
  align-items: center;
  gap: 8px;
  height: 60px;
  padding: 0 14px 0 16px;
  border-bottom: 1px solid var(--line);
  white-space: nowrap;
}
.grow {
  flex: 1;
}
.uncounted {
  flex: none;
  margin: 0;
  padding: 12px 16px;
  border-top: 1px solid var(--line-soft);
}
.chip {
  display: inline-flex;
  align-items: center;
  gap: 5px;
  min-width: 0;
  height: 30px;
  padding: 0 11px;
  border: 1px solid var(--line);
  border-radius: 15px;
  background: var(--sheet);
  color: var(--ink);
  font: 13px/1 var(--text);
  cursor: pointer;
}
.chip:hover {
  border-color: #b9b09e;
}
.chip.on {
  display: block;
  flex: 0 1 auto;
  border-color: #a9c6c8;
  background: var(--petrol-wash);
  color: var(--petrol-ink);
  font-weight: 550;
}
.pick {
  flex: 0 1 220px;
}
.note {
  margin: 0;
  padding: 10px 16px;
}
.pretended {
  flex: none;
  padding-block: 8px;
  border-bottom: 1px solid var(--line-soft);
  background: var(--paper);
}
.fill {
  flex: none;
  border-top: 1px solid var(--line);
}
</style>
