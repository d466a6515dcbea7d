<script setup lang="ts">
import type { PlanScope } from '../../../core/pagePlans/pagePlan'
import type { ScopePart } from '../../../core/pagePlans/planWords'
import { parseMoney, plainMoney } from '../../../core/money/money'
import { useStudioShop } from '../../data/studioShop'
import { scopesWords } from './words'

const say = scopesWords.scopeForm

/** One sort of thing that a plan is for. */
const props = defineProps<{ field: ScopePart['of']; scope: PlanScope }>()
const emit = defineEmits<{ change: [part: Partial<PlanScope>]; close: [] }>()
const studio = useStudioShop()
if (props.field === 'brands' || props.field === 'tags') void studio.loadFacets()
const money = {
  read: (typed: string) => parseMoney(typed, studio.currency),
  write: (amount: number) => plainMoney(amount, studio.currency),
}
const values = computed(() => ((props.field === 'brands' ? studio.facets?.brands : studio.facets?.tags) ?? []).map(each => each.value))
const choice = { multiple: true, chips: true, closableChips: true, autofocus: true, autoSelectFirst: true, menuProps: { maxHeight: 320 } }
</script>

<template>
  <v-card class="studio form" rounded="lg" role="dialog" :aria-label="say.which">
    <template v-if="field === 'categories'">
      <label for="scope-field">{{ say.anyOfTheseCategoriesAnd }}</label>
      <v-autocomplete
        id="scope-field"
        :model-value="scope.categories"
        :items="studio.categoryChoices"
        v-bind="choice"
        @update:model-value="categories => emit('change', { categories })"
      />
    </template>
    <template v-else-if="field === 'brands' || field === 'tags'">
      <label for="scope-field">{{ field === 'brands' ? say.anyOfTheseBrands : say.anyOfTheseTags }}</label>
      <v-autocomplete
        id="scope-field"
        :model-value="scope[field]"
        :items="values"
        v-bind="choice"
        @update:model-value="chosen => emit('change', { [field]: chosen })"
      />
    </template>
    <template v-else-if="field === 'price'">
      <p class="small soft">{{ say.aPriceInThisRange }}</p>
      <RangeFields :range="scope.price ?? {}" :unit="studio.currency" v-bind="money" @change="price => emit('change', { price })" />
    </template>
    <ProductsField v-else :skus="scope.products" @change="products => emit('change', { products })" />
    <div class="ways">
      <button type="button" class="plain-button" @click="emit('close')">{{ say.done }}</button>
    </div>
  </v-card>
</template>

<style scoped>
.form {
  display: grid;
  gap: 8px;
  width: 360px;
  padding: 14px 16px;
}
label {
  color: var(--ink-soft);
  font-size: 13px;
}
p {
  margin: 0;
}
.ways {
  display: flex;
  justify-content: flex-end;
}
</style>
