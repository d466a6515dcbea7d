<script setup lang="ts">
import type { DeliveredSection } from '../../../../core/delivery/contract'

/** A recommendation section as shoppers see it. It is rendered only when there is something to show. */
const props = defineProps<{ section: DeliveredSection }>()

const shelf = useTemplateRef<HTMLElement>('shelf')
const edges = reactive({ start: true, end: true })

function look(): void {
  const element = shelf.value
  if (!element) return
  edges.start = element.scrollLeft <= 1
  edges.end = element.scrollLeft + element.clientWidth >= element.scrollWidth - 1
}
function turn(direction: 1 | -1): void {
  shelf.value?.scrollBy({ left: direction * shelf.value.clientWidth * 0.8, behavior: 'smooth' })
}
onMounted(() => {
  look()
  window.addEventListener('resize', look)
})
onBeforeUnmount(() => window.removeEventListener('resize', look))
watch(() => props.section.items, () => nextTick(look))
</script>

<template>
  <section class="section" :class="section.layout" :data-section="section.key" :aria-labelledby="`section-${section.key}`">
    <header>
      <h2 :id="`section-${section.key}`">{{ section.heading }}</h2>
      <div v-if="section.layout === 'shelf' && !(edges.start && edges.end)" class="arrows">
        <button type="button" :disabled="edges.start" :aria-label="`Back in ${section.heading}`" @click="turn(-1)"><span aria-hidden="true">←</span></button>
        <button type="button" :disabled="edges.end" :aria-label="`Further in ${section.heading}`" @click="turn(1)"><span aria-hidden="true">→</span></button>
      </div>
    </header>
    <div ref="shelf" class="items" :tabindex="section.layout === 'shelf' && !(edges.start && edges.end) ? 0 : undefined" role="list" @scroll.passive="look">
      <div v-for="item in section.items" :key="item.variant ?? item.sku" role="listitem">
        <ProductCard :card="item" :row="section.layout === 'list'" />
      </div>
    </div>
  </section>
</template>

<style scoped>
.section { container-type: inline-size; padding: var(--section-space, 20px) 0; min-width: 0; }
header { display: flex; align-items: center; justify-content: space-between; gap: 16px; margin-bottom: 14px; min-height: 34px; }
h2 { margin: 0; font: 650 21px/1.2 var(--head); letter-spacing: -0.01em; }
.items { display: grid; gap: 26px 20px; }
.grid .items { grid-template-columns: repeat(4, minmax(0, 1fr)); }
.shelf .items { grid-auto-flow: column; grid-auto-columns: calc((100% - 3 * 20px) / 4.35); overflow-x: auto; scroll-snap-type: x proximity; scrollbar-width: none; }
.shelf .items > * { scroll-snap-align: start; }
.list .items { gap: 0; }
.list .items > * { padding: 11px 0; border-top: 1px solid #efe8da; }
.list { background: #fff; border: 1px solid #e6decd; border-radius: 14px; padding: 14px 18px 6px; margin-top: 20px; }
.list header { margin-bottom: 4px; min-height: 0; }
.list h2 { font: 650 16px/1.4 var(--text); letter-spacing: 0; padding-bottom: 6px; }
.arrows { display: flex; gap: 6px; }
.arrows button { width: 36px; height: 36px; border-radius: 50%; border: 1px solid #cfc5b1; background: #fff; color: inherit; font-size: 16px; cursor: pointer; }
.arrows button:disabled { opacity: 0.4; cursor: default; }
/* How much a section shows side by side follows from its own width: it can stand in a narrow column of a wide page. */
@container (max-width: 820px) {
  .grid .items { grid-template-columns: repeat(3, minmax(0, 1fr)); }
  .shelf .items { grid-auto-columns: calc((100% - 2 * 20px) / 2.6); }
}
@container (max-width: 560px) {
  h2 { font-size: 19px; }
  .items { gap: 20px 14px; }
  .grid .items { grid-template-columns: repeat(2, minmax(0, 1fr)); }
  .shelf .items { grid-auto-columns: 44%; }
  .arrows { display: none; }
}
</style>
