<script setup lang="ts">
import type { OptionGroup } from '../../../../core/catalogue/bundle'
import { combinationTable } from '../../../../core/bundles/combinations'
import { rematched } from '../../../../core/bundles/editBundle'
import { useStudioShop } from '../../../data/studioShop'
import { useBundles } from '../bundles'
import PhMagicWand from '~icons/ph/magic-wand'
import PhTrash from '~icons/ph/trash'

/** A group of options, and the table of what each of their combinations is. */
const props = defineProps<{ group: OptionGroup }>()
const emit = defineEmits<{ change: [group: OptionGroup, typed?: boolean]; remove: []; find: [] }>()
const store = useBundles()
const studio = useStudioShop()

const table = computed(() => combinationTable(props.group))
const open = computed(() => table.value.filter(row => row.sku === undefined).length)
const state = computed(() => {
  if (open.value) return `${open.value} of ${table.value.length} ${open.value === 1 ? 'has' : 'have'} no product`
  return table.value.length ? `all ${table.value.length} decided` : ''
})
const match = () => emit('change', rematched(props.group, store.catalogue))
function rename({ target }: Event): void {
  const name = { ...props.group.name, [studio.shop!.settings.language]: (target as HTMLInputElement).value }
  emit('change', { ...props.group, name }, true)
}
</script>

<template>
  <section class="group" :aria-label="`Group ${studio.words(group.name)}`">
    <div class="head">
      <input v-typed="studio.words(group.name)" class="title" type="text" maxlength="80" aria-label="Name of the group" @input="rename" />
      <QuantityField
        :value="group.quantity"
        label="How many in one bundle"
        @change="quantity => emit('change', { ...group, quantity }, true)"
      /><span class="soft small in">in one bundle</span>
      <span class="grow" />
      <span class="small" :class="open ? 'wrong' : 'full'">{{ state }}</span>
      <button type="button" class="icon-button" aria-label="Remove the group" @click="emit('remove')">
        <PhTrash /><v-tooltip activator="parent" location="bottom">Remove the group</v-tooltip>
      </button>
    </div>
    <GroupOptions :group="group" @change="next => emit('change', next)">
      <button type="button" class="text-button" @click="emit('find')">Another product</button>
      <button type="button" class="text-button match" :disabled="!open" @click="match">
        <PhMagicWand width="15" height="15" />Match by options
      </button>
    </GroupOptions>
    <CombinationTable v-if="table.length" :group="group" :table="table" @change="next => emit('change', next)" />
    <p v-else class="soft small empty">Each option needs a value before there are combinations.</p>
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
