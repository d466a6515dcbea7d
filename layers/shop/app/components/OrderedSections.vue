<script setup lang="ts">
/** What goes with an order that was just placed. */
const props = defineProps<{ /** SKUs of its lines. */ lines: readonly string[] }>()
const { blocksIn } = useSections('/ordered', () => ({ lines: props.lines.map(encodeURIComponent).join() }))
</script>

<template>
  <div><PageZone :blocks="blocksIn('belowOrder')" /></div>
</template>
