<script setup lang="ts">
import type { Offer } from '../../../../core/offers/offer'
import { useOffers } from './offers'
import { useStudioShop } from '../../../data/studioShop'
import { offersWords } from '../words/offers'

const say = offersWords.offersPane

/** All together offers, in the order in which they apply. */
defineProps<{ chosen: string | null }>()
const emit = defineEmits<{ open: [key: string] }>()
const store = useOffers()
const studio = useStudioShop()

function wordsOf({ offered, reduction }: Offer): string {
  const what =
    offered.by === 'chosen'
      ? say.products(offered.skus.length)
      : say.theFirstOf(offered.count, studio.words(studio.allKinds.find(each => each.key === offered.kind)?.plural ?? {}).toLowerCase())
  return reduction ? say.offWithPart(what, reduction.by === 'percent' ? `${reduction.percent} %` : studio.money(reduction.amount)) : what
}
const rows = computed(() => store.offers ?? [])
async function add(): Promise<void> {
  const key = await store.add({
    heading: { [studio.shop!.settings.language]: say.takeItAlong },
    active: false,
    trigger: null,
    offered: { by: 'chosen', skus: [] },
    reduction: null,
    limit: 1,
    partly: 'shrink',
    stacks: false,
    from: null,
    until: null,
  })
  if (key) emit('open', key)
}
</script>

<template>
  <ListPane
    :label="say.togetherOffers"
    :rows="rows"
    :chosen="chosen"
    attribute="data-offer"
    @open="key => emit('open', key)"
    @move="(key, place) => store.sendAndTell({ type: 'rankOffer', key, place })"
  >
    <template #head
      ><BundlesOrOffers on="offers"><AddButton :label="say.addATogetherOffer" @add="add" /></BundlesOrOffers
    ></template>
    <template #default="{ row, index }">
      <span class="rank soft">{{ index + 1 }}</span>
      <RowNames :name="studio.words(row.heading) || row.key" :more="wordsOf(row)" />
      <span class="state" :class="row.active ? 'live' : 'draft'">{{ row.active ? say.active : say.off }}</span>
    </template>
    <template #foot>
      <p v-if="rows.length > 1" class="small soft keys"><span class="key">Alt ↑ ↓</span> {{ say.movesAnOfferTheFirst }}</p>
    </template>
  </ListPane>
</template>

<style scoped>
.rank {
  width: 16px;
  text-align: right;
}
.keys {
  margin: 0;
  padding: 10px 12px;
}
</style>
