<script setup lang="ts">
import type { OptionGroup } from '../../../../core/catalogue/bundle'
import { maxPieces } from '../../../../core/catalogue/bundle'
import { combinationTable } from '../../../../core/bundles/combinations'
import { groupText } from '../../../../core/releases/draftedSorts'
import { rematched } from '../../../../core/bundles/editBundle'
import { useStudioShop } from '../../../data/studioShop'
import { useBundles } from '../bundles'
import PhMagicWand from '~icons/ph/magic-wand'
import PhTrash from '~icons/ph/trash'
import { contentsWords } from '../words/contents'

const say = contentsWords.groupCard

/** A group of options, and the table of what each of their combinations is. */
const props = defineProps<{ group: OptionGroup }>()
const emit = defineEmits<{ change: [group: OptionGroup, typed?: boolean]; remove: []; find: [] }>()
const store = useBundles()
const studio = useStudioShop()

const table = computed(() => combinationTable(props.group))
const open = computed(() => table.value.filter(row => row.sku === undefined).length)
const state = computed(() => {
  if (open.value) return say.ofNoProduct(open.value, table.value.length, open.value === 1 ? say.has : say.have)
  return table.value.length ? say.allDecided(table.value.length) : ''
})
const match = () => emit('change', rematched(props.group, store.catalogue))
const { language: own, languages } = studio.shop!.settings
const others = languages.filter(each => each !== own)
function rename(language: string, { target }: Event): void {
  const name = { ...props.group.name, [language]: (target as HTMLInputElement).value }
  emit('change', { ...props.group, name }, true)
}
</script>

<template>
  <section class="group" :aria-label="say.group(studio.words(group.name))">
    <div class="head">
      <input
        v-typed="studio.words(group.name)"
        class="title"
        type="text"
        maxlength="80"
        :aria-label="say.nameOfTheGroup"
        @input="rename(own, $event)"
      />
      <QuantityField
        :value="group.quantity"
        :max="group.oneByOne ? maxPieces : undefined"
        :label="say.howManyInOneBundle"
        @change="quantity => emit('change', { ...group, quantity }, true)"
      /><span class="soft small in">{{ say.inOneBundle }}</span>
      <PiecesChoice
        :name="studio.words(group.name)"
        :quantity="group.quantity"
        :one-by-one="group.oneByOne"
        @change="oneByOne => emit('change', { ...group, oneByOne })"
      />
      <span class="grow" />
      <span class="small" :class="open ? 'wrong' : 'full'">{{ state }}</span>
      <button type="button" class="icon-button" :aria-label="say.removeTheGroup" @click="emit('remove')">
        <PhTrash /><v-tooltip activator="parent" location="bottom">{{ say.removeTheGroup }}</v-tooltip>
      </button>
    </div>
    <div v-for="each in others" :key="each">
      <div class="head other">
        <span class="small soft">{{ each }}</span>
        <input
          v-typed="group.name[each] ?? ''"
          class="title"
          type="text"
          maxlength="80"
          :placeholder="studio.words(group.name)"
          :aria-label="say.nameOfTheGroupIn(each)"
          @input="rename(each, $event)"
        />
      </div>
      <OlderWords class="older" :text="groupText(group.key)" :language="each" />
    </div>
    <GroupOptions :group="group" @change="next => emit('change', next)">
      <button type="button" class="text-button" @click="emit('find')">{{ say.anotherProduct }}</button>
      <button type="button" class="text-button match" :disabled="!open" @click="match">
        <PhMagicWand width="15" height="15" />{{ say.matchByOptions }}
      </button>
    </GroupOptions>
    <CombinationTable v-if="table.length" :group="group" :table="table" @change="next => emit('change', next)" />
    <p v-else class="soft small empty">{{ say.eachOptionNeedsAValue }}</p>
  </section>
</template>

<style scoped>
.head .icon-button svg {
  width: 16px;
  height: 16px;
}
.group {
  padding: 12px 18px 14px;
  border-bottom: 1px solid var(--line-soft);
}
.head {
  display: flex;
  align-items: center;
  gap: 8px;
}
.title {
  flex: 0 1 190px;
  min-width: 60px;
  height: 30px;
  margin-left: -7px;
  padding: 0 6px;
  border: 1px solid transparent;
  border-radius: 6px;
  background: none;
  color: inherit;
  font: 650 14.5px/1 var(--head);
}
.older {
  margin: 0 0 6px 28px;
}
.other span {
  width: 20px;
}
.other .title {
  margin-left: -9px;
  font: 14px/1 var(--text);
}
.title:hover {
  border-color: var(--line);
}
.title:focus-visible {
  outline: 2px solid var(--petrol);
  outline-offset: 0;
  background: var(--sheet);
}
.grow {
  flex: 1;
}
.in,
.head .wrong,
.full {
  white-space: nowrap;
}
.full {
  color: var(--moss-ink);
  font-weight: 600;
}
.match {
  display: flex;
  align-items: center;
  gap: 5px;
}
.empty {
  margin: 8px 0 0;
}
</style>
