<script setup lang="ts">
import type { FillStep } from '../../../../core/fillSteps/fillStep'
import { needsSubjects, stepOrders } from '../../../../core/fillSteps/fillStep'
import { nearWords } from '../../../../core/fillSteps/relatedCategories/relatedCategoriesStep'
import { orderWords } from '../../../../core/fillSteps/stepSentence'
import { useDrafts } from '../../../data/drafts'
import { useStudioShop } from '../../../data/studioShop'
import { stepsWords } from '../words/steps'

const say = stepsWords.stepForm

/** Everything that can be set of a fill step, but the rule. */
const props = defineProps<{ step: FillStep; /** What the person wants to change. */ field: string }>()
const emit = defineEmits<{ change: [step: FillStep, typing: boolean]; close: [] }>()
const studio = useStudioShop()
const store = useDrafts()

const set = (part: object, typing = false) => emit('change', { ...props.step, ...part } as FillStep, typing)
const kinds = computed(() => studio.kinds.map(kind => ({ value: kind.key, title: studio.words(kind.name) })))
const orders = computed(() => stepOrders(props.step).map(value => ({ value, title: orderWords(props.step, value) })))
const traitChoices = [
  ['category', say.categories],
  ['brand', say.brand],
  ['tag', say.tags],
] as const
const extents = [
  ['all', say.theWholeShop],
  ['category', say.theSameCategory],
  ['brand', say.theSameBrand],
] as const
const nearChoices = Object.entries(nearWords) as [keyof typeof nearWords, string][]
const subjectChoices = [
  ['page', say.whatThePageIsAbout],
  ['cart', say.whatIsInTheCart],
] as const
function toggleTrait(trait: 'category' | 'brand' | 'tag'): void {
  if (props.step.from !== 'traits') return
  const { traits } = props.step
  set({ traits: traits.includes(trait) ? traits.filter(each => each !== trait) : [...traits, trait] })
}
const isThe = (name: string) => props.field === name || undefined
</script>

<template>
  <v-card class="studio step-form" rounded="lg" role="dialog" :aria-label="say.thisStep" @keydown.esc="emit('close')">
    <label v-if="step.from === 'links'"
      >{{ say.kindOfLink
      }}<v-select :model-value="step.kind" :items="kinds" :autofocus="isThe('kind')" @update:model-value="kind => set({ kind })"
    /></label>
    <template v-if="step.from === 'traits'">
      <div class="field">
        <span>{{ say.whichTraitsCount }}</span>
        <div class="toggles" role="group" :aria-label="say.whichTraitsCount">
          <button
            v-for="[trait, words] in traitChoices"
            :key="trait"
            type="button"
            :aria-pressed="step.traits.includes(trait)"
            @click="toggleTrait(trait)"
          >
            {{ words }}
          </button>
        </div>
      </div>
      <label
        >{{ say.andOneAttribute
        }}<v-autocomplete
          :model-value="step.attribute"
          :items="store.answer?.attributes ?? []"
          clearable
          :placeholder="say.none"
          @update:model-value="attribute => set({ attribute: attribute ?? null })"
      /></label>
      <label
        >{{ say.atLeastSoManyIn
        }}<QuantityField
          :value="step.least"
          :label="say.atLeastSoManyIn"
          :max="50"
          :autofocus="isThe('least')"
          @change="least => set({ least }, true)"
      /></label>
    </template>
    <ProductsField v-if="step.from === 'chosen'" :skus="step.targets" @change="targets => set({ targets })" />
    <template v-if="step.from === 'category'">
      <label
        >{{ say.category
        }}<v-autocomplete
          :model-value="step.category"
          :items="studio.categoryChoices"
          auto-select-first
          :autofocus="isThe('category')"
          @update:model-value="(category: string | null) => category && set({ category })"
      /></label>
      <label class="check"
        ><input type="checkbox" :checked="step.below" @change="set({ below: !step.below })" />{{ say.withTheCategoriesBelowIt }}</label
      >
    </template>
    <div v-if="step.from === 'bestSellers' || step.from === 'newest'" class="field">
      <span>{{ say.of }}</span>
      <ChoiceGroup :model-value="step.of" :label="say.of" :choices="extents" @update:model-value="of => set({ of })" />
    </div>
    <div v-if="step.from === 'relatedCategories'" class="field">
      <span>{{ say.categories }}</span>
      <ChoiceGroup :model-value="step.of" :label="say.categories" :choices="nearChoices" @update:model-value="of => set({ of })" />
    </div>
    <div v-if="needsSubjects(step)" class="field">
      <span>{{ say.for }}</span>
      <ChoiceGroup
        :model-value="step.subjects"
        :label="say.for"
        :choices="subjectChoices"
        @update:model-value="subjects => set({ subjects })"
      />
    </div>
    <div class="two">
      <label v-if="'order' in step"
        >{{ say.order
        }}<v-select :model-value="step.order" :items="orders" :autofocus="isThe('order')" @update:model-value="order => set({ order })"
      /></label>
      <label
        >{{ say.atMost
        }}<QuantityField
          class="cap"
          :value="step.cap"
          :label="say.atMost"
          :max="48"
          :none="say.allPlaces"
          :autofocus="isThe('cap')"
          @change="cap => set({ cap }, true)"
          @none="set({ cap: null }, true)"
      /></label>
    </div>
    <footer>
      <button type="button" class="text-button" @click="emit('close')">{{ say.done }}</button>
    </footer>
  </v-card>
</template>

<style scoped>
.step-form {
  display: grid;
  gap: 12px;
  width: 372px;
  padding: 16px 18px 10px;
}
label,
.field {
  display: grid;
  align-content: start;
  gap: 4px;
  color: var(--ink-soft);
  font-size: 13px;
}
.two {
  display: grid;
  grid-template-columns: 1fr 112px;
  gap: 12px;
}
.two > :only-child {
  grid-column: 1 / -1;
}
.cap {
  --quantity-width: 112px;
}
.check {
  display: flex;
  align-items: center;
  gap: 8px;
  color: var(--ink);
  font-size: 14px;
}
.check input {
  accent-color: var(--petrol);
}
.toggles {
  display: flex;
  gap: 6px;
}
.toggles button {
  height: 30px;
  padding: 0 11px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--sheet);
  color: var(--ink);
  font: 13px/1 var(--text);
  cursor: pointer;
}
.toggles [aria-pressed='true'] {
  background: var(--petrol-wash);
  border-color: var(--petrol);
  color: var(--petrol-ink);
  font-weight: 600;
}
.choice {
  justify-self: start;
}
.choice :deep(button) {
  padding: 0 9px;
  font-size: 12.5px;
}
footer {
  display: flex;
  justify-content: flex-end;
  padding-top: 6px;
  border-top: 1px solid var(--line-soft);
}
</style>
