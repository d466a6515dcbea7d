<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import type { ShownPage } from '../../../../core/delivery/shownPage'
import type { PageKind } from '../../../../core/pageTypes/registry'
import { pageKinds, pageTypes } from '../../../../core/pageTypes/registry'
import type { ProductRow } from '../../../../core/workbench/workbench'
import { isUnpublished } from '../../../../core/sections/versions'
import type { StoredOffer } from '../../../../core/studio/draftAnswers'
import { offerExampleSchema } from '../../../../core/studio/draftAnswers'
import { useDrafts } from '../../../data/drafts'
import type { Device } from '../../../parts/preview/devices'
import { namedProducts } from '../../../data/namedProducts'
import { callApi } from '../../../data/callApi'
import { previewAddress } from '../../../parts/preview/previewAddress'
import { useTried } from '../../../parts/preview/tried'
import { pageWords } from '../../../parts/sections/sectionWords'
import { offersWords } from '../words/offers'
import { useOfferTried } from './useOfferTried'

const say = offersWords.offerTry

/** What shoppers will see of an offer on a product's page, what is missing from it and why, and the page itself. */
const props = defineProps<{ stored: StoredOffer }>()
const store = useDrafts()

const sku = useLocalStorage('manada-offer-tried', '')
/** Who looks, here and in every other try-out. */
const who = useTried()
const device = useLocalStorage<Device>('manada-offer-device', 'phone')
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
function choose(row: ProductRow): void {
  isByHand.value = true
  sku.value = row.product
}

/** The kinds of page that offers stand on. */
const kinds = pageKinds.filter(kind => pageTypes[kind].hasOffers)
const page = ref<PageKind>('product')
/** Said from the beginning, so that the page is not loaded once more when it is known whether the offer is for the product. */
const as = computed(() => (props.stored.draft ? { offer: props.stored.key } : {}))
const address = computed(() => previewAddress(page.value, sku.value, who, 'draft', undefined, as.value))
/** What stands in the frame, also after somebody put something into the cart there; null: it has not said so yet. */
const inFrame = shallowRef<ShownPage | null>(null)
watch(address, () => (inFrame.value = null))
/** Of the moment of adding, the page below it tells. */
const follow = (now: ShownPage) => page.value !== 'added' && (inFrame.value = now)

const atFirst = computed(() => ({
  draft: '1',
  cart: (page.value === 'cart' ? [...who.cart.filter(each => each !== sku.value), sku.value] : who.cart).join(),
  seen: who.seen.join(),
  ...(who.visitor && { visitor: who.visitor }),
  ...(who.language && { lang: who.language }),
  ...(who.day && { at: `${who.day}T12:00:00Z` }),
}))
const asked = computed((): ShownPage | null => {
  const of = pageTypes[page.value].address.name ? `/${encodeURIComponent(sku.value)}` : ''
  return sku.value ? (inFrame.value ?? { path: `/pages/${page.value}${of}`, query: atFirst.value }) : null
})
const { answer, failed, shown, hidden, lacks } = useOfferTried(
  () => props.stored,
  () => asked.value,
)
/** When the offer is not for the product any more that was chosen by itself, another is. */
watch([lacks, answer], () => {
  if (lacks.value === 'product' && !isByHand.value && page.value === 'product') void chooseProduct()
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
const lacksWords = { product: say.itIsNotForThis, place: say.planHasNoPlace }
const state = computed(() => {
  if (!sku.value) return say.chooseAProductToSee
  if (!answer.value) return ''
  if (!props.stored.draft) return say.thisIsToBeRemoved
  if (lacks.value) return `${lacksWords[lacks.value]} ${hidden.value ? reasonsNotMade[hidden.value.reason] : say.shownAsIf}`
  if (shown.value) {
    const seen = isUnpublished(props.stored) ? say.shoppersWillSeeIt : say.shoppersSeeIt
    return seen(shown.value.left?.length ? say.withWhatIsLeftOf : '')
  }
  return hidden.value ? reasonsNotMade[hidden.value.reason] : ''
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
      <ProductSearchField :label="say.tryItOnAProduct" :placeholder="say.tryItOnAProduct" :chosen="tried?.name" active @choose="choose" />
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
