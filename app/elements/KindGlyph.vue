<script setup lang="ts">
import type { LinkKind } from '../../core/links/kind'

/** The drawing that stands for a link kind. */
defineProps<{ glyph: LinkKind['glyph'] }>()
</script>

<template>
  <svg class="glyph" viewBox="0 0 16 16" aria-hidden="true">
    <template v-if="glyph === 'rings'">
      <circle cx="5.6" cy="8" r="3.9" />
      <circle cx="10.4" cy="8" r="3.9" />
    </template>
    <path v-else-if="glyph === 'stairs'" d="M2.5 13.5h3v-4h3.7V5.8h3.3V2.5M2.5 13.5h11" />
    <path v-else-if="glyph === 'cross'" d="M2.5 4.5c6 0 5 7 11 7M2.5 11.5c6 0 5-7 11-7" />
    <template v-else-if="glyph === 'hook'">
      <rect x="2" y="5" width="7" height="8.5" rx="1.6" />
      <circle cx="12.4" cy="4.6" r="2.1" />
      <path d="M9 8.5c1.6 0 2.6-.6 3.2-1.8" />
    </template>
    <path v-else-if="glyph === 'drop'" d="M8 2.2c2.6 3 4 5.2 4 7.1a4 4 0 0 1-8 0c0-1.9 1.4-4.1 4-7.1z" />
    <path v-else-if="glyph === 'spark'" d="M8 2v4M8 10v4M2 8h4M10 8h4M4 4l1.6 1.6M10.4 10.4 12 12M12 4l-1.6 1.6M5.6 10.4 4 12" />
    <path v-else-if="glyph === 'leaf'" d="M3 13c0-6 3.5-10 10-10 0 6.5-3.5 10-8.5 9.3M3 13.5 9 7.5" />
    <template v-else-if="glyph === 'tag'">
      <path d="M2.5 2.5h5.2l5.8 5.8-5.2 5.2-5.8-5.8z" />
      <circle cx="5.6" cy="5.6" r=".6" />
    </template>
    <path v-else-if="glyph === 'shield'" d="M8 2 13 4v3.6c0 3-2 5.2-5 6.4-3-1.2-5-3.4-5-6.4V4z" />
    <path v-else-if="glyph === 'box'" d="M2.5 5.2 8 2.3l5.5 2.9v5.6L8 13.7l-5.5-2.9zM2.5 5.2 8 8.1l5.5-2.9M8 8.1v5.6" />
    <template v-else-if="glyph === 'sun'">
      <circle cx="8" cy="8" r="2.9" />
      <path d="M8 1.6v1.2M8 13.2v1.2M1.6 8h1.2M13.2 8h1.2" />
    </template>
    <path v-else d="M2.3 8c0-4.5 5-4.5 5.7 0s5.7 4.5 5.7 0-5-4.5-5.7 0-5.7 4.5-5.7 0z" />
  </svg>
</template>

<style scoped>
.glyph {
  flex: none;
  width: 15px;
  height: 15px;
  stroke: currentColor;
  fill: none;
  stroke-width: 1.7;
  stroke-linecap: round;
  stroke-linejoin: round;
  vertical-align: -3px;
}
</style>
