<script setup lang="ts">
import type { DeliveredSection } from '../../../../../core/delivery/contract/pages'
import { devices } from '../../../../../core/sections/display'

/** A recommendation section as shoppers see it. It is rendered only when there is something to show. */
const props = defineProps<{ section: DeliveredSection }>()

provideOrigin(`section:${props.section.key}`)
const words = useWords()
const look = computed(() => props.section.display)
const style = computed(() => ({
  ...props.section.style,
  ...Object.fromEntries(devices.map(device => [`--columns-${device}`, look.value.devices[device].columns])),
}))
const seeAll = computed(() => {
  const { seeAll } = props.section
  return (
    seeAll && {
      to: seeAll.of === 'brand' ? `/shop/brands/${encodeURIComponent(seeAll.key)}` : `/shop/categories/${seeAll.key}`,
      label: words.value.seeAll(seeAll.name),
    }
  )
})
const id = computed(() => `section-${props.section.key}`)
</script>

<template>
  <section
    class="section"
    :class="[section.layout, `heading-${look.heading.size}`, { centered: look.heading.align === 'center' }]"
    :style="style"
    :data-section="section.key"
    :aria-labelledby="id"
  >
    <component :is="look.fold === 'no' ? 'div' : 'details'" class="frame" :open="look.fold === 'open' || undefined">
      <component :is="look.fold === 'no' ? 'header' : 'summary'" class="head">
        <svg v-if="look.fold !== 'no'" class="caret" viewBox="0 0 16 16" aria-hidden="true"><path d="m6 3.5 4.5 4.5L6 12.5" /></svg>
        <BrandMark v-if="section.mark" :brand="section.mark.brand" :image="section.mark.image" class="mark" />
        <HeadingIcon v-else-if="look.heading.icon && look.heading.icon !== 'brand'" :icon="look.heading.icon" class="mark" />
        <h2 :id="id">{{ section.heading }}</h2>
        <NuxtLink v-if="seeAll" :to="seeAll.to" class="all">{{ seeAll.label }}</NuxtLink>
      </component>
      <ShelfOfCards v-if="section.layout === 'shelf'" :section="section" />
      <ComparisonTable v-else-if="section.layout === 'comparison'" :section="section" />
      <TickList v-else-if="section.layout === 'checklist'" :section="section" />
      <TilesOfCategories v-else-if="section.layout === 'tiles'" :section="section" />
      <SpotlightCard v-else-if="section.layout === 'spotlight'" :section="section" :item="section.items[0]!" />
      <GridOfCards v-else :section="section" :rows="section.layout === 'list'" />
    </component>
  </section>
</template>

<style scoped>
/* How much a section shows side by side follows from its own width: it can stand in a narrow column of a wide page. */
.section {
  container-type: inline-size;
  padding: var(--section-space) 0;
  min-width: 0;
  color: var(--section-ink);
  font-size: var(--section-size);
}
.frame {
  padding: var(--section-inset);
  border: var(--section-border);
  border-radius: var(--section-corner);
  background: var(--section-ground);
}
/* So many columns and rows on each device, for the layouts that have them. */
.section :deep(.columns) {
  --columns: var(--columns-desktop);
  display: grid;
  grid-template-columns: repeat(var(--columns), minmax(0, 1fr));
  margin: 0;
  padding: 0;
  list-style: none;
}
.head {
  display: flex;
  align-items: baseline;
  gap: 4px 16px;
  margin-bottom: 14px;
}
h2 {
  flex: 1;
  margin: 0;
  font: 650 21px/1.25 var(--head);
  letter-spacing: -0.01em;
  overflow-wrap: anywhere;
}
.heading-small h2 {
  font-size: 17px;
}
.heading-large h2 {
  font-size: 28px;
}
.centered .head {
  flex-direction: column;
  align-items: center;
  text-align: center;
}
.all {
  flex: none;
  color: var(--section-accent);
  font-size: 0.97em;
  font-weight: 600;
  text-underline-offset: 3px;
}
summary {
  cursor: pointer;
  list-style: none;
}
summary::-webkit-details-marker {
  display: none;
}
.caret {
  align-self: center;
  flex: none;
  width: 16px;
  height: 16px;
  fill: none;
  stroke: currentColor;
  stroke-width: 1.8;
  stroke-linecap: round;
  stroke-linejoin: round;
  transition: transform 150ms;
}
[open] > .head > .caret {
  transform: rotate(90deg);
}
.frame:not([open]):is(details) > .head {
  margin-bottom: 0;
}
.heading-small .head {
  margin-bottom: 8px;
}
/* A mark is larger than a line of text: what stands beside it is in its middle. */
.head:has(.mark) {
  align-items: center;
}
.mark {
  align-self: center;
  flex: none;
  width: 1.6em;
  height: 1.6em;
}
.mark.brand {
  width: 2.6em;
  height: 2.6em;
}
@container (min-width: 820.01px) {
  .section :deep(.beyond-desktop) {
    display: none;
  }
}
@container (560px < width <= 820px) {
  .section :deep(.columns) {
    --columns: var(--columns-tablet);
  }
  .section :deep(.beyond-tablet) {
    display: none;
  }
}
@container (max-width: 560px) {
  .section :deep(.columns) {
    --columns: var(--columns-phone);
  }
  .section :deep(.beyond-phone) {
    display: none;
  }
  .head {
    flex-wrap: wrap;
  }
  h2 {
    flex-basis: 60%;
  }
  .heading-medium h2 {
    font-size: 19px;
  }
  .heading-large h2 {
    font-size: 23px;
  }
}
</style>
