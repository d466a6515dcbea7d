<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { stepTypeOf } from '../../../../core/fillSteps/fillStep'
import type { PageKind } from '../../../../core/pageTypes/registry'
import { pageTypes } from '../../../../core/pageTypes/registry'
import type { StoredSection } from '../../../../core/studio/sectionAnswers'
import type { DeliveredSection, ShopAnswer } from '../../../../core/delivery/contract'
import { pageAnswerSchema, shopAnswerSchema } from '../../../../core/delivery/contract'
import { heldBackWords, hiddenWords, idleWords, tileWords } from '../../../../core/delivery/whyWords'
import { useMessages } from '../../../data/messages'
import { useDrafts } from '../../../data/drafts'
import { useStudioShop } from '../../../data/studioShop'
import { useTried } from '../../../parts/preview/tried'
import { callApi } from '../../../data/callApi'
import { hangsOnShopper } from '../../../../core/checks/fill'
import { pageWords } from '../../../parts/sections/sectionWords'
import { useAnswer } from '../../../data/useAnswer'
import { useShortcut } from '../../../elements/useShortcut'
import { useShownWords } from '../../../parts/preview/useShownWords'

/**
 * How a section turns out for a product, a cart or a page, with a reason for everything that is shown or not; or the shop's page with it.
 */
const props = defineProps<{ stored: StoredSection; /** Only the shop's page. */ pageOnly?: boolean }>()
const store = useDrafts()
const studio = useStudioShop()
const tried = useTried()
const wordsOf = useShownWords()

const kept = useLocalStorage<'why' | 'page'>('manada-try-view', 'why')
const view = computed(() => (props.pageOnly ? 'page' : kept.value))

const messages = useMessages()
onMounted(() => tried.load().catch(error => messages.refuse(error)))

/** The pages that it stands on; before it stands anywhere, the kind of page that its steps are made for. */
const pages = computed((): PageKind[] => {
  const kinds = [...new Set(store.placesOf(props.stored.key).map(each => each.plan.page))]
  if (kinds.length) return kinds
  const madeFor = (props.stored.draft ?? props.stored.live)!.steps.flatMap(step => stepTypeOf(step).madeFor ?? [])
  return [madeFor[0] ?? 'product']
})
/** Whoever comes from elsewhere may say which page it is about. */
const asked = useRoute().query.page as PageKind
const page = ref<PageKind>(pages.value.includes(asked) ? asked : pages.value[0]!)
const isOfShopperAlone = computed(() => hangsOnShopper(props.stored.draft ?? props.stored.live!, page.value))
watch(pages, now => now.includes(page.value) || (page.value = now[0]!))

const overview = shallowRef<ShopAnswer | null>(null)
const category = ref<string | null>(studio.categories[0]?.key ?? null)
const article = ref<string | null>(null)
watch(
  page,
  async now => {
    if (now !== 'article' || overview.value) return
    try {
      overview.value = await callApi(shopAnswerSchema, '/api/shop/v1/catalogue')
      article.value ??= overview.value.articles[0]?.key ?? null
    } catch (error) {
      messages.refuse(error)
    }
  },
  { immediate: true },
)

const asksFor = computed(() => pageTypes[page.value].asksFor)
/** What the page is about. A cart page is tried with what is in the cart, or else with the product. */
const subject = computed(() => {
  if (page.value === 'cart' && tried.cart.length) return ''
  switch (asksFor.value) {
    case 'product':
      return tried.product?.product ?? null
    case 'category':
      return category.value
    case 'article':
      return article.value
    case null:
      return ''
  }
})
const query = computed(() => {
  if (subject.value === null) return null
  const cart = page.value === 'cart' && !tried.cart.length ? [subject.value] : tried.cart
  return {
    section: props.stored.key,
    page: page.value,
    subject: page.value === 'cart' ? '' : subject.value,
    cart: cart.join(),
    seen: tried.seen.join(),
    ...(tried.visitor && { visitor: tried.visitor }),
    ...(tried.day && { at: `${tried.day}T12:00:00Z` }),
    ...(!props.stored.draft && { live: '1' }),
  }
})
const { answer, failed } = useAnswer(
  () => query.value && JSON.stringify([query.value, store.edition]),
  60,
  question => callApi(pageAnswerSchema, '/api/sections/try', { query: (JSON.parse(question) as [Record<string, string>])[0] }),
)

const isPlaced = computed(() => store.placesOf(props.stored.key).some(each => each.plan.page === page.value))
const shown = computed<DeliveredSection | null>(() => answer.value?.sections.find(each => each.key === props.stored.key) ?? null)
const hidden = computed(() => answer.value?.hidden?.find(each => each.key === props.stored.key) ?? null)
const steps = computed(() => shown.value?.steps ?? hidden.value?.steps ?? [])
const skuOf = (each: { sku: string; variant: string | null }) => each.variant ?? each.sku
const items = computed(() =>
  (shown.value?.items ?? []).map(item => {
    const step = steps.value[item.step]!
    const candidate = step.taken.find(each => skuOf(each) === skuOf(item))!
    return {
      ...item,
      key: skuOf(item),
      words: wordsOf(props.stored.draft ?? props.stored.live, item.step, step, candidate),
      byHand: stepTypeOf(step).isByHand ?? false,
    }
  }),
)
/** What would be shown if there were enough of it. */
const tooFew = computed(() => (hidden.value ? steps.value.flatMap(step => step.taken) : []))
const several = computed(() => steps.value.length > 1)
const heldBack = computed(() =>
  steps.value.flatMap((step, i) =>
    [
      ...step.heldBack
        .filter(each => each.reason !== 'noRoom')
        .map(each => ({ name: each.name, words: heldBackWords(each.reason, each.sku, answer.value!, props.stored.key) })),
      ...(step.categories ?? []).flatMap(({ name, reason }) => (reason && reason !== 'noRoom' ? { name, words: tileWords(reason) } : [])),
    ].map((each, k) => ({ key: `${i} ${k}`, name: each.name, words: each.words + (several.value ? ` · step ${i + 1}` : '') })),
  ),
)
const countShown = computed(() => (shown.value?.items.length ?? 0) + (shown.value?.categories.length ?? 0))
const withoutRoom = computed(() =>
  steps.value.reduce(
    (sum, step) =>
      sum +
      (step.categories ?? []).filter(each => each.reason === 'noRoom').length +
      step.heldBack.filter(each => each.reason === 'noRoom').length,
    0,
  ),
)
const more = computed(() => steps.value.some(step => step.more))
/** Steps that brought nothing at all, and why. */
const idle = computed(() =>
  steps.value.flatMap((step, i) => {
    if (step.idle) return [{ key: i, words: `Step ${i + 1} was passed over: ${idleWords(step.idle)}.` }]
    return step.taken.length || step.heldBack.length || step.categories?.length ? [] : [{ key: i, words: `Step ${i + 1} found nothing.` }]
  }),
)
const maxTold = 8
const unfolded = ref(false)

const finding = ref(false)
function found(sku: string): void {
  finding.value = false
  void tried.choose(sku)
}
useShortcut('t', () => (finding.value = true))
</script>

<template>
  <section class="try" aria-label="Try it">
    <div class="tools">
      <slot
        ><div class="choice" role="group" aria-label="What is shown">
          <button type="button" :aria-pressed="view === 'why'" @click="kept = 'why'">Why</button
          ><button type="button" :aria-pressed="view === 'page'" @click="kept = 'page'">Page</button>
        </div></slot
      >
      <v-select
        v-if="asksFor === 'category'"
        v-model="category"
        class="pick"
        :items="studio.categories.map(each => ({ value: each.key, title: each.name }))"
        aria-label="Category"
      />
      <v-select
        v-else-if="asksFor === 'article'"
        v-model="article"
        class="pick"
        :items="(overview?.articles ?? []).map(each => ({ value: each.key, title: each.name }))"
        aria-label="Article"
      />
      <button v-else-if="asksFor === 'product'" type="button" class="chip on cut" aria-keyshortcuts="T" @click="finding = true">
        {{ tried.product?.name ?? 'choose a product'
        }}<v-tooltip activator="parent" location="bottom">Try it on another product<span class="key">T</span></v-tooltip>
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
        ><template v-if="hidden"><b class="wrong">Not on this page:</b> {{ hiddenWords(hidden.reason) }}</template
        ><template v-else-if="!isPlaced">It stands on no page yet</template
        ><template v-else-if="shown">{{ countShown }} of {{ shown.display.places }} places</template></span
      >
    </PagePreview>
    <div v-else-if="answer" class="result">
      <div class="stage">
        <div v-if="shown" class="sheet" data-try="shown">
          <h2>{{ shown.heading }}</h2>
          <ol v-if="shown.categories.length">
            <li v-for="each in shown.categories" :key="each.key">
              <ProductPicture :src="each.image" class="picture" /><span class="name">{{ each.name }}</span>
            </li>
          </ol>
          <ol v-else :class="shown.layout">
            <li v-for="item in items" :key="item.key">
              <ProductPicture :src="item.image" class="picture" />
              <span class="name">{{ item.name }}</span><b class="price">{{ studio.money(item.price) }}</b>
              <span class="why" :class="{ hand: item.byHand }">{{ item.words }}</span>
            </li>
          </ol>
          <p v-if="countShown < shown.display.places" class="small soft rest">{{ countShown }} of {{ shown.display.places }} places</p>
        </div>
        <div v-else-if="hidden" class="sheet none" data-try="hidden">
          <b>Not on this page: {{ hiddenWords(hidden.reason) }}</b
          ><span v-if="tooFew.length" class="soft"
            >{{ tooFew.length === 1 ? 'only' : `only ${tooFew.length}:` }} {{ tooFew.map(each => each.name).join(', ') }}</span
          >
        </div>
      </div>
      <div v-if="heldBack.length || withoutRoom || idle.length" class="held">
        <h3>{{ heldBack.length || withoutRoom ? 'What was held back' : 'What it looked for' }}</h3>
        <ul>
          <li v-for="each in unfolded ? heldBack : heldBack.slice(0, maxTold)" :key="each.key">
            <span class="cut">{{ each.name }}</span><span class="soft">{{ each.words }}</span>
          </li>
          <li v-for="each in idle" :key="`idle ${each.key}`" class="soft">{{ each.words }}</li>
        </ul>
        <button v-if="heldBack.length > maxTold && !unfolded" type="button" class="text-button" @click="unfolded = true">
          and {{ heldBack.length - maxTold }} more
        </button>
        <p v-if="withoutRoom" class="small soft">{{ more ? `more than ${withoutRoom}` : withoutRoom }} more had no place left</p>
      </div>
    </div>
    <template v-if="view === 'why'"
      ><FillMeter v-if="!isOfShopperAlone" :stored="stored" :page="page" class="fill" />
      <p v-else class="small soft uncounted">
        What it shows here hangs on the shopper alone: on their cart, or on what they looked at. So there is no telling how often it is full
        or blank.
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
.result {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
}
.fill {
  flex: none;
  border-top: 1px solid var(--line);
}
.stage {
  padding: 14px 16px;
  border-bottom: 1px solid var(--line);
  background: var(--paper);
}
.sheet {
  padding: 14px;
  border: 1px solid var(--line);
  border-radius: 10px;
  background: var(--sheet);
}
.none {
  display: grid;
  gap: 4px;
  padding: 18px;
  color: var(--clay-ink);
}
.sheet h2 {
  margin-bottom: 10px;
  font: 600 17px/1.25 var(--text);
  letter-spacing: 0;
}
ol {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(86px, 1fr));
  gap: 14px 10px;
  margin: 0;
  padding: 0;
  list-style: none;
}
ol li {
  display: grid;
  grid-template-rows: auto auto auto 1fr;
  align-content: start;
  min-width: 0;
}
.picture {
  width: 100%;
  aspect-ratio: 4 / 3;
  border-radius: 8px;
}
.name {
  margin-top: 6px;
  font-size: 12.5px;
  line-height: 1.3;
}
.price {
  margin-top: 2px;
  font-size: 12.5px;
}
.why {
  align-self: start;
  margin-top: 5px;
  padding-left: 6px;
  border-left: 2px solid #cfd8d8;
  color: var(--ink-soft);
  font-size: 11.5px;
  line-height: 1.3;
}
.why.hand {
  border-color: var(--saffron);
}
.rest {
  margin: 10px 0 0;
}
.held {
  padding: 12px 16px;
  border-bottom: 1px solid var(--line);
}
.held h3 {
  margin-bottom: 6px;
  font-size: 14.5px;
}
.held ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
.held li {
  display: flex;
  gap: 10px;
  min-height: 25px;
  align-items: baseline;
  font-size: 12.5px;
}
.held li .cut {
  flex: 0 1 auto;
  font-weight: 550;
}
.held li .soft {
  flex: none;
  max-width: 70%;
}
.held p {
  margin: 2px 0 0;
}
</style>
