<script setup lang="ts">
import { parseMoney, plainMoney } from '../../../core/money/money'
import type { TargetTest } from '../../../core/rules/rule'
import { useDrafts } from '../../data/drafts'
import { useStudioShop } from '../../data/studioShop'
import type { TestSort } from './ruleTests'
import { sortOf } from './ruleTests'
import { rulesWords } from './words'

const say = rulesWords.ruleTest

/** One thing that a rule asks, with fields for all of it. */
const props = defineProps<{ test: TargetTest; sorts: readonly TestSort[] }>()
const emit = defineEmits<{ change: [test: TargetTest] }>()
const studio = useStudioShop()
const store = useDrafts()

const sort = computed(() => sortOf(props.test))
function choose(name: string): void {
  const next = props.sorts.find(each => each.name === name)!
  emit('change', next.make({ category: studio.categories[0]?.key ?? '', attribute: store.answer?.attributes[0] ?? '' }))
}
const listOf = (list: { value: string }[] | undefined) => (list ?? []).map(each => each.value)
const valuesOf = (attribute: string) => listOf(studio.facets?.attributes.find(each => each.name === attribute)?.values)

const whole = (typed: string) => (/^\d{1,9}$/.test(typed.trim()) ? Number(typed) : null)
const percent = (typed: string) => (/^\d{1,6}([.,]\d{1,2})?$/.test(typed.trim()) ? Number(typed.replace(',', '.')) : null)
const money = {
  read: (typed: string) => parseMoney(typed, studio.currency),
  write: (amount: number) => plainMoney(amount, studio.currency),
}
/** The value that an attribute is to have; null: any. */
function setValue(value: string | null): void {
  if ('has' in props.test) emit('change', { has: { of: 'attribute', name: props.test.has.name, ...(value ? { value } : {}) } })
}
const compared = [
  { value: 'same', title: say.theSame },
  { value: 'different', title: say.another },
]
</script>

<template>
  <div class="test">
    <v-select
      class="sort"
      :model-value="sort.name"
      :items="sorts"
      item-title="words"
      item-value="name"
      :aria-label="say.whatIsAsked"
      @update:model-value="choose"
    />
    <template v-if="'has' in test">
      <v-autocomplete
        v-if="test.has.of === 'category'"
        class="wide"
        :model-value="test.has.name"
        :items="studio.categoryChoices"
        auto-select-first
        :aria-label="say.category"
        @update:model-value="(name: string | null) => name && emit('change', { has: { of: 'category', name } })"
      />
      <v-autocomplete
        v-else-if="test.has.of === 'brand'"
        class="wide"
        :model-value="test.has.name || null"
        :items="listOf(studio.facets?.brands)"
        auto-select-first
        :placeholder="say.whichBrand"
        :aria-label="say.brand"
        @update:model-value="(name: string | null) => name && emit('change', { has: { of: 'brand', name } })"
      />
      <v-autocomplete
        v-else-if="test.has.of === 'tag'"
        class="wide"
        :model-value="test.has.name || null"
        :items="listOf(studio.facets?.tags)"
        auto-select-first
        :placeholder="say.whichTag"
        :aria-label="say.tag"
        @update:model-value="(name: string | null) => name && emit('change', { has: { of: 'tag', name } })"
      />
      <template v-else>
        <v-autocomplete
          :model-value="test.has.name"
          :items="store.answer?.attributes ?? []"
          auto-select-first
          :aria-label="say.attribute"
          @update:model-value="(name: string | null) => name && emit('change', { has: { of: 'attribute', name } })"
        />
        <v-autocomplete
          :model-value="test.has.value ?? null"
          :items="valuesOf(test.has.name)"
          auto-select-first
          clearable
          :placeholder="say.any"
          :aria-label="say.value"
          @update:model-value="setValue"
        />
      </template>
    </template>
    <v-select
      v-else-if="'brand' in test"
      :model-value="test.brand"
      :items="compared"
      :aria-label="say.comparedWithThisOne"
      @update:model-value="brand => emit('change', { brand })"
    />
    <v-select
      v-else-if="'category' in test"
      :model-value="test.category"
      :items="compared"
      :aria-label="say.comparedWithThisOne"
      @update:model-value="category => emit('change', { category })"
    />
    <template v-else-if="'sourceAttribute' in test">
      <span class="soft">{{ say.its }}</span><v-autocomplete
        :model-value="test.attribute"
        :items="store.answer?.attributes ?? []"
        auto-select-first
        :aria-label="say.attributeOfTheTarget"
        @update:model-value="(attribute: string | null) => attribute && emit('change', { ...test, attribute } as TargetTest)"
      />
      <span class="soft">{{ say.hasThisOnes }}</span><v-autocomplete
        :model-value="test.sourceAttribute"
        :items="store.answer?.attributes ?? []"
        auto-select-first
        :aria-label="say.attributeOfThisProduct"
        @update:model-value="
          (sourceAttribute: string | null) => sourceAttribute && emit('change', { ...test, sourceAttribute } as TargetTest)
        "
      />
    </template>
    <RangeFields
      v-else-if="'price' in test"
      :range="test.price"
      :unit="studio.currency"
      v-bind="money"
      @change="price => emit('change', { price })"
    />
    <RangeFields
      v-else-if="'pricePercent' in test"
      :range="test.pricePercent"
      :unit="say.ofThisOnes"
      :read="percent"
      :write="String"
      @change="pricePercent => emit('change', { pricePercent })"
    />
    <RangeFields
      v-else-if="'stock' in test"
      :range="test.stock"
      :unit="say.onHand"
      :read="whole"
      :write="String"
      @change="stock => emit('change', { stock })"
    />
    <RangeFields
      v-else-if="'sold' in test"
      :range="test.sold"
      :unit="say.sold"
      :read="whole"
      :write="String"
      @change="sold => emit('change', { sold })"
    />
    <template v-else-if="'sharedTags' in test"
      ><span class="soft">{{ say.atLeast }}</span
      ><QuantityField :value="test.sharedTags" :label="say.tagsInCommon" :max="50" @change="sharedTags => emit('change', { sharedTags })"
    /></template>
    <template v-else-if="'releasedWithin' in test"
      ><QuantityField
        class="days"
        :value="test.releasedWithin"
        :label="say.days"
        :max="36_500"
        @change="releasedWithin => emit('change', { releasedWithin })"
      /><span class="soft">{{ say.daysWord }}</span></template
    >
  </div>
</template>

<style scoped>
.test {
  display: flex;
  flex: 1;
  align-items: center;
  gap: 6px;
  min-width: 0;
  font-size: 13px;
}
.test > * {
  flex: 1 1 0;
  min-width: 0;
}
.test > .soft {
  flex: none;
}
.sort {
  flex: 0 0 186px;
}
.wide {
  flex: 2;
}
.days {
  --quantity-width: 78px;
}
</style>
