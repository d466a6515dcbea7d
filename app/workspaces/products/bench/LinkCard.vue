<script setup lang="ts">
import type { MergedRow } from '../../../../core/workbench/mergedLane'
import type { LinkKind } from '../../../../core/links/kind'
import { useWorkbench } from './workbench'
import { useStudioShop } from '../../../data/studioShop'
import PhDotsThree from '~icons/ph/dots-three-bold'
import PhX from '~icons/ph/x-bold'
import { benchWords } from '../words/bench'

const say = benchWords.linkCard

/** A link in its lane: what it leads to, and whether shoppers can see it. */
const props = defineProps<{ row: MergedRow; place: number; kind: LinkKind }>()
const emit = defineEmits<{ remove: []; open: []; place: []; details: []; complete: []; linkBack: [] }>()
const studio = useStudioShop()
const bench = useWorkbench()

const difference = computed(() => {
  const percent = props.row.difference
  if (percent === null) return ''
  return percent === 0 ? say.samePrice : `${percent > 0 ? '+' : '−'}${Math.abs(percent)} %`
})
/** Why shoppers don't see it, or what is odd about it. */
const problem = computed(() => {
  switch (props.row.problem) {
    case 'over':
      return say.ended(studio.day(props.row.until!))
    case 'retired':
      return say.retired
    case 'notForSale':
      return say.notForSale
    case 'outOfStock':
      return say.outOfStock
    case 'cheaperThanSource':
      return say.cheaperThanThis
    case 'dearerThanSource':
      return say.dearerThanThis
    default:
      return ''
  }
})
const unseen = computed(() => props.row.later || ['over', 'retired', 'notForSale', 'outOfStock'].includes(props.row.problem ?? ''))
const dates = computed(() => {
  if (props.row.later) return say.from(studio.day(props.row.from!))
  return props.row.until && props.row.problem !== 'over' ? say.until(studio.day(props.row.until)) : ''
})
const missing = computed(() => bench.products.length - props.row.on.length)
const also = computed(() =>
  bench
    .alsoIn(props.row.target, props.kind.key)
    .map(key => studio.words(bench.kinds.find(kind => kind.key === key)!.name))
    .join(', '),
)
const hasPrice = computed(() => bench.page !== 'category')
const spoken = computed(() =>
  [
    say.place(props.place, props.row.name),
    hasPrice.value ? studio.money(props.row.price) : '',
    difference.value,
    problem.value,
    dates.value,
    missing.value ? say.onOf(props.row.on.length, bench.products.length) : '',
  ]
    .filter(Boolean)
    .join(', '),
)
</script>

<template>
  <div class="card" role="listitem" tabindex="0" :data-target="row.target" :aria-label="spoken" @dblclick="emit('open')">
    <div class="pic" :class="{ dim: unseen }"><ProductPicture :src="row.image" /></div>
    <button type="button" class="place" tabindex="-1" :aria-label="say.moveToAnotherPlace(row.name)" @click="emit('place')">
      {{ place }}
    </button>
    <v-menu location="bottom end" :offset="4">
      <template #activator="{ props: activator }">
        <button type="button" class="tool more" tabindex="-1" v-bind="activator" :aria-label="say.moreFor(row.name)" @keydown.stop>
          <PhDotsThree width="14" height="14" />
        </button>
      </template>
      <v-list density="compact" :aria-label="row.name">
        <v-list-item v-if="!bench.page" :title="say.datesAndNote" @click="emit('details')"
          ><template #append><span class="key">D</span></template></v-list-item
        >
        <v-list-item :title="say.moveToPlace" @click="emit('place')"
          ><template #append><span class="key">M</span></template></v-list-item
        >
        <v-list-item v-if="row.returned === false" :title="say.linkBackFromIt" @click="emit('linkBack')"
          ><template #append><span class="key">R</span></template></v-list-item
        >
        <v-list-item :title="say.openOnTheBench" @click="emit('open')"
          ><template #append><span class="key">Enter</span></template></v-list-item
        >
        <v-list-item :title="say.remove" @click="emit('remove')"
          ><template #append><span class="key">Del</span></template></v-list-item
        >
      </v-list>
    </v-menu>
    <button type="button" class="tool remove" tabindex="-1" :aria-label="say.removeWithRowName(row.name)" @click="emit('remove')">
      <PhX width="13" height="13" />
    </button>
    <div class="name" :title="row.name">{{ row.name }}</div>
    <div v-if="hasPrice" class="price">
      <b>{{ studio.money(row.price) }}</b> <span :class="{ wrong: problem && !unseen }">{{ difference }}</span>
    </div>
    <div v-if="problem" class="note wrong">{{ problem }}</div>
    <div v-if="dates" class="note">{{ dates }}</div>
    <div v-if="row.note" class="note cut" :title="row.note">“{{ row.note }}”</div>
    <div v-if="also" class="note">{{ say.also(also) }}</div>
    <button v-if="missing" type="button" class="part" tabindex="-1" @click="emit('complete')">
      {{ say.onOf(row.on.length, bench.products.length)
      }}<v-tooltip activator="parent" location="bottom">{{ say.linkItToTheOther(missing) }}<span class="key">A</span></v-tooltip>
    </button>
    <button v-else-if="row.returned === false && !bench.several" type="button" class="part quiet" tabindex="-1" @click="emit('linkBack')">
      {{ say.oneWay }}<v-tooltip activator="parent" location="bottom">{{ say.linkBackFromIt }}<span class="key">R</span></v-tooltip>
    </button>
  </div>
</template>

<style scoped>
.card {
  position: relative;
  width: 104px;
  border-radius: 7px;
  cursor: grab;
}
.card:active {
  cursor: grabbing;
}
.pic {
  height: 58px;
  border-left: 3px solid var(--saffron);
  border-radius: 7px;
  overflow: hidden;
}
.pic .picture {
  width: 100%;
  height: 100%;
  border-radius: 0;
}
.pic.dim .picture {
  opacity: 0.45;
}
.place {
  position: absolute;
  left: 8px;
  top: 5px;
  min-width: 18px;
  padding: 0 4px;
  border: 0;
  border-radius: 9px;
  background: var(--sheet);
  color: var(--ink);
  font: 650 11px/18px var(--text);
  cursor: pointer;
}
.tool {
  position: absolute;
  right: 4px;
  top: 4px;
  display: grid;
  place-items: center;
  width: 22px;
  height: 22px;
  border: 0;
  border-radius: 50%;
  background: var(--sheet);
  opacity: 0;
  cursor: pointer;
  transition: opacity 150ms;
}
.more {
  right: 29px;
  color: var(--ink);
}
.remove {
  color: var(--clay-ink);
}
.card:hover .tool,
.card:focus-visible .tool,
.tool[aria-expanded='true'] {
  opacity: 1;
}
.place:hover {
  background: var(--saffron-wash);
  color: var(--saffron-ink);
}
.more:hover {
  background: var(--sunk);
}
.remove:hover {
  background: var(--clay-wash);
}
.name {
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
  overflow: hidden;
  margin-top: 5px;
  font-size: 12px;
  line-height: 1.2;
  overflow-wrap: anywhere;
}
.price {
  display: flex;
  gap: 6px;
  align-items: baseline;
  margin-top: 1px;
  font-size: 12px;
  white-space: nowrap;
}
.price span {
  font-size: 11px;
  color: var(--ink-soft);
}
.price span.wrong {
  color: var(--clay-ink);
}
.note {
  font-size: 11px;
  line-height: 1.3;
  color: var(--ink-soft);
}
.note.wrong {
  color: var(--clay-ink);
}
.part {
  margin-top: 3px;
  padding: 0 6px;
  border: 0;
  border-radius: 4px;
  background: var(--saffron-wash);
  color: var(--saffron-ink);
  font: 11px/18px var(--text);
  cursor: pointer;
}
.part.quiet {
  background: var(--sunk);
  color: var(--ink-soft);
}
.part:hover {
  text-decoration: underline;
  text-underline-offset: 2px;
}
</style>
