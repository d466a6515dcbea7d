<script setup lang="ts">
import type { Effects } from '../../../core/effects/effects'
import type { EffectRow, Tone } from './effectRows'
import type { SeenEffects } from './useEffects'
import { publishWords } from './words'

const say = publishWords.effectsPane

/** What shoppers would see otherwise, worked out page by page. */
const props = defineProps<{
  seen: SeenEffects
  /** What else there is to look at. */ more?: readonly EffectRow[]
  /** What is said when nothing is asked. */ none: string
}>()
defineSlots<{ /** Above the list. */ default?(): unknown }>()

const answer = computed(() => props.seen.answer)
const effects = computed(() => props.seen.effects)
const percent = computed(() => (answer.value?.total ? (answer.value.done * 100) / answer.value.total : 0))
const progress = computed(() => {
  const { done, total } = answer.value ?? { done: 0, total: 0 }
  return total > 1 ? say.comparing(done, total - 1) : say.begins
})
/** What is said of how it was worked out. */
const how = computed(() => {
  if (props.seen.isWaiting) return say.waiting
  if (!answer.value?.settled) return say.anew
  return effects.value?.pages ? say.compared(effects.value.pages) : ''
})

function summaryOf({ less, more }: Effects): string {
  if (less && more) return say.moreAndLess(more, less)
  if (more) return say.onlyMore(more)
  if (less) return say.onlyLess(less)
  if (props.seen.rows.length) return say.onlyOthers
  return props.seen.isWaiting || !answer.value?.settled ? say.begins : say.samePages
}

const rows = computed(() => [...props.seen.rows, ...(props.more ?? [])])
/** How long a bar is, in percent. */
const share = (full: number, of: number) => (of ? (full * 100) / of : 0)
const toneWords: Record<Tone, string> = say.tones
const isChosen = (row: EffectRow) => props.seen.chosen?.id === row.id
</script>

<template>
  <section class="effects" :aria-label="say.whatShoppersSee" aria-live="polite">
    <slot />
    <p v-if="!seen.asked" class="soft empty">{{ none }}</p>
    <p v-else-if="seen.failed" class="wrong failed" role="alert">{{ seen.failed }}</p>
    <div v-else-if="!effects" class="head">
      <p class="soft">{{ progress }}</p>
      <v-progress-linear :model-value="percent" :indeterminate="!percent" color="primary" rounded />
    </div>
    <template v-else>
      <div class="head">
        <h2>{{ summaryOf(effects) }}</h2>
        <p v-if="how" class="small soft">{{ how }}</p>
      </div>
      <ul>
        <li v-for="row in rows" :key="row.id" :class="{ on: isChosen(row) }">
          <component
            :is="row.some.length ? 'button' : 'div'"
            class="row"
            :type="row.some.length ? 'button' : undefined"
            :aria-current="isChosen(row) || undefined"
            @click="row.some.length && seen.choose(row.id)"
          >
            <span class="tone" :class="row.tone">{{ toneWords[row.tone] }}</span>
            <span class="what">
              <b>{{ row.title }}</b>
              <span v-if="row.words" class="small soft">{{ row.words }}</span>
            </span>
            <span v-if="row.full" class="full small soft">
              <span class="bar"><i class="before" :style="{ width: `${share(row.full.before, row.full.beforeOf)}%` }" /></span>
              <span class="bar"><i :class="row.full.became" :style="{ width: `${share(row.full.after, row.full.afterOf)}%` }" /></span>
              <span
                >{{ say.fullOn }} {{ row.full.before.toLocaleString('en') }} → <b>{{ row.full.after.toLocaleString('en') }}</b>
                {{ say.of(row.full.afterOf || row.full.beforeOf) }}</span
              >
            </span>
            <NuxtLink v-if="row.to" :to="row.to" class="to">{{ say.openIt }}</NuxtLink>
          </component>
        </li>
      </ul>
      <p v-if="rows.length" class="small soft foot">{{ say.nothingElse }}</p>
    </template>
  </section>
</template>

<style scoped>
.effects {
  display: flex;
  flex-direction: column;
  height: 100%;
  min-width: 0;
  overflow-y: auto;
  background: var(--sheet);
}
.effects p {
  margin: 0;
}
.effects .empty {
  margin: auto;
  padding: 24px;
}
.head,
.effects .failed {
  padding: 16px 20px 14px;
}
.head {
  display: grid;
  gap: 5px;
}
h2 {
  font-size: 17px;
  line-height: 1.35;
}
ul {
  margin: 0;
  padding: 0;
  border-top: 1px solid var(--line);
  list-style: none;
}
li {
  border-bottom: 1px solid var(--line-soft);
}
.row {
  display: grid;
  grid-template-columns: 56px 1fr 148px;
  gap: 2px 14px;
  width: 100%;
  padding: 13px 20px;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
}
button.row {
  cursor: pointer;
}
button.row:hover {
  background: var(--paper);
}
li.on .row {
  background: var(--paper);
  box-shadow: inset 3px 0 var(--petrol);
}
.row:focus-visible {
  outline-offset: -3px;
}
.what {
  display: grid;
  gap: 2px;
  min-width: 0;
}
.what b {
  font-size: 14px;
  font-weight: 600;
}
.to {
  color: var(--petrol);
  font-size: 13.5px;
  font-weight: 600;
  text-align: right;
  text-decoration: none;
}
.to:hover {
  text-decoration: underline;
}
.effects .foot {
  padding: 14px 20px;
}
.tone {
  align-self: start;
  margin-top: 1px;
  padding: 1px 0;
  border-radius: 9px;
  background: var(--paper);
  color: var(--ink-soft);
  font-size: 12px;
  font-weight: 600;
  text-align: center;
}
.tone.less {
  background: var(--clay-wash);
  color: var(--clay-ink);
}
.tone.more {
  background: var(--moss-wash);
  color: var(--moss-ink);
}
.tone.look {
  background: var(--saffron-wash);
  color: var(--saffron-ink);
}
.full {
  display: grid;
  gap: 3px;
  align-content: start;
  padding-top: 4px;
  text-align: right;
}
.full b {
  color: var(--ink);
  font-size: inherit;
}
.bar {
  height: 6px;
  border-radius: 3px;
  background: var(--line-soft);
  overflow: hidden;
}
.bar i {
  display: block;
  height: 100%;
  border-radius: 3px;
  background: #b9b09e;
}
.bar i.less {
  background: var(--clay);
}
.bar i.more {
  background: var(--moss);
}
</style>
