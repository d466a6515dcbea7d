<script setup lang="ts">
import { sumBy } from 'es-toolkit'
import { draftedSortNames } from '../../../core/releases/draftedSorts'
import type { Schedule } from '../../../core/releases/release'
import { useDrafts } from '../../data/drafts'
import { useMessages } from '../../data/messages'
import { useStudioShop } from '../../data/studioShop'
import { useReleases } from './releases'
import { publishWords } from './words'

const say = publishWords.plannedReleases

/** What is to go live at a set time. */
const store = useDrafts()
const studio = useStudioShop()
const messages = useMessages()
const releases = useReleases()

const schedules = computed(() =>
  (releases.answer?.schedules ?? []).map(each => ({ key: each.key, when: studio.coming(each.at), words: wordsOf(each) })),
)
function wordsOf(schedule: Schedule): string {
  const count = sumBy(draftedSortNames, sort => Object.keys(schedule[sort]).length)
  return say.out(say.drafts(count), count === 1 ? say.goes : say.go, schedule.note && `, “${schedule.note}”`)
}
const load = () => releases.load().catch(error => messages.refuse(error))
onMounted(load)
async function end(type: 'cancelSchedule' | 'runSchedule', key: string): Promise<void> {
  await store.sendAndTell({ type, key })
  await load()
}
</script>

<template>
  <ul v-if="schedules.length" class="planned" :aria-label="say.planned">
    <li v-for="each in schedules" :key="each.key">
      <span
        ><b>{{ each.when }}</b
        >: {{ each.words }}</span
      >
      <span class="grow" />
      <button type="button" class="text-button" @click="end('runSchedule', each.key)">{{ say.now }}</button>
      <button type="button" class="text-button discard" @click="end('cancelSchedule', each.key)">{{ say.cancelIt }}</button>
    </li>
  </ul>
</template>

<style scoped>
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
.planned {
  margin: 0 16px 12px;
  padding: 4px 12px;
  border-radius: 8px;
  background: var(--petrol-wash);
}
.planned li {
  display: flex;
  align-items: baseline;
  gap: 10px;
  padding: 3px 0;
  font-size: 13.5px;
}
.grow {
  flex: 1;
}
.text-button {
  white-space: nowrap;
}
.discard {
  color: var(--clay-ink);
}
</style>
