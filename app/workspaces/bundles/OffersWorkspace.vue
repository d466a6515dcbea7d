<script setup lang="ts">
import { Pane, Splitpanes } from 'splitpanes'
import { useHistory } from '../../data/history'
import { useOffers } from './offers/offers'
import { useStudioShop } from '../../data/studioShop'
import { labelSplitters } from '../../elements/labelSplitters'
import { useFollowing } from '../../data/useFollowing'

/** Together offers, of the Bundles workspace: all of them, what the chosen one offers, and what shoppers see of it. */
const route = useRoute()
const studio = useStudioShop()
const history = useHistory()
const store = useOffers()

const key = computed(() => String(route.params.offer ?? '') || null)
const chosen = computed(() => store.offers?.find(each => each.key === key.value) ?? null)
useHead({ title: () => (chosen.value ? `${studio.words(chosen.value.heading)} · Offers · Manada` : 'Offers · Manada') })
const open = (next: string | null) => navigateTo(next === null ? '/offers' : `/offers/${next}`)
// Without an offer in the address, the first is opened.
watch(
  [key, () => store.offers],
  () => {
    if (!key.value && store.offers?.length) void navigateTo(`/offers/${store.offers[0]!.key}`, { replace: true })
  },
  { immediate: true },
)

const load = () => Promise.all([studio.load(), history.load(), store.load()])
async function changed(things: { of: string }[] | null): Promise<void> {
  if (!things || things.some(each => each.of === 'offer' || each.of === 'product' || each.of === 'links' || each.of === 'kind'))
    await store.load()
}
const stepped = useFollowing(changed)
</script>

<template>
  <StudioFrame
    :load="load"
    :ready="studio.shop !== null && store.offers !== null"
    @stepped="stepped"
    @choose="sku => navigateTo(`/products/${encodeURIComponent(sku)}`)"
  >
    <Splitpanes @ready="labelSplitters" @resized="labelSplitters">
      <Pane :size="21" :min-size="15"><OffersPane :chosen="key" @open="open" /></Pane>
      <Pane :size="41" :min-size="28">
        <OfferEditor v-if="chosen" :key="chosen.key" :offer="chosen" @open="open" />
        <BlankPane v-else-if="key" :title="`There is no offer “${key}”`"
          >It may have been removed. Choose another in the list, or add one.</BlankPane
        >
        <BlankPane v-else title="No together offers yet"
          >Offer products beside another one, to be ticked and put into the cart with it; cheaper together, if you like. Add the first with
          + in the list.</BlankPane
        >
      </Pane>
      <Pane :size="38" :min-size="24"><OfferTry v-if="chosen" :key="chosen.key" :offer="chosen" /></Pane>
    </Splitpanes>
  </StudioFrame>
</template>
