<script setup lang="ts">
import type { PageKind } from '../../../core/pageTypes/registry'
import { fillSummary } from '../../../core/checks/fill'
import { pageWords } from '../sections/sectionWords'
import { useFill } from '../sections/useFill'
import { publishingWords } from './words'

const say = publishingWords.fillChange

/** How well a section is filled before and after it is published. */
const props = defineProps<{ section: string; page: PageKind }>()
// Publishing does not depend on it: that it can't be counted is not said.
const { answer } = useFill(() => props)
const [before, after] = (['live', 'draft'] as const).map(version =>
  computed(() => (answer.value?.[version].fill ? fillSummary(answer.value[version].fill) : null)),
)
const parts = [
  ['full', say.full],
  ['thin', say.thin],
  ['blank', say.blank],
] as const
</script>

<template>
  <span class="fill small">
    <span class="soft">{{ pageWords[page] }}:</span>
    <template v-if="after">
      <span v-for="[part, words] in parts" :key="part" :class="part"
        >{{ after[part].toLocaleString('en') }} {{ words }}
        <span v-if="before && before[part] !== after[part]" class="soft">{{ say.now(before[part].toLocaleString('en')) }}</span></span
      >
    </template>
    <span v-else class="soft">{{ say.counting }}</span>
  </span>
</template>

<style scoped>
.fill {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 10px;
}
.full {
  color: var(--moss-ink);
  font-weight: 600;
}
.thin {
  color: var(--saffron-ink);
  font-weight: 600;
}
.blank {
  color: var(--clay-ink);
  font-weight: 600;
}
.fill .soft {
  font-weight: 400;
}
</style>
