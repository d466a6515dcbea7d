<script setup lang="ts">
import { VueDraggable } from 'vue-draggable-plus'
import type { PagePlan } from '../../../../core/pagePlans/pagePlan'
import { pageTypes, zonesOf } from '../../../../core/pageTypes/registry'
import { useDrafts } from '../../../data/drafts'
import { zoneWords } from '../../../parts/sections/sectionWords'
import { pagesWords } from '../words'

const say = pagesWords.planSchematic

/** A drawing of the page: its zones, with the sections and offers that stand there to be dragged or moved by key. */
const props = defineProps<{ plan: PagePlan }>()
const store = useDrafts()

const schematic = computed(() => pageTypes[props.plan.page].drawing)
const sheet = useTemplateRef('sheet')
/** The blocks of every zone, as they stand while they are dragged. */
const zones = ref<{ key: string; blocks: { name: string }[] }[]>([])
/** Moves that are on their way: until the last has arrived, blocks stand where they were moved to. */
let onTheWay = 0
/** The plan has changed meanwhile. */
let isStale = false
function takePlan(): void {
  isStale = onTheWay > 0
  if (isStale) return
  zones.value = zonesOf(props.plan.page).map(key => ({
    key,
    blocks: (props.plan.zones.find(each => each.key === key)?.blocks ?? []).map(name => ({ name })),
  }))
}
watch(() => props.plan, takePlan, { immediate: true })

const areas = computed(() => schematic.value.areas.map(row => `'${row}'`).join(' '))

/** The block that is being moved by key. */
let moving: string | null = null
let moves = 0
/** A block that takes another place in the page loses the focus; whoever has gone on to another in the meantime stays there. */
const focusMoving = () => {
  if (moving && document.activeElement === document.body) sheet.value?.querySelector<HTMLElement>(`[data-placed="${moving}"]`)?.focus()
}
// As soon as it stands where it was moved to: the next key is for it, also while the answer to the move is still being taken in.
watch(zones, focusMoving, { flush: 'post' })

/** Shows a block at once where it was moved to: the next key goes on from there. */
function stand(name: string, zone: string, index: number): void {
  zones.value = zones.value.map(each => {
    const others = each.blocks.filter(block => block.name !== name)
    return { key: each.key, blocks: each.key === zone ? others.toSpliced(index, 0, { name }) : others }
  })
}
const put = (block: string, zone: string, index: number) =>
  store.send({ type: 'placeBlock', plan: props.plan.key, block, zone, place: index + 1 })
const dropped = (zone: string, index: number | undefined) => {
  const block = zones.value.find(each => each.key === zone)!.blocks[index ?? -1]
  if (block) void put(block.name, zone, index!)
}
/** One place up or down; at the end of a zone, on into the next. */
async function move(zone: string, index: number, by: number): Promise<void> {
  const at = zones.value.findIndex(each => each.key === zone)
  const { name } = zones.value[at]!.blocks[index]!
  const next = zones.value[at + by]
  const isInside = index + by >= 0 && index + by < zones.value[at]!.blocks.length
  if (!isInside && !next) return
  moving = name
  const move = ++moves
  const [to, place] = isInside ? [zone, index + by] : [next!.key, by < 0 ? next!.blocks.length : 0]
  onTheWay++
  stand(name, to, place)
  const words = await put(name, to, place)
  onTheWay--
  if (words === null || isStale) takePlan()
  await nextTick()
  focusMoving()
  if (move === moves) moving = null
}
async function out(block: string): Promise<void> {
  await store.sendAndTell({ type: 'unplaceBlock', plan: props.plan.key, block })
}
</script>

<template>
  <div class="ground">
    <div ref="sheet" class="sheet" :class="plan.page" :style="{ gridTemplateColumns: schematic.columns, gridTemplateAreas: areas }">
      <div
        v-for="drawn in schematic.blocks"
        :key="drawn.area"
        class="block"
        :class="{ action: drawn.action }"
        :style="{ gridArea: drawn.area, minHeight: `${drawn.height ?? 0}px` }"
      >
        {{ drawn.words }}
      </div>
      <section v-for="zone in zones" :key="zone.key" class="zone" :style="{ gridArea: zone.key }" :aria-label="zoneWords(zone.key)">
        <h2>{{ zoneWords(zone.key) }}</h2>
        <VueDraggable
          v-model="zone.blocks"
          group="blocks"
          :animation="150"
          handle=".handle"
          role="list"
          class="list"
          :aria-label="say.sections(zoneWords(zone.key))"
          @add="event => dropped(zone.key, event.newIndex)"
          @update="event => dropped(zone.key, event.newIndex)"
        >
          <PlacedBlock
            v-for="(block, i) in zone.blocks"
            :key="block.name"
            :block="block.name"
            :plan="plan"
            :zone="zone.key"
            @move="by => move(zone.key, i, by)"
            @out="out(block.name)"
          />
        </VueDraggable>
        <p v-if="!zone.blocks.length" class="small soft none">{{ say.nothingHere }}</p>
      </section>
    </div>
  </div>
</template>

<style scoped>
.ground {
  flex: 1;
  overflow-y: auto;
  padding: 18px 24px 28px;
}
.sheet {
  display: grid;
  gap: 10px;
  max-width: 620px;
  margin: 0 auto;
  padding: 14px;
  border: 1px solid var(--line);
  border-radius: 12px;
  background: var(--sheet);
}
.sheet.added {
  max-width: 360px;
}
.block {
  display: grid;
  place-items: center;
  padding: 6px;
  border-radius: 8px;
  background: var(--sunk);
  color: var(--ink-soft);
  font-size: 12.5px;
  text-align: center;
}
.block.action {
  background: #d8e3e3;
  color: var(--petrol-ink);
}
.zone {
  position: relative;
  min-width: 0;
  padding: 8px;
  border: 1px dashed #bdb29c;
  border-radius: 10px;
}
.zone h2 {
  padding: 0 2px 6px;
  color: var(--ink-soft);
  font: 500 12.5px/1.3 var(--text);
  letter-spacing: 0;
}
.list {
  display: grid;
  gap: 6px;
  min-height: 34px;
}
.none {
  position: absolute;
  left: 10px;
  bottom: 14px;
  margin: 0;
  pointer-events: none;
}
.zone:has(.sortable-ghost) {
  border-color: var(--petrol);
  background: var(--petrol-wash);
}
.zone:has(.sortable-ghost) .none {
  display: none;
}
</style>
