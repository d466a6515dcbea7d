<script setup lang="ts">
import type { Condition, TargetTest } from '../../../core/rules/rule'
import { isGroup, partsOf } from '../../../core/rules/ruleWords'
import type { RuleProblem } from '../../../core/rules/ruleProblems'
import type { TestSort } from './ruleTests'
import PhPlus from '~icons/ph/plus'
import { rulesWords } from './words'

const say = rulesWords.ruleGroup

/** Conditions that hold all together, any of them, or none; each is a test or such a group again. */
const props = defineProps<{
  group: Condition<TargetTest>
  /** Where it stands in the rule. */
  path: string
  sorts: readonly TestSort[]
  counts: Readonly<Record<string, number>>
  problems: readonly RuleProblem[]
  /** Groups within groups. */
  depth: number
}>()
const emit = defineEmits<{ change: [group: Condition<TargetTest>]; remove: [] }>()

type Mode = 'all' | 'any' | 'none'
const mode = computed(() => Object.keys(props.group)[0] as Mode)
const parts = computed(() => (isGroup(props.group) ? partsOf(props.group) : []))
const modes: [Mode, string][] = [
  ['all', say.allOfThese],
  ['any', say.anyOfThese],
  ['none', say.noneOfThese],
]
const deepest = 3

const set = (next: Condition<TargetTest>[], as: Mode = mode.value) => emit('change', { [as]: next } as unknown as Condition<TargetTest>)
const put = (i: number, part: Condition<TargetTest>) => set(parts.value.with(i, part))
const takeAway = (i: number) => set(parts.value.toSpliced(i, 1))
const add = () => set([...parts.value, props.sorts[0]!.make({ category: '', attribute: '' })])
const problemsAt = (path: string) => props.problems.filter(each => each.path === path)
const counted = (path: string) => (props.counts[path] === undefined ? '' : props.counts[path]!.toLocaleString('en'))
</script>

<template>
  <div class="group" :class="{ inner: depth }" role="group">
    <div class="head">
      <ChoiceGroup
        :model-value="mode"
        :label="say.howTheConditionsCombine"
        :choices="modes"
        @update:model-value="value => set(parts, value)"
      />
      <span class="grow" />
      <button v-if="depth" type="button" class="out" :aria-label="say.takeThisGroupAway" @click="emit('remove')">×</button>
    </div>
    <p v-for="problem in problemsAt(path)" :key="problem.words" class="small wrong problem">{{ problem.words }}</p>
    <template v-for="(part, i) in parts" :key="i">
      <RuleGroup
        v-if="isGroup(part)"
        :group="part"
        :path="`${path}.${i}`"
        :sorts="sorts"
        :counts="counts"
        :problems="problems"
        :depth="depth + 1"
        @change="next => put(i, next)"
        @remove="takeAway(i)"
      />
      <div v-else class="line">
        <RuleTest :test="part" :sorts="sorts" @change="next => put(i, next)" />
        <span class="count" :data-count="`${path}.${i}`">{{ counted(`${path}.${i}`) }}</span>
        <button type="button" class="out" :aria-label="say.takeThisConditionAway" @click="takeAway(i)">×</button>
      </div>
      <p v-for="problem in isGroup(part) ? [] : problemsAt(`${path}.${i}`)" :key="problem.words" class="small wrong problem">
        {{ problem.words }}
      </p>
    </template>
    <div class="adders">
      <button type="button" class="text-button" @click="add"><PhPlus width="13" height="13" />{{ say.addACondition }}</button>
      <button v-if="depth < deepest" type="button" class="text-button" @click="set([...parts, { any: [] }])">
        <PhPlus width="13" height="13" />{{ say.addAGroup }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.group {
  display: grid;
  gap: 6px;
}
.inner {
  padding: 8px 0 4px 12px;
  border-left: 2px solid var(--line);
}
.head {
  display: flex;
  align-items: center;
}
.grow {
  flex: 1;
}
.choice :deep(button) {
  height: 26px;
  padding: 0 9px;
  font-size: 12.5px;
}
.line {
  display: flex;
  align-items: center;
  gap: 8px;
}
.count {
  flex: none;
  width: 56px;
  color: var(--ink-soft);
  font-size: 12.5px;
  font-variant-numeric: tabular-nums;
  text-align: right;
}
.out {
  flex: none;
  width: 26px;
  height: 26px;
  border: 0;
  border-radius: 6px;
  background: none;
  color: var(--ink-soft);
  font: 17px/1 var(--text);
  cursor: pointer;
}
.out:hover {
  background: var(--sunk);
  color: var(--clay-ink);
}
.problem {
  margin: 0;
}
.adders {
  display: flex;
  gap: 16px;
}
.adders .text-button {
  display: flex;
  align-items: center;
  gap: 5px;
}
</style>
