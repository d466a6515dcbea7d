<script setup lang="ts">
import type { DeliveredSection } from '../../../../../core/delivery/contract/pages'
import type { Shelf } from '../../utils/shelfParts'
import { partAt, shelfParts, startOfPart } from '../../utils/shelfParts'

/** One row of cards that scrolls: by swiping, with the keyboard, and with arrows, dots or numbers. */
const props = defineProps<{ section: DeliveredSection }>()
const words = useWords()
const look = computed(() => props.section.display)
const { factsOf } = useItemFacts(
  () => props.section,
  () => look.value.card.includes('text'),
)

const shelf = useTemplateRef<HTMLElement>('shelf')
/** In how many parts it is seen, and which is in sight, counted from 0. */
const pages = ref(1)
const at = ref(0)
/** Null: it is not drawn, or has nothing in it. */
function measured(): Shelf | null {
  const card = shelf.value?.firstElementChild?.getBoundingClientRect()
  if (!shelf.value || !card?.width) return null
  const gap = parseFloat(getComputedStyle(shelf.value).columnGap) || 0
  return { seen: shelf.value.getBoundingClientRect().width, step: card.width + gap, gap, cards: shelf.value.children.length }
}
function measure(): void {
  const found = measured()
  pages.value = found ? shelfParts(found) : 1
  at.value = found ? partAt(shelf.value!.scrollLeft, found) : 0
}
function turnTo(page: number): void {
  const found = measured()
  if (found) shelf.value!.scrollTo({ left: startOfPart(page, found), behavior: 'smooth' })
}
onMounted(() => {
  measure()
  window.addEventListener('resize', measure)
})
onBeforeUnmount(() => window.removeEventListener('resize', measure))
watch(
  () => props.section,
  () => nextTick(measure),
)
</script>

<template>
  <div class="turned" :class="{ peek: look.peek }">
    <ul ref="shelf" class="items" :tabindex="pages > 1 ? 0 : undefined" :aria-label="section.heading" @scroll.passive="measure">
      <li v-for="item in section.items" :key="item.variant ?? item.sku">
        <ProductCard :card="item" :display="look" :buttons="section.buttons" :text="factsOf(item.variant ?? item.sku)?.text" />
      </li>
    </ul>
    <div v-if="pages > 1" class="turn" :class="look.turn">
      <template v-if="look.turn === 'arrows'">
        <button type="button" :disabled="at === 0" :aria-label="words.back(section.heading)" @click="turnTo(at - 1)">
          <span aria-hidden="true">←</span>
        </button>
        <button type="button" :disabled="at === pages - 1" :aria-label="words.further(section.heading)" @click="turnTo(at + 1)">
          <span aria-hidden="true">→</span>
        </button>
      </template>
      <template v-else>
        <button
          v-for="page in pages"
          :key="page"
          type="button"
          :aria-current="at === page - 1 || undefined"
          :aria-label="words.part(section.heading, page, pages)"
          @click="turnTo(page - 1)"
        >
          {{ look.turn === 'numbers' ? page : '' }}
        </button>
      </template>
    </div>
  </div>
</template>

<style scoped>
.turned {
  --columns: var(--columns-desktop);
  --gap: var(--section-gap);
  --part: 0;
}
.peek {
  --part: 0.35;
}
.items {
  display: grid;
  grid-auto-flow: column;
  grid-auto-columns: calc((100% - (var(--columns) - 1) * var(--gap)) / (var(--columns) + var(--part)));
  gap: var(--gap);
  margin: 0;
  padding: 0;
  overflow-x: auto;
  scroll-snap-type: x proximity;
  scrollbar-width: none;
  list-style: none;
}
.items > li {
  scroll-snap-align: start;
  min-width: 0;
}
.turn {
  display: flex;
  justify-content: flex-end;
  gap: 6px;
  margin-top: 12px;
}
.turn button {
  display: grid;
  place-items: center;
  width: 36px;
  height: 36px;
  border-radius: 50%;
  border: 1px solid var(--section-line);
  background: var(--card-solid);
  color: inherit;
  font: 600 14px/1 var(--text);
  cursor: pointer;
}
.turn button:disabled {
  opacity: 0.4;
  cursor: default;
}
.dots,
.numbers {
  justify-content: center;
}
.dots {
  gap: 0;
}
.dots button {
  width: 28px;
  height: 28px;
  border: 0;
  background: none;
}
.dots button::before {
  content: '';
  width: 9px;
  height: 9px;
  border-radius: 50%;
  background: color-mix(in srgb, var(--section-soft) 55%, transparent);
}
.dots [aria-current]::before {
  background: var(--section-accent);
  transform: scale(1.25);
}
.numbers [aria-current] {
  border-color: var(--section-accent);
  background: var(--section-accent);
  color: var(--section-on-accent);
}
@container (max-width: 820px) {
  .turned {
    --columns: var(--columns-tablet);
  }
  .peek {
    --part: 0.5;
  }
}
@container (max-width: 560px) {
  .turned {
    --columns: var(--columns-phone);
    --gap: min(14px, var(--section-gap));
  }
  .peek {
    --part: 0.25;
  }
  .arrows {
    display: none;
  }
}
</style>
