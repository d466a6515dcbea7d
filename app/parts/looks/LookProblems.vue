<script setup lang="ts">
import type { LookParts, PageStyle } from '../../../core/looks/look'
import { lookProblems } from '../../../core/looks/lookProblems'
import PhWarning from '~icons/ph/warning'
import { lookPartsWords } from './words'

const say = lookPartsWords.lookProblems

/** Texts of a look that are hard to read, with what would mend it. */
const props = defineProps<{ parts: LookParts; page: PageStyle }>()
const emit = defineEmits<{ mend: [part: Partial<LookParts>] }>()
const problems = computed(() => lookProblems(props.parts, props.page))
</script>

<template>
  <ul v-if="problems.length" role="status" :aria-label="say.contrast">
    <li v-for="{ words, mend } in problems" :key="words">
      <PhWarning width="16" height="16" aria-hidden="true" /><span>{{ words }}</span>
      <button v-if="mend" type="button" class="text-button" @click="emit('mend', { [mend.part]: mend.colour })">
        <i :style="{ background: mend.colour }" />{{ say.use(mend.colour) }}
      </button>
    </li>
  </ul>
</template>

<style scoped>
ul {
  display: grid;
  gap: 6px;
  margin: 0;
  padding: 9px 12px;
  border-radius: 8px;
  background: var(--clay-wash);
  color: var(--clay-ink);
  font-size: 13px;
  list-style: none;
}
li {
  display: flex;
  align-items: baseline;
  gap: 8px;
}
li svg {
  flex: none;
  align-self: center;
}
li span {
  flex: 1;
}
.text-button {
  flex: none;
  display: inline-flex;
  align-items: center;
  gap: 6px;
  color: var(--clay-ink);
}
i {
  width: 13px;
  height: 13px;
  border: 1px solid rgb(31 41 51 / 0.25);
  border-radius: 4px;
}
</style>
