<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import type { ShownPage } from '../../../../core/delivery/shownPage'
import type { PageKind } from '../../../../core/pageTypes/registry'
import { pageKinds, pageTypes } from '../../../../core/pageTypes/registry'
import type { ProductRow } from '../../../../core/workbench/workbench'
import { pageAnswerSchema } from '../../../../core/delivery/contract/pages'
import { isUnpublished } from '../../../../core/sections/versions'
import type { StoredOffer } from '../../../../core/studio/draftAnswers'
import { offerExampleSchema } from '../../../../core/studio/draftAnswers'
import { useDrafts } from '../../../data/drafts'
import type { Device } from '../../../parts/preview/devices'
import { namedProducts } from '../../../data/namedProducts'
import { callApi } from '../../../data/callApi'
import { previewAddress } from '../../../parts/preview/previewAddress'
import { useTried } from '../../../parts/preview/tried'
import { useAnswer } from '../../../data/useAnswer'
import { pageWords } from '../../../parts/sections/sectionWords'
import { useFoundProducts } from '../../../parts/productSearch/useFoundProducts'
import { offersWords } from '../words/offers'

const say = offersWords.offerTry

/** What shoppers will see of an offer on a product's page, what is missing from it and why, and the page itself. */
const props = defineProps<{ stored: StoredOffer }>()
const store = useDrafts()

const sku = useLocalStorage('manada-offer-tried', '')
/** Who looks, here and in every other try-out. */
const who = useTried()
const device = useLocalStorage<Device>('manada-offer-device', 'phone')
const words = ref('')
const found = useFoundProducts(words, { status: 'active' }, 'all')
const tried = shallowRef<ProductRow | null>(null)
watch(
  sku,
  async next => {
    tried.value = (next && (await namedProducts([next]).catch(() => []))[0]) || null
  },
  { immediate: true },
)
/** Until another is chosen, a product that the offer is for and has something for. */
async function chooseProduct(): Promise<void> {
  const before = sku.value
  const { key } = props.stored
  const query = { tried: before }
  const example = await callApi(offerExampleSchema, `/api/offers/${encodeURIComponent(key)}/example`, { query }).catch(() => null)
  // Whoever has chosen one meanwhile keeps it.
  if (sku.value === before && props.stored.key === key) sku.value = example?.sku ?? before
}
onMounted(chooseProduct)
const isByHand = ref(false)
function choose(row: ProductRow | null): void {
  isByHand.value = true
  sku.value = row?.product ?? ''
}
/** The list of what is found, by its name. */
const listProps: object = { 'aria-label': say.tryItOnAProduct }

/** The kinds of page that offers stand on. */
const kinds = pageKinds.filter(kind => pageTypes[kind].hasOffers)
const page = ref<PageKind>('product')
const address = computed(() => previewAddress(page.value, sku.value, who, 'draft'))
/** What stands in the frame, also after somebody put something into the cart there; null: it has not said so yet. */
const inFrame = shallowRef<ShownPage | null>(null)
watch(address, () => (inFrame.value = null))
/** Of the moment of adding, the page below it tells. */
const follow = (now: ShownPage) => page.value !== 'added' && (inFrame.value = now)

const atFirst = computed(() => ({
  draft: 1,
  cart: (page.value === 'cart' ? [...who.cart.filter(each => each !== sku.value), sku.value] : who.cart).join(),
  seen: who.seen.join(),
  ...(who.visitor && { visitor: who.visitor }),
  ...(who.language && { lang: who.language }),
  ...(who.day && { at: `${who.day}T12:00:00Z` }),
}))
const asked = computed(() => {
  const of = pageTypes[page.value].address.name ? `/${encodeURIComponent(sku.value)}` : ''
  return inFrame.value ?? { path: `/pages/${page.value}${of}`, query: atFirst.value }
})
const { answer, failed } = useAnswer(
  () => JSON.stringify([asked.value, store.edition]),
  60,
  async (_, signal) =>
    sku.value
      ? callApi(pageAnswerSchema, `/api/shop/v1${asked.value.path}`, { query: { ...asked.value.query, explain: 1 }, signal })
      : null,
)
const shown = computed(() => answer.value?.offers?.find(each => each.key === props.stored.key) ?? null)
const hidden = computed(() => answer.value?.hiddenOffers?.find(each => each.key === props.stored.key) ?? null)
/** When the offer is not for the product any more that was chosen by itself, another is. */
watch(answer, now => {
  if (now && !shown.value && !hidden.value && !isByHand.value && page.value === 'product') void chooseProduct()
})
const left = computed(() => shown.value?.left ?? hidden.value?.left ?? [])
const reasons = {
  inCart: say.isInTheCartAlready,
  notForSale: say.isNotForSale,
  hasChoices: say.hasChoices,
  outOfStock: say.isOutOfStock,
  offeredAbove: say.isOfferedByAnOffer,
  shownEarlier: say.isShownAbove,
}
const reasonsNotMade = {
  off: say.itIsSwitchedOff,
  notOnPlan: say.itHasNoPlace,
  nothingLeft: say.itIsNotShownBecauseNothingOf,
  partMissing: say.itIsNotShownBecause,
}
const state = computed(() => {
  if (!sku.value) return say.chooseAProductToSee
  if (!answer.value) return ''
  if (!props.stored.draft) return say.thisIsToBeRemoved
  if (shown.value) {
    const seen = isUnpublished(props.stored) ? say.shoppersWillSeeIt : say.shoppersSeeIt
    return seen(shown.value.left?.length ? say.withWhatIsLeftOf : '')
  }
  if (!hidden.value) return say.itIsNotForThis
  return reasonsNotMade[hidden.value.reason]
})
const frame = useTemplateRef('frame')
watch(
  () => store.edition,
  () => frame.value?.update(),
)
</script>

<template>
  <section class="try" :aria-label="say.whatShoppersSee">
    <div class="tools">
      <v-autocomplete
        v-model:search="words"
        :model-value="tried"
        :items="found"
        item-title="name"
        item-value="sku"
        return-object
        no-filter
        hide-no-data
        auto-select-first
        :placeholder="say.tryItOnAProduct"
        :aria-label="say.tryItOnAProduct"
        :list-props="listProps"
        @update:model-value="choose"
      >
        <template #item="{ props: item, internalItem }"><FoundProduct :row="internalItem.raw" :item="item" /></template>
      </v-autocomplete>
      <PageKindMenu v-model="page" :groups="[['', kinds]]" />
      <WhoAndWhen with-language />
      <DeviceChoice v-model="device" />
    </div>
    <div class="why" role="status">
      <p :class="{ wrong: failed }">{{ failed || state }}</p>
      <ul>
        <li v-for="item in shown?.items" :key="item.variant ?? item.sku">
          <ProductPicture :src="item.image" class="thumb" /><span class="cut">{{ item.name }}</span>
        </li>
        <li v-for="each in left" :key="each.sku" class="soft">
          <span class="cut">{{ each.name }}</span> {{ reasons[each.reason] }}
        </li>
      </ul>
    </div>
    <PreviewFrame
      v-if="sku"
      ref="frame"
      :address="`${address}#offer-${stored.key}`"
      :device="device"
      :title="say.thePage(pageWords[page])"
      @shows="follow"
    />
  </section>
</template>

<style scoped>
.try {
  display: flex;
  flex-direction: column;
  height: 100%;
  background: var(--paper);
}
.tools {
  container-type: inline-size;
  flex: none;
  display: flex;
  align-items: center;
  gap: 8px;
  padding: 12px;
  border-bottom: 1px solid var(--line-soft);
  background: var(--sheet);
}
.why {
  flex: none;
  max-height: 190px;
  overflow-y: auto;
  padding: 10px 16px;
  border-bottom: 1px solid var(--line-soft);
  background: var(--sheet);
}
p {
  margin: 0;
}
ul {
  margin: 4px 0 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 30px;
}
.thumb {
  width: 24px;
  height: 24px;
}
</style>
