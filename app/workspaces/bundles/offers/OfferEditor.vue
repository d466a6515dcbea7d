<script setup lang="ts">
import type { OfferSettings } from '../../../../core/offers/offer'
import { offerBlock } from '../../../../core/pagePlans/block'
import { isUnpublished } from '../../../../core/sections/versions'
import type { StoredOffer } from '../../../../core/studio/draftAnswers'
import { useDrafts } from '../../../data/drafts'
import { provideTranslations } from '../../../parts/naming/translatedThing'
import { offersWords } from '../words/offers'

const say = offersWords.offerEditor

/** One together offer: for which products it is, what it offers, what that costs less. Every change is a draft until it is published. */
const props = defineProps<{ stored: StoredOffer }>()
const emit = defineEmits<{ open: [key: string | null] }>()
const store = useDrafts()
const offer = computed(() => (props.stored.draft ?? props.stored.live)!)
provideTranslations('offers', toRef(props, 'stored'), store.sendAndTell)
const name = computed(() => store.nameOf('offers', props.stored.key))
const change = (settings: Partial<OfferSettings>, typing = false) => store.changeOffer(offer.value.key, settings, typing)

async function double(): Promise<void> {
  const { key: _, rank: __, ...settings } = offer.value
  const key = await store.addOffer({ ...settings, internalName: say.copy(name.value) })
  if (key) emit('open', key)
}
const discard = () => store.sendAndTell({ type: 'discard', sections: [], plans: [], offers: [offer.value.key] })
async function remove(): Promise<void> {
  const { key } = offer.value
  if ((await store.sendAndTell({ type: 'removeOffer', key })) && !store.storedOf('offers', key)) emit('open', null)
}
</script>

<template>
  <section class="editor" :aria-label="say.togetherOffer">
    <DraftHead
      :name="name"
      :sort="say.offer"
      of="offers"
      :stored="stored"
      :changed="isUnpublished(stored)"
      :unpublished="isUnpublished(stored)"
      :to-publish="{ offers: [stored.key] }"
    >
      <template #menu>
        <v-list-item :disabled="!stored.draft" @click="double"
          ><v-list-item-title>{{ say.duplicate }}</v-list-item-title></v-list-item
        >
        <v-list-item :disabled="!stored.live || !isUnpublished(stored)" @click="discard"
          ><v-list-item-title>{{ say.backToWhatIsLive }}</v-list-item-title></v-list-item
        >
        <v-list-item :disabled="!stored.draft" @click="remove"
          ><v-list-item-title>{{ say.remove }}</v-list-item-title></v-list-item
        >
      </template>
    </DraftHead>
    <div v-if="stored.draft" class="parts">
      <p v-for="problem in stored.problems" :key="problem.words" class="problem wrong" role="status">{{ problem.words }}</p>
      <OfferedWith :offer="offer" @change="change" />
      <OfferedPart :offer="offer" @change="change" />
      <ReductionPart :offer="offer" @change="change" />
      <OfferTextsPart :offer="offer" @change="change" />
      <OfferLookPart :offer="offer" @change="change" />
      <section class="part" :aria-label="say.whereItStands">
        <h2>{{ say.whereItStands }}</h2>
        <BlockPlaces :block="offerBlock(stored.key)" />
      </section>
      <section class="part" :aria-label="say.when">
        <h2>{{ say.when }}</h2>
        <OfferDates :offer="offer" @change="change" />
      </section>
    </div>
    <DraftLeaving v-else :sort="say.offer" @keep="discard" />
  </section>
</template>

<style scoped>
.editor {
  display: flex;
  flex-direction: column;
  height: 100%;
  background: var(--sheet);
}
.parts {
  flex: 1;
  overflow-y: auto;
}
.parts :deep(.part) {
  padding: 14px 18px;
  border-bottom: 1px solid var(--line-soft);
}
.parts :deep(h2) {
  margin-bottom: 8px;
  font-size: 14.5px;
}
.parts :deep(.line) {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  min-height: 38px;
  margin-top: 4px;
}
.parts :deep(.check) {
  flex-wrap: nowrap;
  cursor: pointer;
}
.parts :deep(.check input) {
  flex: none;
  width: 16px;
  height: 16px;
  accent-color: var(--petrol);
}
.problem {
  margin: 0;
  padding: 10px 18px;
  border-bottom: 1px solid var(--line-soft);
}
</style>
