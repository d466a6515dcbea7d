<script setup lang="ts">
/** What goes with an order that was just placed. */
const props = defineProps<{ /** SKUs of its lines. */ lines: readonly string[] }>()
const { sectionsIn } = useSections('/ordered', () => ({ lines: props.lines.map(encodeURIComponent).join() }))
</script>

<template>
  <div><SectionBlock v-for="section in sectionsIn('belowOrder')" :key="section.key" :section="section" /></div>
</template>
