<script setup lang="ts">
import { upperFirst } from 'es-toolkit'
import { houseKey } from '../../../../core/looks/look'
import type { StoredLook } from '../../../../core/studio/draftAnswers'
import { isUnpublished } from '../../../../core/sections/versions'
import { useDrafts } from '../../../data/drafts'
import { useStudioShop } from '../../../data/studioShop'
import { looksWords } from '../words/looks'

const say = looksWords.looksPane

/** All looks, the shop's own first, with how much has each. */
defineProps<{ chosen: string | null }>()
const emit = defineEmits<{ open: [key: string] }>()
const store = useDrafts()
const studio = useStudioShop()

const nameOf = ({ key, live, draft }: StoredLook) => studio.words((draft ?? live)!.name) || key
const usedBy = (users: number) => (users ? say.haveIt(users) : say.nothingHasIt)
const usedWords = (key: string) => (key === houseKey ? say.accentFontsAndWhatAll : usedBy(store.lookUsers(key).length))
const rows = computed(() =>
  store.looks
    .map(each => ({
      ...each,
      name: nameOf(each),
      parts: store.lookBook.partsOf({ preset: each.key, own: {} }),
      where: upperFirst(store.plannedWords('looks', each.key)) || usedWords(each.key),
    }))
    .sort((a, b) => Number(b.key === houseKey) - Number(a.key === houseKey) || a.name.localeCompare(b.name)),
)

async function add(): Promise<void> {
  const key = await store.addLook({ name: { [studio.shop!.settings.language]: say.newLook }, parts: {}, page: null })
  if (key) emit('open', key)
}
</script>

<template>
  <ListPane :label="say.looks" :rows="rows" :chosen="chosen" attribute="data-look" @open="key => emit('open', key)">
    <template #head
      ><SectionsOrLooks on="looks"><AddButton :label="say.addALook" @add="add" /></SectionsOrLooks
    ></template>
    <template #default="{ row }">
      <LookSwatch :parts="row.parts" :page="store.lookBook.page" class="swatch" />
      <RowNames :name="row.name" :more="row.where" />
      <span v-if="!row.draft" class="state leaving">{{ say.toBeRemoved }}</span>
      <span v-else-if="isUnpublished(row)" class="state draft">{{ row.live ? say.changed : say.draft }}</span>
    </template>
  </ListPane>
</template>

<style scoped>
.swatch {
  flex: none;
  box-shadow: 0 0 0 1px var(--line-soft);
}
</style>
