<script setup lang="ts">
import type { PagePlan } from '../../../../core/pagePlans/pagePlan'
import { zonesOf } from '../../../../core/pageTypes/registry'
import { useDrafts } from '../../../data/drafts'
import { zoneWords } from '../../../parts/sections/sectionWords'
import PhDotsSixVertical from '~icons/ph/dots-six-vertical'
import PhDotsThree from '~icons/ph/dots-three-bold'
import PhListChecks from '~icons/ph/list-checks'
import { pagesWords } from '../words'
import { useBlockFacts } from './blockFacts'

const say = pagesWords.placedBlock

/** A section or an offer where it stands on a page plan, or, without a zone, at hand to be put there. */
const props = defineProps<{ block: string; plan: PagePlan; zone: string | null }>()
const emit = defineEmits<{ move: [by: number]; out: [] }>()
const store = useDrafts()

const facts = useBlockFacts(
  () => props.block,
  () => props.plan,
)
const offHere = computed(() => props.plan.off.includes(props.block))
const isOff = computed(() => offHere.value || facts.value.isOffEverywhere)
const label = computed(() => [facts.value.name, facts.value.says, facts.value.state?.words].filter(Boolean).join(', '))

const otherZones = computed(() => zonesOf(props.plan.page).filter(each => each !== props.zone))
const put = (zone: string) => store.send({ type: 'placeBlock', plan: props.plan.key, block: props.block, zone })
const switchHere = () => store.send({ type: 'switchInPlan', plan: props.plan.key, block: props.block, off: !offHere.value })
/** Off the page; the focus goes on to what stands beside it. */
function takeOff(): void {
  const next = following() ?? preceding()
  emit('out')
  next?.focus()
}
const open = () => navigateTo(facts.value.to)
function key(event: KeyboardEvent): void {
  if (event.target !== event.currentTarget) return
  const by = { ArrowUp: -1, ArrowDown: 1 }[event.key]
  if (by && event.altKey && props.zone) emit('move', by)
  else if (by) (by > 0 ? following() : preceding())?.focus()
  else if (event.key === 'Enter' && !props.zone) void put(zonesOf(props.plan.page).at(-1)!)
  else if (event.key === 'Enter') void open()
  else if (event.key === 'Delete' && props.zone) takeOff()
  else if (event.key === 'o' && props.zone && !event.ctrlKey) void switchHere()
  else return
  event.preventDefault()
}
const root = useTemplateRef('root')
const all = () => [...document.querySelectorAll<HTMLElement>(props.zone ? '[data-placed]' : '[data-at-hand]')]
const following = () => all()[all().indexOf(root.value!) + 1]
const preceding = () => all()[all().indexOf(root.value!) - 1]
</script>

<template>
  <div
    ref="root"
    class="placed"
    :class="{ off: isOff }"
    role="listitem"
    tabindex="0"
    :data-placed="zone ? block : undefined"
    :data-at-hand="zone ? undefined : block"
    :aria-label="label"
    @keydown="key"
    @dblclick="open"
  >
    <PhDotsSixVertical class="handle" aria-hidden="true" />
    <LayoutGlyph v-if="facts.layout" :layout="facts.layout" class="glyph" /><PhListChecks v-else class="glyph offers" aria-hidden="true" />
    <span class="names"
      ><span class="name cut">{{ facts.name }}</span
      ><span class="small soft cut">{{ facts.says }}</span></span
    >
    <span v-if="facts.state" class="state" :class="facts.state.name">{{ facts.state.words }}</span>
    <v-menu location="bottom end">
      <template #activator="{ props: menu }"
        ><button type="button" class="icon-button more" v-bind="menu" :aria-label="say.moreOf(facts.name)"><PhDotsThree /></button
      ></template>
      <v-list density="compact" class="studio">
        <v-list-item @click="open"
          ><v-list-item-title>{{ say.openIt }}</v-list-item-title
          ><template #append><span v-if="zone" class="key">Enter</span></template></v-list-item
        >
        <template v-if="zone">
          <v-list-item @click="emit('move', -1)"
            ><v-list-item-title>{{ say.moveUp }}</v-list-item-title
            ><template #append><span class="key">Alt ↑</span></template></v-list-item
          >
          <v-list-item @click="emit('move', 1)"
            ><v-list-item-title>{{ say.moveDown }}</v-list-item-title
            ><template #append><span class="key">Alt ↓</span></template></v-list-item
          >
          <v-list-item v-if="!facts.isOffEverywhere" @click="switchHere"
            ><v-list-item-title>{{ offHere ? say.switchOnHere : say.switchOffHere }}</v-list-item-title
            ><template #append><span class="key">O</span></template></v-list-item
          >
        </template>
        <v-list-item v-for="each in otherZones" :key="each" @click="put(each)"
          ><v-list-item-title>{{ zone ? say.move : say.put }} {{ zoneWords(each) }}</v-list-item-title></v-list-item
        >
        <v-list-item v-if="zone" @click="emit('out')"
          ><v-list-item-title>{{ say.takeItOffThePage }}</v-list-item-title
          ><template #append><span class="key">Del</span></template></v-list-item
        >
      </v-list>
    </v-menu>
  </div>
</template>

<style scoped>
.placed {
  display: flex;
  align-items: center;
  gap: 8px;
  min-width: 0;
  min-height: 48px;
  padding: 4px 4px 4px 6px;
  border: 1px solid var(--line);
  border-radius: 9px;
  background: var(--sheet);
}
.placed:hover {
  border-color: #b9b09e;
}
.handle {
  flex: none;
  width: 16px;
  color: #9b927f;
  cursor: grab;
}
.glyph {
  flex: none;
  color: #8a8f95;
}
.glyph.offers {
  width: 28px;
  height: 20px;
}
.names {
  flex: 1;
  min-width: 0;
  display: grid;
}
.name {
  font-weight: 600;
}
.off .name {
  color: var(--ink-soft);
  text-decoration: line-through;
  text-decoration-color: var(--line);
}
.more {
  flex: none;
  width: 28px;
  height: 28px;
}
.sortable-ghost {
  border-style: dashed;
  border-color: var(--petrol);
  background: var(--petrol-wash);
}
</style>
