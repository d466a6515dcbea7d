<script setup lang="ts">
import type { Offer, OfferSettings } from '../../../../core/offers/offer'
import type { OfferLayout, OfferPart } from '../../../../core/offers/offerDisplay'
import { offerPartSchema, offerPartsSchema } from '../../../../core/offers/offerDisplay'
import { offersWords } from '../words/offers'

const say = offersWords.offerLookPart

/** How an offer stands on the page: its layout, what it shows of each product, and its look. */
const props = defineProps<{ offer: Offer }>()
const emit = defineEmits<{ change: [settings: Partial<OfferSettings>, typing?: boolean] }>()
const layouts = [
  ['checklist', say.checklist],
  ['list', say.list],
  ['row', say.row],
] as const satisfies [OfferLayout, string][]
const hints: Record<OfferLayout, string> = { checklist: say.someCanBeTaken, list: say.allAreTaken, row: say.allAreTaken }
const parts = [
  ['picture', say.picture],
  ['name', say.name],
  ['price', say.price],
  ['was', say.priceBefore],
] as const satisfies [OfferPart, string][]
const toggled = (part: OfferPart) => offerPartSchema.options.filter(each => (each === part) !== props.offer.parts.includes(each))
const toggle = (part: OfferPart) => emit('change', { parts: toggled(part) })
/** One of what products are known by stays. */
const fixed = computed(() => offerPartSchema.options.filter(part => !offerPartsSchema.safeParse(toggled(part)).success))
</script>

<template>
  <section class="part" :aria-label="say.howItLooks">
    <h2>{{ say.howItLooks }}</h2>
    <div class="line">
      <ChoiceGroup
        :model-value="offer.layout"
        :label="say.layout"
        :choices="layouts"
        @update:model-value="layout => emit('change', { layout })"
      />
      <span class="small soft">{{ hints[offer.layout] }}</span>
    </div>
    <ToggleChips
      :label="say.eachProductShows"
      :choices="parts"
      :chosen="offer.parts"
      :fixed="fixed"
      class="line"
      @toggle="part => toggle(part)"
    />
    <LookPart :look="offer.look" class="look" @change="(look, typing) => emit('change', { look }, typing)" />
  </section>
</template>

<style scoped>
.look {
  margin-top: 10px;
}
</style>
