<script setup lang="ts">
import type { Check } from '../../../core/checks/check'
import { checkGroups } from '../../../core/checks/check'
import { checkWords } from '../../../core/checks/checkWords'
import { useChecks } from '../../data/checks'
import PhCheck from '~icons/ph/check-bold'
import { checksWords } from './words'

const say = checksWords.checksPane

/** All checks, by what they mean for the shopper. */
const props = defineProps<{ chosen: Check | 'aside' | null }>()
const emit = defineEmits<{ open: [check: Check | 'aside'] }>()
const checks = useChecks()

const percent = computed(() => (checks.answer?.total ? Math.floor((checks.answer.done * 100) / checks.answer.total) : 0))
const countOf = (check: Check) => checks.of(check)?.count?.toLocaleString('en')
const order = [...checkGroups.flatMap<Check>(group => group.checks), 'aside' as const]

function step(event: KeyboardEvent): void {
  const by = { ArrowDown: 1, ArrowUp: -1 }[event.key]
  const next = by && order[order.indexOf(props.chosen ?? order[0]!) + by]
  if (!next) return
  event.preventDefault()
  emit('open', next)
  document.querySelector<HTMLElement>(`[data-check="${next}"]`)?.focus()
}
</script>

<template>
  <section class="pane" :aria-label="say.checks" @keydown="step">
    <div class="progress" :class="{ done: checks.answer?.settled }">
      <p class="soft small" aria-live="polite">
        <template v-if="checks.failed"
          ><span class="wrong">{{ checks.failed }}</span
          >{{ ' ' }}<button type="button" class="text-button" @click="checks.ask()">{{ say.tryAgain }}</button></template
        >
        <template v-else-if="checks.answer?.settled">{{ say.everythingIsLookedAtAnd }}</template>
        <template v-else>{{ say.lookingThroughTheShop(percent) }}</template>
      </p>
      <v-progress-linear
        :model-value="checks.answer?.settled ? 100 : percent"
        :indeterminate="!checks.answer?.settled && percent === 0"
        color="primary"
        height="3"
        rounded
        :aria-label="say.checksRun"
      />
    </div>
    <div class="groups">
      <section v-for="group in checkGroups" :key="group.title">
        <h2>{{ group.title }}</h2>
        <ul>
          <li v-for="each in group.checks" :key="each">
            <button
              type="button"
              class="row"
              :data-check="each"
              :aria-current="each === chosen || undefined"
              :class="{ aside: checks.of(each)?.aside }"
              @click="emit('open', each)"
            >
              <span class="name cut">{{ checkWords[each].title }}</span>
              <span v-if="checks.of(each)?.aside" class="small soft">{{ say.aside }}</span>
              <span v-else-if="checks.of(each)?.count" class="count">{{ countOf(each) }}</span>
              <PhCheck
                v-else-if="checks.of(each)?.count === 0"
                class="well"
                width="14"
                height="14"
                role="img"
                :aria-label="say.nothingFound"
              />
              <span v-else class="small soft">…</span>
            </button>
          </li>
        </ul>
      </section>
    </div>
    <button
      type="button"
      class="row last"
      data-check="aside"
      :aria-current="chosen === 'aside' || undefined"
      @click="emit('open', 'aside')"
    >
      <span class="name cut">{{ say.putAside }}</span><span class="small soft">{{ checks.answer?.putAside.toLocaleString('en') }}</span>
    </button>
  </section>
</template>

<style scoped>
.pane {
  display: flex;
  flex-direction: column;
  height: 100%;
  background: var(--sheet);
}
.progress {
  flex: none;
  display: grid;
  gap: 6px;
  padding: 11px 16px 10px;
  border-bottom: 1px solid var(--line-soft);
}
.progress p {
  margin: 0;
  min-height: 18px;
}
.groups {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  padding-bottom: 12px;
}
.groups h2 {
  padding: 12px 16px 4px;
  font-size: 13.5px;
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
.row {
  display: flex;
  align-items: center;
  gap: 8px;
  width: 100%;
  height: 30px;
  padding: 0 14px 0 16px;
  border: 0;
  box-shadow: inset 3px 0 transparent;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.last {
  flex: none;
  height: 42px;
  border-top: 1px solid var(--line-soft);
}
.row:hover {
  background: #fbf9f5;
}
.row[aria-current] {
  background: var(--paper);
  box-shadow: inset 3px 0 var(--petrol);
  font-weight: 600;
}
.row:focus-visible {
  outline-offset: -3px;
}
.name {
  flex: 1;
  min-width: 0;
}
.aside .name {
  color: var(--ink-soft);
}
.count {
  flex: none;
  min-width: 26px;
  padding: 1px 8px;
  border-radius: 10px;
  background: var(--clay-wash);
  color: var(--clay-ink);
  font: 650 12px/18px var(--text);
  text-align: center;
}
.well {
  flex: none;
  margin-right: 6px;
  color: var(--moss);
}
</style>
