<script setup lang="ts">
const props = defineProps<{ src: string | null }>()
const broken = ref(false)
watch(
  () => props.src,
  () => (broken.value = false),
)
</script>

<template>
  <span class="picture">
    <img v-if="src && !broken" :src="src" alt="" loading="lazy" draggable="false" @error="broken = true" />
    <svg v-else viewBox="0 0 24 24" aria-hidden="true"><path d="M12 5l6 3.5v7L12 19l-6-3.5v-7z" /></svg>
  </span>
</template>

<style scoped>
.picture {
  display: block;
  flex: none;
  overflow: hidden;
  border-radius: 6px;
  background: var(--sunk);
}
img,
svg {
  display: block;
  width: 100%;
  height: 100%;
}
svg {
  fill: none;
  stroke: #b9b09e;
  stroke-width: 1.4;
  padding: 18%;
}
</style>
