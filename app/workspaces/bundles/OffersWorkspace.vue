<script setup lang="ts">
import { useHistory } from '../../data/history'
import { useStudioShop } from '../../data/studioShop'
import { useFollowing } from '../../data/useFollowing'
import { useOpened, useWorkspaceTitle } from '../../frame/useOpened'
import { useOffers } from './offers/offers'
import { bundlesWords } from './words/bundles'

const say = bundlesWords.offersWorkspace

/** Together offers, of the Bundles workspace: all of them, what the chosen one offers, and what shoppers see of it. */
const studio = useStudioShop()
const history = useHistory()
const store = useOffers()

const { key, open } = useOpened('/offers', () => store.offers?.[0]?.key ?? null)
const chosen = computed(() => store.offers?.find(each => each.key === key.value) ?? null)
useWorkspaceTitle(say.offers, () => chosen.value && studio.words(chosen.value.heading))

const load = () => Promise.all([studio.load(), history.load(), store.load()])
const stepped = useFollowing(async things => {
  if (!things || things.some(each => ['offer', 'product', 'links', 'kind'].includes(each.of))) await store.load()
})
</script>

<template>
  <WorkspacePanes :load="load" :ready="studio.shop !== null && store.offers !== null" :sizes="[21, 41, 38]" @stepped="stepped">
    <template #list><OffersPane :chosen="key" @open="open" /></template>
    <OfferEditor v-if="chosen" :key="chosen.key" :offer="chosen" @open="open" />
    <BlankPane v-else-if="key" :title="say.thereIsNoOffer(key)">{{ say.itMayHaveBeenRemoved }}</BlankPane>
    <BlankPane v-else :title="say.noTogetherOffersYet">{{ say.offerProductsBesideAnotherOne }}</BlankPane>
    <template #beside><OfferTry v-if="chosen" :key="chosen.key" :offer="chosen" /></template>
  </WorkspacePanes>
</template>
