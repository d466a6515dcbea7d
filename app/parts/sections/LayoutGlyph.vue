<script setup lang="ts">
import type { Layout } from '../../../core/sections/display'

/** How a section lays its products out, as a small drawing. */
defineProps<{ layout: Layout }>()
</script>

<template>
  <svg viewBox="0 0 34 24" width="26" height="18" fill="currentColor" aria-hidden="true">
    <template v-if="layout === 'grid'">
      <rect v-for="n in 6" :key="n" :x="((n - 1) % 3) * 12" :y="n > 3 ? 13 : 1" width="10" height="10" rx="1.5" />
    </template>
    <template v-else-if="layout === 'shelf'">
      <rect y="4" width="12" height="16" rx="1.5" />
      <rect x="14" y="4" width="12" height="16" rx="1.5" />
      <rect x="28" y="4" width="6" height="16" rx="1.5" opacity="0.45" />
    </template>
    <template v-else-if="layout === 'comparison'">
      <rect y="1" width="10" height="22" rx="1.5" opacity="0.45" />
      <template v-for="n in 2" :key="n">
        <rect :x="n * 12" y="1" width="10" height="9" rx="1.5" />
        <rect :x="n * 12" y="13" width="10" height="2.2" rx="1" />
        <rect :x="n * 12" y="17" width="10" height="2.2" rx="1" />
        <rect :x="n * 12" y="21" width="10" height="2.2" rx="1" />
      </template>
    </template>
    <template v-else-if="layout === 'checklist'">
      <template v-for="n in 2" :key="n">
        <rect :y="n * 8 - 7" width="6" height="6" rx="1.5" />
        <rect x="10" :y="n * 8 - 5" width="24" height="2.4" rx="1" />
      </template>
      <rect y="17" width="34" height="6" rx="2" />
    </template>
    <template v-else-if="layout === 'spotlight'">
      <rect y="2" width="15" height="20" rx="1.5" />
      <rect x="19" y="4" width="15" height="2.6" rx="1" />
      <rect x="19" y="9" width="11" height="2.6" rx="1" />
      <rect x="19" y="15" width="12" height="6" rx="2" />
    </template>
    <template v-else-if="layout === 'tiles'">
      <template v-for="n in 4" :key="n">
        <rect :x="((n - 1) % 2) * 18" :y="n > 2 ? 13 : 0" width="16" height="6" rx="1.5" opacity="0.45" />
        <rect :x="((n - 1) % 2) * 18" :y="n > 2 ? 20.5 : 7.5" width="11" height="2.4" rx="1" />
      </template>
    </template>
    <template v-else>
      <template v-for="n in 3" :key="n">
        <rect :y="n * 8 - 7" width="7" height="6" rx="1" />
        <rect x="10" :y="n * 8 - 5" width="24" height="2.4" rx="1" />
      </template>
    </template>
  </svg>
</template>
