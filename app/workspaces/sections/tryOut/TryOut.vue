<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { hangsOnShopper } from '../../../../core/checks/fill'
import { hiddenWords } from '../../../../core/delivery/whyWords'
import type { StoredSection } from '../../../../core/studio/draftAnswers'
import { useDrafts } from '../../../data/drafts'
import { useShortcut } from '../../../elements/useShortcut'
import { useTried } from '../../../parts/preview/tried'
import { pageWords } from '../../../parts/sections/sectionWords'
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
const { pages, page, asksFor, category, categories, article, articles, subject, answer, failed } = useTriedPage(() => props.stored)
const isOfShopperAlone = computed(() => hangsOnShopper(props.stored.draft ?? props.stored.live!, page.value))

/** How it turned out, in a line above the shop's page. */
const told = computed(() => {
  const hidden = answer.value?.hidden?.find(each => each.key === props.stored.key)
  if (hidden) return { wrong: say.notOnThisPage, words: hiddenWords(hidden.reason) }
  if (!store.plansWith(props.stored.key).some(each => each.plan.page === page.value)) return { wrong: '', words: say.itStandsOnNoPage }
  const shown = answer.value?.sections.find(each => each.key === props.stored.key)
  const count = shown ? shown.items.length + shown.categories.length : 0
  return { wrong: '', words: shown ? say.ofPlaces(count, shown.display.places) : '' }
})

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
      <v-menu v-if="pages.length > 1" location="bottom start">
        <template #activator="{ props: menu }"
          ><button type="button" class="chip" v-bind="menu">{{ pageWords[page] }}</button></template
        >
        <v-list density="compact" class="studio"
          ><v-list-item v-for="each in pages" :key="each" :active="each === page" color="primary" @click="page = each"
            ><v-list-item-title>{{ pageWords[each] }}</v-list-item-title></v-list-item
          ></v-list
        >
      </v-menu>
      <span class="grow" />
      <WhoAndWhen :with-language="view === 'page'" />
    </div>
    <p v-if="failed" class="note wrong" role="alert">{{ failed }}</p>
    <PagePreview v-if="view === 'page'" :page="page" :about="subject" :section="stored.key" of="try">
      <span class="small told"
        ><b v-if="told.wrong" class="wrong">{{ told.wrong }}</b> {{ told.words }}</span
      >
    </PagePreview>
    <TryResult v-else-if="answer" :stored="stored" :answer="answer" />
    <template v-if="view === 'why'"
      ><FillMeter v-if="!isOfShopperAlone" :stored="stored" :page="page" class="fill" />
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
.fill {
  flex: none;
  border-top: 1px solid var(--line);
}
</style>
