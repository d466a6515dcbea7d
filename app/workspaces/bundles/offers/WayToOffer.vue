<script setup lang="ts">
import { orderNames } from '../../../../core/fillSteps/stepSentence'
import type { Offered } from '../../../../core/offers/offer'
import { offerOrderSchema } from '../../../../core/offers/offer'
import type { Rule } from '../../../../core/rules/rule'
import { pickWords, whenWords } from '../../../../core/rules/ruleWords'
import { useStudioShop } from '../../../data/studioShop'
import { useNames } from '../../../data/useNames'
import { offersWords } from '../words/offers'
import { useKeptWays } from './useKeptWays'

const say = offersWords.wayToOffer

/** One way to say what is offered. Whoever tries another way and comes back finds what was said of it. */
const props = defineProps<{ offered: Offered; label: string }>()
const emit = defineEmits<{ change: [offered: Offered] }>()
const studio = useStudioShop()
const names = useNames()

const ways = [
  ['chosen', say.theseProducts],
  ['links', say.itsFirstLinks],
  ['rule', say.whatARulePicks],
] as const
const kinds = computed(() => studio.kinds.map(({ key, plural }) => ({ key, plural: studio.words(plural).toLowerCase() })))
const kept = useKeptWays(() => props.offered)
function offerBy(by: Offered['by']): void {
  if (by === props.offered.by) return
  const kind = studio.kinds.find(each => each.key === 'accessory')?.key ?? studio.kinds[0]!.key
  const firsts = {
    chosen: { by: 'chosen', skus: [] },
    links: { by: 'links', kind, count: 2 },
    rule: { by: 'rule', rule: { when: { all: [] }, pick: { all: [{ category: 'same' }] } }, order: 'best-selling', count: 2 },
  } as const satisfies Record<Offered['by'], unknown>
  emit('change', kept(by, firsts[by] as never) as Offered)
}
const counted = computed(() => (props.offered.by === 'chosen' ? null : props.offered))
const setCount = (count: number) => counted.value && emit('change', { ...counted.value, count })
const setKind = (event: Event) =>
  props.offered.by === 'links' && emit('change', { ...props.offered, kind: (event.target as HTMLSelectElement).value })

const orders = offerOrderSchema.options.map(value => ({ value, words: orderNames[value] }))
const setOrder = (event: Event) =>
  props.offered.by === 'rule' &&
  emit('change', { ...props.offered, order: offerOrderSchema.parse((event.target as HTMLSelectElement).value) })
const editing = ref(false)
const ruleText = computed(() => {
  if (props.offered.by !== 'rule') return ''
  const { pick, when } = props.offered.rule
  const only = whenWords(when, names)
  return [pickWords(pick, names) || say.ofAnySort, ...(only ? [say.whenItIs(only)] : [])].join(', ')
})
function saveRule(rule: Rule): void {
  editing.value = false
  if (props.offered.by === 'rule') emit('change', { ...props.offered, rule })
}
</script>

<template>
  <div class="way">
    <ChoiceGroup :model-value="offered.by" :label="label" :choices="ways" @update:model-value="offerBy" />
    <ProductsField
      v-if="offered.by === 'chosen'"
      :skus="offered.skus"
      variants
      class="field"
      @change="skus => emit('change', { by: 'chosen', skus })"
    />
    <div v-else class="line">
      {{ say.theFirst }}
      <QuantityField :value="offered.count" :label="say.howMany" :max="8" @change="setCount" />
      <template v-if="offered.by === 'links'">
        {{ say.ofIts }}
        <select :value="offered.kind" :aria-label="say.kindOfLinks" @change="setKind">
          <option v-for="kind in kinds" :key="kind.key" :value="kind.key">{{ kind.plural }}</option>
        </select>
      </template>
      <template v-else>
        {{ say.products }} <button type="button" class="dotted" @click="editing = true">{{ ruleText }}</button>,
        <select :value="offered.order" :aria-label="say.order" @change="setOrder">
          <option v-for="each in orders" :key="each.value" :value="each.value">{{ each.words }}</option>
        </select>
      </template>
    </div>
    <RuleDialog v-if="editing && offered.by === 'rule'" :rule="offered.rule" @close="editing = false" @save="saveRule" />
  </div>
</template>

<style scoped>
.field {
  margin-top: 10px;
}
.line {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  min-height: 38px;
  margin-top: 4px;
}
select {
  height: 32px;
  padding: 0 8px;
  border: 1px solid var(--line);
  border-radius: 7px;
  background: var(--sheet);
  color: var(--ink);
  font: 14px/1 var(--text);
}
</style>
