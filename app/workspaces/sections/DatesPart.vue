<script setup lang="ts">
import type { Section, SectionSettings } from '../../../core/sections/section'
import { sectionsWords } from './words/sections'

const say = sectionsWords.datesPart

/** From which day to which a section is shown. */
defineProps<{ section: Section }>()
const emit = defineEmits<{ change: [settings: Partial<SectionSettings>] }>()
const dayOf = (date: string | null) => date?.slice(0, 10) ?? ''
const set = (end: 'from' | 'until', { target }: Event) => emit('change', { [end]: (target as HTMLInputElement).value || null })
</script>

<template>
  <div class="dates">
    <v-text-field :model-value="dayOf(section.from)" type="date" :aria-label="say.from" @change="(event: Event) => set('from', event)" />
    <span class="soft">{{ say.to }}</span>
    <v-text-field :model-value="dayOf(section.until)" type="date" :aria-label="say.until" @change="(event: Event) => set('until', event)" />
    <span class="small soft">{{ say.daysWhereTheShopIs }}</span>
  </div>
</template>

<style scoped>
.dates {
  display: flex;
  align-items: center;
  gap: 8px;
}
.dates .v-text-field {
  flex: 0 0 156px;
}
</style>
