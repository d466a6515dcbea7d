<script setup lang="ts">
import type { Effects } from '../../../core/effects/effects'
import { mostExamples } from '../../../core/effects/effects'
import type { ToPublish } from '../../../core/effects/publishedShop'
import { useDrafts } from '../../data/drafts'
import type { Named, Tone } from './effectRows'
import { effectRows } from './effectRows'
import { useEffects } from './useEffects'
import { publishingWords } from './words'

const say = publishingWords.effectsPane

/** What shoppers see once something is published, worked out page by page. */
const props = defineProps<{ toPublish: ToPublish }>()
const store = useDrafts()
const { answer, failed } = useEffects(() => props.toPublish)

const isEmpty = computed(() => !Object.values(props.toPublish).some(keys => keys.length))
const effects = computed(() => answer.value?.effects ?? null)
const named: Named = {
  nameOf: store.nameOf,
  sectionAfter(key) {
    const stored = store.storedOf('sections', key)
    return (props.toPublish.sections?.includes(key) ? stored?.draft : stored?.live) ?? null
  },
}
const rows = computed(() =>
  effects.value ? effectRows(effects.value, named).map(row => ({ ...row, names: namesOf(row.some).join(' · ') })) : [],
)
const percent = computed(() => (answer.value?.total ? (answer.value.done * 100) / answer.value.total : 0))
const progress = computed(() => {
  const { done, total } = answer.value ?? { done: 0, total: 0 }
  return total > 1 ? say.comparing(done, total - 1) : say.begins
})

function summaryOf({ less, more }: Effects): string {
  if (less && more) return say.moreAndLess(more, less)
  if (more) return say.onlyMore(more)
  if (less) return say.onlyLess(less)
  return rows.value.length ? say.onlyOthers : say.samePages
}

/** How long a bar is, in percent. */
const share = (full: number, of: number) => (of ? (full * 100) / of : 0)
const namesOf = (some: readonly string[]) => some.slice(0, mostExamples).flatMap(subject => answer.value!.names[subject] ?? [])
const toneWords: Record<Tone, string> = say.tones
</script>

<template>
  <section class="effects" :aria-label="say.whatShoppersSee" aria-live="polite">
    <p v-if="isEmpty" class="soft empty">{{ say.tickSomething }}</p>
    <p v-else-if="failed" class="warning" role="alert">{{ failed }}</p>
    <template v-else-if="!effects">
      <p class="soft">{{ progress }}</p>
      <v-progress-linear :model-value="percent" :indeterminate="!percent" color="primary" rounded />
    </template>
    <template v-else>
      <h3>{{ summaryOf(effects) }}</h3>
      <p v-if="!answer!.settled" class="small soft">{{ say.anew }}</p>
      <p v-else-if="effects.pages" class="small soft">{{ say.compared(effects.pages) }}</p>
      <ul>
        <li v-for="row in rows" :key="row.id">
          <span class="tone" :class="row.tone">{{ toneWords[row.tone] }}</span>
          <div>
            <b>{{ row.title }}</b>
            <p v-if="row.words" class="small soft">{{ row.words }}</p>
            <p v-if="row.names" class="small soft">{{ say.such(row.names) }}</p>
          </div>
          <div v-if="row.full" class="full small soft">
            <span class="bar"><i class="before" :style="{ width: `${share(row.full.before, row.full.beforeOf)}%` }" /></span>
            <span class="bar"><i :class="row.full.became" :style="{ width: `${share(row.full.after, row.full.afterOf)}%` }" /></span>
            <span
              >{{ say.fullOn }} {{ row.full.before.toLocaleString('en') }} → <b>{{ row.full.after.toLocaleString('en') }}</b>
              {{ say.of(row.full.afterOf || row.full.beforeOf) }}</span
            >
          </div>
        </li>
      </ul>
      <p v-if="rows.length" class="small soft">{{ say.nothingElse }}</p>
    </template>
  </section>
</template>

<style scoped>
.effects {
  display: flex;
  flex-direction: column;
  gap: 4px;
  min-width: 0;
  padding: 20px 24px;
  overflow-y: auto;
}
.effects p {
  margin: 0;
}
.effects .empty {
  margin: auto;
}
h3 {
  font: 600 17px/1.35 var(--head);
}
ul {
  margin: 10px 0 8px;
  padding: 0;
  border-top: 1px solid var(--line-soft);
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: 52px 1fr 150px;
  gap: 2px 14px;
  padding: 11px 0;
  border-bottom: 1px solid var(--line-soft);
}
li b {
  font-size: 14px;
  font-weight: 600;
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
