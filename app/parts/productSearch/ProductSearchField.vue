<script setup lang="ts">
import type { ProductRow } from '../../../core/workbench/workbench'
import { useEmptiedField } from './useEmptiedField'
import { useFoundProducts } from './useFoundProducts'

/** Finds a product to choose by its name or SKU. */
const props = defineProps<{
  label: string
  placeholder: string
  /** Name of the one that is chosen, said until another is typed. */ chosen?: string
  /** Those that shoppers can have alone. */ active?: boolean
}>()
const emit = defineEmits<{ choose: [row: ProductRow] }>()
const { words, isOpen, empty } = useEmptiedField()
const found = useFoundProducts(words, props.active ? { status: 'active' } : {})
function choose(row: ProductRow | null): void {
  if (row) emit('choose', row)
  void empty()
}
/** The list of what is found, by its name. */
const listProps = computed((): object => ({ 'aria-label': props.label }))
</script>

<template>
  <v-autocomplete
    v-model:search="words"
    v-model:menu="isOpen"
    :class="{ 'has-chosen': chosen }"
    :model-value="null"
    :items="found"
    item-title="name"
    item-value="sku"
    return-object
    no-filter
    hide-no-data
    auto-select-first
    persistent-placeholder
    :placeholder="chosen || placeholder"
    :aria-label="chosen ? `${label}: ${chosen}` : label"
    :list-props="listProps"
    @update:model-value="choose"
  >
    <template #item="{ props: item, internalItem }"><FoundProduct :row="internalItem.raw" :item="item" /></template>
  </v-autocomplete>
</template>

<style scoped>
.has-chosen :deep(.v-field:not(.v-field--focused) input.v-field__input::placeholder),
.has-chosen :deep(.v-field:not(.v-field--focused) .v-field__input input::placeholder) {
  color: var(--ink);
}
</style>
