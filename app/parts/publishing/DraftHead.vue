<script setup lang="ts">
import type { DraftedSort } from '../../../core/releases/draftedSorts'
import { useDrafts } from '../../data/drafts'
import { useMe } from '../../data/me'
import type { ToPublish } from '../../../core/releases/toPublish'
import { useShortcut } from '../../elements/useShortcut'
import { openPublishing } from './ticked'
import { publishingWords } from './words'

const say = publishingWords.draftHead
/** The head of what has drafts: what it is called, whether shoppers have it, what else can be done with it, and its publishing. */
const props = defineProps<{
  name: string
  /** What sort of thing it is, for its menu. */ sort: string
  of: DraftedSort
  stored: { key: string; live: object | null; draft: object | null }
  /** It is not as shoppers have it. */
  changed: boolean
  /** The same, or something that belongs to it is not. */
  unpublished: boolean
  /** What is ticked when somebody comes to publish it. */
  toPublish: ToPublish
}>()
const store = useDrafts()
const me = useMe()
const publish = () => openPublishing(props.toPublish)
const unpublish = () => store.sendAndTell({ type: 'unpublish', sections: [], plans: [], [props.of]: [props.stored.key] })
defineSlots<{
  /** Beside the name. */ beside?(): unknown
  /** Before the menu. */ tools?(): unknown
  /** Entries of the menu. */ menu(): unknown
}>()
const state = computed(() => {
  if (!props.stored.draft) return { name: 'leaving', words: say.toBeRemoved }
  const planned = store.plannedWords(props.of, props.stored.key)
  if (planned) return { name: 'draft', words: planned }
  return props.changed ? { name: 'draft', words: props.stored.live ? say.changed : say.draft } : { name: 'live', words: say.live }
})
useShortcut('p', () => props.unpublished && publish())
</script>

<template>
  <EditorHead :name="name" :sort="sort" :state="state">
    <template #beside><slot name="beside" /></template>
    <template #tools><slot name="tools" /></template>
    <template #menu>
      <slot name="menu" />
      <v-list-item :disabled="!stored.live || !me.may('publisher')" @click="unpublish"
        ><v-list-item-title>{{ say.takeItFromShoppers }}</v-list-item-title></v-list-item
      >
    </template>
    <button type="button" class="main-button" :disabled="!unpublished" aria-keyshortcuts="P" @click="publish">
      {{ say.publish
      }}<v-tooltip activator="parent" location="bottom"
        >{{ unpublished ? say.whatShoppersDontHaveYet : say.shoppersHaveAllOfIt }}<span class="key">P</span></v-tooltip
      >
    </button>
  </EditorHead>
</template>
