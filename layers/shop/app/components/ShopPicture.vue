<script setup lang="ts">
/** A product's picture, or a quiet drawing when there is none or it can't be loaded. */
const props = defineProps<{ src: string | null; alt: string; eager?: boolean }>()

const broken = ref(false)
const image = useTemplateRef('image')
watch(
  () => props.src,
  () => (broken.value = false),
)
// It may have failed before this page came alive.
onMounted(() => (broken.value ||= Boolean(image.value?.complete && !image.value.naturalWidth)))
</script>

<template>
  <img v-if="src && !broken" ref="image" class="picture" :src="src" :alt="alt" :loading="eager ? 'eager' : 'lazy'" @error="broken = true" />
  <svg v-else class="picture" viewBox="0 0 100 100" role="img" :aria-label="alt">
    <rect x="-200" y="-200" width="500" height="500" fill="#efeae0" />
    <path d="M50 26l21 12v24L50 74 29 62V38z" fill="none" stroke="#cdc3b0" stroke-width="3" />
  </svg>
</template>

<style scoped>
.picture {
  display: block;
  width: 100%;
  height: 100%;
}
</style>
