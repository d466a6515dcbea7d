<script setup lang="ts">
import { useTimeoutFn } from '@vueuse/core'
import type { PageKind } from '../../../core/pageTypes/registry'
import { fillSummary } from '../../../core/checks/fill'
import type { FillAnswer } from '../../../core/studio/sectionAnswers'
import { fillAnswerSchema } from '../../../core/studio/sectionAnswers'
import { ApiProblem, callApi } from '../../data/callApi'
import { pageWords } from '../sections/sectionWords'
import { publishingWords } from './words'

const say = publishingWords.fillChange

/** How well a section is filled before and after it is published. */
const props = defineProps<{ section: string; page: PageKind }>()
const answer = shallowRef<FillAnswer | null>(null)
const { start: askAgain, stop } = useTimeoutFn(() => void ask(), 400, { immediate: false })
async function ask(): Promise<void> {
  try {
    answer.value = await callApi(fillAnswerSchema, '/api/sections/fill', { query: { section: props.section, page: props.page } })
    if (!answer.value.settled) askAgain()
  } catch (error) {
    // Publishing does not depend on it.
    if (!(error instanceof ApiProblem)) throw error
  }
}
onMounted(ask)
onBeforeUnmount(stop)
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
