<script setup lang="ts">
/** The picture that a brand is known by; without one, its initials. The name stands beside it. */
const props = defineProps<{ brand: string; image: string | null }>()
const broken = ref(false)
watch(
  () => props.image,
  () => (broken.value = false),
)
const initials = computed(() =>
  props.brand
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean)
    .slice(0, 2)
    .map(word => [...word][0]!.toUpperCase())
    .join(''),
)
</script>

<template>
  <span class="brand" aria-hidden="true"
    ><img v-if="image && !broken" :src="image" alt="" @error="broken = true" /><span v-else>{{ initials }}</span></span
  >
</template>

<style scoped>
.brand {
  display: inline-grid;
  place-items: center;
  overflow: hidden;
  border-radius: 8px;
}
img {
  display: block;
  width: 100%;
  height: 100%;
  object-fit: contain;
}
span > span {
  display: grid;
  place-items: center;
  width: 100%;
  height: 100%;
  border: 1px solid var(--section-line);
  border-radius: inherit;
  color: var(--section-soft);
  font: 650 15px/1 var(--head);
  letter-spacing: 0.02em;
}
</style>
