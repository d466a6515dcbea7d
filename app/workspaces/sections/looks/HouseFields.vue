<script setup lang="ts">
import type { Font, PageStyle } from '../../../../core/looks/look'
import { fontSchema } from '../../../../core/looks/look'
import { fontNames } from '../../../../core/looks/lookWords'
import { looksWords } from '../words/looks'

const say = looksWords.houseFields

/** What only the shop as a whole has: its fonts, and what is behind its pages. */
defineProps<{ page: PageStyle }>()
const emit = defineEmits<{ change: [page: Partial<PageStyle>, typing?: boolean] }>()
const fonts = fontSchema.options.map(value => ({ value, title: fontNames[value] }))
</script>

<template>
  <div class="house">
    <div class="field font">
      <span>{{ say.fontOfTexts }}</span><v-select
        :model-value="page.textFont"
        :items="fonts"
        :aria-label="say.fontOfTextsTitle"
        @update:model-value="(value: Font) => emit('change', { textFont: value })"
      />
    </div>
    <div class="field font">
      <span>{{ say.fontOfHeadings }}</span><v-select
        :model-value="page.headFont"
        :items="fonts"
        :aria-label="say.fontOfHeadingsTitle"
        @update:model-value="(value: Font) => emit('change', { headFont: value })"
      />
    </div>
    <div class="field">
      <span>{{ say.backgroundOfPages }}</span><ColourField
        :value="page.ground"
        :label="say.backgroundOfPagesTitle"
        @change="(colour, typing) => colour && emit('change', { ground: colour }, typing)"
      />
    </div>
  </div>
</template>

<style scoped>
.house {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
}
.field {
  display: grid;
  gap: 4px;
  color: var(--ink-soft);
  font-size: 12.5px;
}
.font {
  flex: 0 1 190px;
}
.font .v-select {
  color: var(--ink);
}
</style>
