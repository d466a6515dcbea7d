<script setup lang="ts">
import type { Offer, OfferSettings } from '../../../../core/offers/offer'
import type { AmountToken, OfferTexts } from '../../../../core/offers/offerTexts'
import { amountTokens, unknownTokens } from '../../../../core/offers/offerTexts'
import { listed } from '../../../../core/text/sentence'
import type { Text } from '../../../../core/text/text'
import { useStudioShop } from '../../../data/studioShop'
import { offersWords } from '../words/offers'

const say = offersWords.offerTextsPart

/** All that an offer says, in every language of the shop. Where it has no words of its own, shoppers read the shop's. */
const props = defineProps<{ offer: Offer }>()
const emit = defineEmits<{ change: [settings: Partial<OfferSettings>, typing?: boolean] }>()
const studio = useStudioShop()

const amountWords: Record<AmountToken, string> = {
  count: say.howMany,
  total: say.theTotal,
  before: say.theTotalBefore,
  saving: say.theSaving,
}
const inTexts = amountTokens.map(token => [token, amountWords[token]] as const)
const fields: [keyof OfferTexts, string, string][] = [
  ['button', say.button, say.shopsButton],
  ['total', say.total, say.shopsTotal],
  ['before', say.totalBefore, say.shopsBefore],
  ['saving', say.saving, say.shopsSaving],
]
/** Tokens stand for amounts that are known there. */
function check(words: string): string {
  const [unknown] = unknownTokens([{ '': words }], amountTokens)
  return unknown === undefined ? '' : say.nothingStandsFor(unknown, listed(amountTokens.map(each => `{${each}}`)))
}
const setText = (which: keyof OfferTexts, text: Text, typing: boolean) =>
  emit('change', { texts: { ...props.offer.texts, [which]: text } }, typing)
const isOwn = computed(() => Object.values(props.offer.texts).some(text => Object.keys(text).length > 0))
const unfolded = ref(isOwn.value)
</script>

<template>
  <section class="part" :aria-label="say.whatItSays">
    <h2>{{ say.whatItSays }}</h2>
    <InternalName
      :name="offer.internalName"
      :heading="studio.words(offer.heading)"
      @change="internalName => emit('change', { internalName })"
    />
    <span class="small soft">{{ say.heading }}</span>
    <LanguageFields
      live
      named="heading"
      :text="offer.heading"
      :label="say.heading"
      :most="100"
      @change="(heading, typing) => emit('change', { heading }, typing)"
    />
    <button type="button" class="text-button more" :aria-expanded="unfolded" @click="unfolded = !unfolded">
      {{ unfolded ? say.foldAway : say.otherWords }}
    </button>
    <TokenFields v-if="unfolded" :tokens="inTexts">
      <div v-for="[which, label, hint] in fields" :key="which">
        <span class="small soft">{{ label }}</span>
        <LanguageFields
          live
          :named="which"
          :text="offer.texts[which]"
          :label="label"
          :most="100"
          :instead="hint"
          :check="check"
          @change="(text, typing) => setText(which, text, typing)"
        />
      </div>
      <p class="small soft">{{ say.onlyWhere }}</p>
    </TokenFields>
  </section>
</template>

<style scoped>
.more {
  margin: 10px 0 6px;
}
p {
  margin: 0;
}
</style>
