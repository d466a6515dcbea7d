<script setup lang="ts">
import { isEqual } from 'es-toolkit'
import type { Offer, OfferSettings, OfferTrigger } from '../../../../core/offers/offer'
import type { PlanScope } from '../../../../core/pagePlans/pagePlan'
import { emptyScope } from '../../../../core/pagePlans/pagePlan'
import PhPlus from '~icons/ph/plus'
import { offersWords } from '../words/offers'

const say = offersWords.offeredWith

/** The products that an offer is for: all, or those that have one of some traits, and one of others, and none of more. */
const props = defineProps<{ offer: Offer }>()
const emit = defineEmits<{ change: [settings: Partial<OfferSettings>] }>()
const choices = [
  ['every', say.everyProduct],
  ['some', say.someProducts],
] as const
/** What was said stays while “every product” is tried. */
const kept = shallowRef<OfferTrigger>({ all: [emptyScope], except: emptyScope })
watch(
  () => props.offer.trigger,
  now => now && (kept.value = now),
  { immediate: true },
)
const trigger = computed(() => props.offer.trigger)
const set = (part: Partial<OfferTrigger>) => trigger.value && emit('change', { trigger: { ...trigger.value, ...part } })
const offerWith = (which: 'every' | 'some') => emit('change', { trigger: which === 'every' ? null : (trigger.value ?? kept.value) })
const setAll = (i: number, part: Partial<PlanScope>) => set({ all: trigger.value!.all.with(i, { ...trigger.value!.all[i]!, ...part }) })
const mostAll = 4
const drop = (i: number) => set({ all: trigger.value!.all.toSpliced(i, 1) })
const canAskForMore = computed(() => trigger.value && trigger.value.all.length < mostAll && !isEqual(trigger.value.all.at(-1), emptyScope))
</script>

<template>
  <section class="part" :aria-label="say.whatItIsFor">
    <h2>{{ say.offeredWith }}</h2>
    <ChoiceGroup :model-value="trigger ? 'some' : 'every'" :label="say.offeredWith" :choices="choices" @update:model-value="offerWith" />
    <div v-if="trigger" class="asked">
      <div v-for="(scope, i) in trigger.all" :key="i" class="row" role="group" :aria-label="i ? say.andOf : say.thatAre">
        <span class="small soft">{{ i ? say.and : say.thatAre }}</span>
        <ScopeChips :scope="scope" :ask="say.sayWhich" @change="part => setAll(i, part)" />
        <button v-if="trigger.all.length > 1" type="button" class="text-button" @click="drop(i)">{{ say.takeOut }}</button>
      </div>
      <div class="row" role="group" :aria-label="say.butNot">
        <span class="small soft">{{ say.butNot }}</span>
        <ScopeChips :scope="trigger.except" :ask="say.nothing" @change="part => set({ except: { ...trigger!.except, ...part } })" />
      </div>
      <button v-if="canAskForMore" type="button" class="text-button more" @click="set({ all: [...trigger.all, emptyScope] })">
        <PhPlus width="13" height="13" />{{ say.askForMore }}
      </button>
    </div>
  </section>
</template>

<style scoped>
.asked {
  display: grid;
  gap: 8px;
  margin-top: 10px;
}
.row {
  display: grid;
  grid-template-columns: 58px minmax(0, 1fr) auto;
  align-items: baseline;
  gap: 8px;
}
.more {
  display: flex;
  align-items: center;
  gap: 5px;
}
</style>
