<script setup lang="ts">
import { useDrafts } from '../../data/drafts'
import { useDraftWorkspace } from '../../data/useDraftWorkspace'
import { useOpened, useWorkspaceTitle } from '../../frame/useOpened'
import { bundlesWords } from './words/bundles'

const say = bundlesWords.offersWorkspace

/** Together offers, of the Bundles workspace: all of them, what the chosen one offers, and what shoppers see of it. */
const store = useDrafts()

const { key, open } = useOpened('/offers', () => store.offers[0]?.key ?? null)
const chosen = computed(() => store.offers.find(each => each.key === key.value) ?? null)
useWorkspaceTitle(say.offers, () => chosen.value && store.nameOf('offers', chosen.value.key))

const { load, ready, stepped } = useDraftWorkspace()
</script>

<template>
  <WorkspacePanes :load="load" :ready="ready" :sizes="[21, 41, 38]" @stepped="stepped">
    <template #list><OffersPane :chosen="key" @open="open" /></template>
    <OfferEditor v-if="chosen" :key="chosen.key" :stored="chosen" @open="open" />
    <BlankPane v-else-if="key" :title="say.thereIsNoOffer(key)">{{ say.itMayHaveBeenRemoved }}</BlankPane>
    <BlankPane v-else :title="say.noTogetherOffersYet">{{ say.offerProductsBesideAnotherOne }}</BlankPane>
    <template #beside><OfferTry v-if="chosen" :key="chosen.key" :stored="chosen" /></template>
  </WorkspacePanes>
</template>
