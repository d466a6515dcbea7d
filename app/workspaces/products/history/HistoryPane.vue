<script setup lang="ts">
import type { HistoryEntry } from '../../../../core/workbench/workbench'
import { historyAnswerSchema } from '../../../../core/workbench/workbench'
import { useWorkbench } from '../bench/workbench'
import { ApiProblem, callApi } from '../../../data/callApi'
import { useStudioShop } from '../../../data/studioShop'
import { historyWords } from '../words/history'

const say = historyWords.historyPane
const studio = useStudioShop()

/** What was changed, newest first: on the products on the bench, or in the whole shop. */
const emit = defineEmits<{ revert: [entry: number] }>()
const bench = useWorkbench()

const wanted = ref<'bench' | 'shop'>('bench')
const extents = computed(
  () =>
    [
      ['bench', bench.several ? say.theseProducts : say.thisProduct],
      ['shop', say.wholeShop],
    ] as const,
)
const skus = computed(() => (wanted.value === 'bench' ? bench.products.map(product => product.sku) : null))
/** What is asked for, to tell whether an answer still is wanted. */
const question = computed(() => skus.value?.join() ?? 'all')
const entries = shallowRef<HistoryEntry[]>([])
const more = ref(false)
const loading = ref(true)
const problem = shallowRef<ApiProblem | null>(null)

async function load(before?: number): Promise<void> {
  const asked = question.value
  if (skus.value?.length === 0) return
  loading.value = true
  try {
    const answer = await callApi(historyAnswerSchema, '/api/history', { query: { sku: skus.value ?? undefined, before } })
    if (asked !== question.value) return
    entries.value = before ? [...entries.value, ...answer.entries] : answer.entries
    more.value = answer.more
    problem.value = null
  } catch (error) {
    if (!(error instanceof ApiProblem)) throw error
    problem.value = error
  } finally {
    loading.value = false
  }
}
const loadOlder = () => load(entries.value.at(-1)!.id)
watch(question, () => load(), { immediate: true })

function about({ mine, by, lanes, undone }: HistoryEntry): string {
  const who = by === null ? say.bySomeoneElse : say.by(by)
  return [mine ? say.byYou : who, lanes > 1 && say.lanes(lanes), undone && say.undone].filter(Boolean).join(' · ')
}
const days = computed(() => {
  const today = studio.day(new Date().toISOString())
  const byDay = new Map<string, HistoryEntry[]>()
  for (const entry of entries.value) {
    const day = studio.day(entry.at)
    byDay.set(day, [...(byDay.get(day) ?? []), entry])
  }
  return Array.from(byDay, ([day, all]) => ({ day: day === today ? say.today : day, all }))
})

defineExpose({ refresh: () => load() })
</script>

<template>
  <section class="history" :aria-label="say.history">
    <div class="tools">
      <ChoiceGroup v-model="wanted" :label="say.historyOf" :choices="extents" />
    </div>
    <p v-if="problem" class="none wrong">
      {{ problem.message }} <button type="button" class="text-button" @click="load()">{{ say.tryAgain }}</button>
    </p>
    <p v-else-if="skus && !skus.length" class="none soft">{{ say.chooseAProductToSee }}</p>
    <p v-else-if="!entries.length && !loading" class="none soft">{{ say.nothingHasBeenChangedHere }}</p>
    <div v-else class="days" tabindex="0" :aria-label="say.changes">
      <section v-for="{ day, all } in days" :key="day">
        <h2>{{ day }}</h2>
        <ol>
          <li v-for="entry in all" :key="entry.id" :class="{ gone: !entry.inForce }" :data-entry="entry.id">
            <time class="soft" :datetime="entry.at">{{ studio.time(entry.at) }}</time>
            <div>
              <p>{{ entry.words }}</p>
              <p class="soft small">
                {{ about(entry) }}
              </p>
            </div>
            <button
              v-if="entry.inForce"
              type="button"
              class="text-button"
              :aria-label="say.takeBack(entry.words)"
              @click="emit('revert', entry.id)"
            >
              {{ say.takeBack2 }}
            </button>
          </li>
        </ol>
      </section>
      <button v-if="more" type="button" class="text-button older" @click="loadOlder">{{ say.showOlder }}</button>
    </div>
  </section>
</template>

<style scoped>
.history {
  display: flex;
  flex-direction: column;
  height: 100%;
  background: var(--sheet);
}
.tools {
  padding: 10px 16px;
  border-bottom: 1px solid var(--line-soft);
}
.none {
  margin: 0;
  padding: 16px;
}
.days {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  padding-bottom: 16px;
}
h2 {
  padding: 14px 16px 4px;
  font-size: 13.5px;
}
ol {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: 42px 1fr auto;
  gap: 8px;
  align-items: baseline;
  padding: 8px 16px;
  border-bottom: 1px solid var(--line-soft);
}
li p {
  margin: 0;
  overflow-wrap: anywhere;
}
time {
  font-size: 12.5px;
}
.gone p:first-child {
  color: var(--ink-soft);
}
.older {
  margin: 12px 16px;
}
</style>
