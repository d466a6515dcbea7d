<script setup lang="ts">
import type { Offer, Offered, OfferSettings } from '../../../../core/offers/offer'
import PhPlus from '~icons/ph/plus'
import { offersWords } from '../words/offers'

const say = offersWords.offeredPart

/** What an offer offers, and what comes instead when nothing can be had of it. */
const props = defineProps<{ offer: Offer }>()
const emit = defineEmits<{ change: [settings: Partial<OfferSettings>] }>()
/** More products than this crowd an offer: common practice. */
const handful = 4
const countOf = (offered: Offered) => (offered.by === 'chosen' ? offered.skus.length : offered.count)
const isCrowded = computed(() => [props.offer.offered, ...props.offer.fallbacks].some(each => countOf(each) > handful))
const mostFallbacks = 3
const setFallback = (i: number, offered: Offered) => emit('change', { fallbacks: props.offer.fallbacks.with(i, offered) })
const addFallback = () => emit('change', { fallbacks: [...props.offer.fallbacks, { by: 'chosen', skus: [] }] })
const dropFallback = (i: number) => emit('change', { fallbacks: props.offer.fallbacks.toSpliced(i, 1) })
const fallbackName = (i: number) => (i ? say.insteadNumber(i + 1) : say.instead)
</script>

<template>
  <section class="part" :aria-label="say.whatIsOffered">
    <h2>{{ say.whatIsOffered }}</h2>
    <WayToOffer :offered="offer.offered" :label="say.whatIsOffered" @change="offered => emit('change', { offered })" />
    <div v-for="(each, i) in offer.fallbacks" :key="i" class="instead" role="group" :aria-label="fallbackName(i)">
      <h3>
        {{ say.whenNothing }}
        <button type="button" class="text-button" :aria-label="say.takeOut(fallbackName(i))" @click="dropFallback(i)">
          {{ say.takeOutWord }}
        </button>
      </h3>
      <WayToOffer :offered="each" :label="fallbackName(i)" @change="offered => setFallback(i, offered)" />
    </div>
    <p v-if="isCrowded" class="small crowded" role="status">{{ say.crowds(handful) }}</p>
    <button v-if="offer.fallbacks.length < mostFallbacks" type="button" class="text-button more" @click="addFallback">
      <PhPlus width="13" height="13" />{{ say.addInstead }}
    </button>
    <label class="line check"
      ><input
        type="checkbox"
        :checked="offer.partly === 'hide'"
        @change="emit('change', { partly: ($event.target as HTMLInputElement).checked ? 'hide' : 'shrink' })"
      />{{ say.allOrNothing }}</label
    >
  </section>
</template>

<style scoped>
.crowded {
  margin: 8px 0 0;
  color: var(--saffron-ink);
}
.instead {
  margin-top: 12px;
  padding-top: 10px;
  border-top: 1px dashed var(--line);
}
h3 {
  display: flex;
  align-items: baseline;
  justify-content: space-between;
  margin: 0 0 6px;
  font: 550 13.5px/1.3 var(--text);
}
.more {
  display: flex;
  align-items: center;
  gap: 5px;
  margin-top: 10px;
}
</style>
