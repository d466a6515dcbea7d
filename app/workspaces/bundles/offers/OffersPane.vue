<script setup lang="ts">
import type { Offer } from '../../../../core/offers/offer'
import { useOffers } from './offers'
import { useStudioShop } from '../../../data/studioShop'
import PhPlus from '~icons/ph/plus'
import { useListSteps } from '../../../elements/useListSteps'
import { useShortcut } from '../../../elements/useShortcut'
import { offersWords } from '../words/offers'

const say = offersWords.offersPane

/** All together offers, in the order in which they apply. */
const props = defineProps<{ chosen: string | null }>()
const emit = defineEmits<{ open: [key: string] }>()
const store = useOffers()
const studio = useStudioShop()

function wordsOf({ offered, reduction }: Offer): string {
  const what =
    offered.by === 'chosen'
      ? say.products(offered.skus.length)
      : say.theFirstOf(offered.count, studio.words(studio.allKinds.find(each => each.key === offered.kind)?.plural ?? {}).toLowerCase())
  return reduction ? say.offWithPart(what, reduction.by === 'percent' ? `${reduction.percent} %` : studio.money(reduction.amount)) : what
}
const rows = computed(() => store.offers ?? [])
async function add(): Promise<void> {
  const key = await store.add({
    heading: { [studio.shop!.settings.language]: say.takeItAlong },
    active: false,
    trigger: null,
    offered: { by: 'chosen', skus: [] },
    reduction: null,
    limit: 1,
    partly: 'shrink',
    stacks: false,
    from: null,
    until: null,
  })
  if (key) emit('open', key)
}
const { step } = useListSteps(
  () => rows.value,
  () => props.chosen,
  'data-offer',
  key => emit('open', key),
)
/** With Alt the offer itself moves. */
function onKey(event: KeyboardEvent): void {
  const by = { ArrowDown: 1, ArrowUp: -1 }[event.key]
  const at = rows.value.findIndex(each => each.key === props.chosen)
  if (!event.altKey || !by || at < 0) return step(event)
  event.preventDefault()
  if (rows.value[at + by]) void store.sendAndTell({ type: 'rankOffer', key: props.chosen!, place: at + by + 1 })
}
useShortcut('n', add)
</script>

<template>
  <section class="pane" :aria-label="say.togetherOffers">
    <BundlesOrOffers on="offers"
      ><button type="button" class="icon-button add" :aria-label="say.addATogetherOffer" aria-keyshortcuts="N" @click="add">
        <PhPlus /><v-tooltip activator="parent" location="bottom">{{ say.addATogetherOffer }}<span class="key">N</span></v-tooltip>
      </button></BundlesOrOffers
    >
    <ul @keydown="onKey">
      <li v-for="(each, i) in rows" :key="each.key">
        <button
          type="button"
          class="row"
          :data-offer="each.key"
          :aria-current="each.key === chosen || undefined"
          @click="emit('open', each.key)"
        >
          <span class="rank soft">{{ i + 1 }}</span>
          <span class="names"
            ><span class="name cut">{{ studio.words(each.heading) || each.key }}</span
            ><span class="small soft cut">{{ wordsOf(each) }}</span></span
          >
          <span class="state" :class="each.active ? 'live' : 'draft'">{{ each.active ? say.active : say.off }}</span>
        </button>
      </li>
    </ul>
    <p v-if="rows.length > 1" class="small soft keys"><span class="key">Alt ↑ ↓</span> {{ say.movesAnOfferTheFirst }}</p>
  </section>
</template>

<style scoped>
.pane {
  display: flex;
  flex-direction: column;
  height: 100%;
  background: var(--sheet);
}
.add {
  width: 36px;
  height: 36px;
  border: 1px solid var(--line);
}
ul {
  flex: 1;
  margin: 0;
  padding: 0;
  overflow-y: auto;
  list-style: none;
}
.row {
  display: flex;
  align-items: center;
  gap: 10px;
  width: 100%;
  height: 58px;
  padding: 0 12px;
  border: 0;
  border-bottom: 1px solid var(--line-soft);
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.row:hover {
  background: var(--paper);
}
.row[aria-current] {
  background: var(--paper);
  box-shadow: inset 3px 0 var(--petrol);
}
.row:focus-visible {
  outline-offset: -3px;
}
.rank {
  width: 16px;
  text-align: right;
}
.names {
  flex: 1;
  min-width: 0;
  display: grid;
  line-height: 1.3;
}
.name {
  font-weight: 550;
}
[aria-current] .name {
  font-weight: 650;
}
.keys {
  margin: 0;
  padding: 10px 12px;
}
</style>
