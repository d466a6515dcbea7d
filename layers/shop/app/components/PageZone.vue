<script setup lang="ts">
import type { ZoneBlock } from '../../../../core/delivery/zoneBlocks'

/** The sections and together offers of a zone. */
defineOptions({ inheritAttrs: false })
withDefaults(
  defineProps<{
    blocks: readonly ZoneBlock[]
    /** SKU of what goes along with what is offered; null: it is in the cart. */
    main?: string | null
  }>(),
  { main: null },
)
</script>

<template>
  <template v-for="block in blocks" :key="block.id">
    <SectionBlock v-if="block.section" :section="block.section" v-bind="$attrs" />
    <TogetherOffer v-else-if="block.offer" :offer="block.offer" :main="main" v-bind="$attrs" />
  </template>
</template>
