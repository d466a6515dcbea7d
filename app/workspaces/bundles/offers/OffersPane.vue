<script setup lang="ts">
import { upperFirst } from 'es-toolkit'
import { percentWords } from '../../../../core/money/percent'
import type { Offer, Offered } from '../../../../core/offers/offer'
import { offerDefaults } from '../../../../core/offers/offerDefaults'
import { isUnpublished } from '../../../../core/sections/versions'
import type { StoredOffer } from '../../../../core/studio/draftAnswers'
import { useDrafts } from '../../../data/drafts'
import { useStudioShop } from '../../../data/studioShop'
import { offersWords } from '../words/offers'

const say = offersWords.offersPane

/** All together offers, in the order in which they apply. */
defineProps<{ chosen: string | null }>()
const emit = defineEmits<{ open: [key: string] }>()
const store = useDrafts()
const studio = useStudioShop()

const whatWords: { [By in Offered['by']]: (offered: Extract<Offered, { by: By }>) => string } = {
  chosen: ({ skus }) => say.products(skus.length),
  links: ({ count, kind }) =>
    say.theFirstOf(count, studio.words(studio.allKinds.find(each => each.key === kind)?.plural ?? {}).toLowerCase()),
  rule: ({ count }) => say.byRule(count),
}
function wordsOf({ offered, reduction }: Offer): string {
  const what = whatWords[offered.by](offered as never)
  return reduction
    ? say.offWithPart(what, reduction.by === 'percent' ? percentWords(reduction.percent, studio.language) : studio.money(reduction.amount))
    : what
}
function stateOf({ live, draft }: StoredOffer): { name: string; words: string } {
  if (!draft) return { name: 'leaving', words: say.toBeRemoved }
  if (isUnpublished({ live, draft })) return { name: 'draft', words: live ? say.changed : say.draft }
  return { name: 'live', words: say.live }
}
const rows = computed(() =>
  store.offers.map(each => ({
    key: each.key,
    name: store.nameOf('offers', each.key),
    words: upperFirst(store.plannedWords('offers', each.key)) || (each.problems[0]?.words ?? wordsOf((each.draft ?? each.live)!)),
    state: stateOf(each),
  })),
)
async function add(): Promise<void> {
  const key = await store.addOffer({
    ...offerDefaults,
    heading: { [studio.shop!.settings.language]: say.takeItAlong },
    offered: { by: 'chosen', skus: [] },
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
      <RowNames :name="row.name" :more="row.words" />
      <span class="state" :class="row.state.name">{{ row.state.words }}</span>
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
