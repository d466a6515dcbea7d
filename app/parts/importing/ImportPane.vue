<script setup lang="ts">
import { useDropZone } from '@vueuse/core'
import type { ImportReport } from '../../../core/exchange/importReport'
import { useHistory } from '../../data/history'
import { useStudioShop } from '../../data/studioShop'
import { ApiProblem } from '../../data/callApi'
import { guessFileKind } from './guessFileKind'
import PhFileCsv from '~icons/ph/file-csv'
import { useShortcut } from '../../elements/useShortcut'
import { useExchange } from './useExchange'
import { useImport } from './useImport'
import { importingWords } from './words'

const say = importingWords.importPane

/** Takes a file in: choose or drop it, see what it would do, then import it or back out. */
const emit = defineEmits<{ imported: [] }>()
const history = useHistory()
const studio = useStudioShop()
const { progress, busy, send, cancel } = useImport()

const file = shallowRef<File | null>(null)
const { exchange, failed, load } = useExchange()
const kind = ref('')
const kindChoices = computed(() => exchange.value.kinds.map(each => [each.kind, each.name] as const))
const kindNames = computed(() =>
  new Intl.ListFormat('en', { type: 'disjunction' }).format(exchange.value.kinds.map(each => each.name.toLowerCase())),
)
const formatNames = computed(() => new Intl.ListFormat('en', { type: 'disjunction' }).format(exchange.value.formats.map(each => each.name)))
const report = shallowRef<ImportReport | null>(null)
const problem = ref('')
const cancelled = ref<'cancelled' | 'left' | null>(null)
/** It was stopped when some of it was written. */
const isInPart = ref(false)
const importing = ref(false)

async function take(next: File | undefined): Promise<void> {
  if (!next || busy.value) return
  file.value = next
  // A file may be chosen before the kinds of files have come.
  await load()
  problem.value = failed.value
  if (failed.value) return
  kind.value = (await guessFileKind(next, exchange.value.kinds).catch(() => null)) ?? (kind.value || exchange.value.kinds[0]!.kind)
  await run({ dry: true })
}
async function run(how: { dry?: boolean; keepValid?: boolean }): Promise<void> {
  problem.value = ''
  isInPart.value = false
  cancelled.value = null
  importing.value = !how.dry
  try {
    const answer = await send(file.value!, kind.value, how)
    cancelled.value = typeof answer === 'string' ? answer : null
    report.value = typeof answer === 'string' ? null : answer
    if (report.value?.done || cancelled.value === 'left') await history.load()
    if (report.value?.done) emit('imported')
  } catch (error) {
    if (!(error instanceof ApiProblem)) console.error(error)
    report.value = null
    problem.value = (error as Error).message
    isInPart.value = error instanceof ApiProblem && error.code === 'stopped'
    if (isInPart.value) await history.load()
  }
}
// What amounts and empty cells say may have been set otherwise since.
watch(
  () => JSON.stringify([studio.currency, studio.language, studio.shop?.settings.emptyStock]),
  () => void (report.value && !report.value.done && !busy.value && run({ dry: true })),
)
function backOut(): void {
  file.value = report.value = null
  problem.value = ''
  cancelled.value = null
  void nextTick(() => chooser.value?.focus())
}
function readAs(next: string): void {
  if (kind.value === next || busy.value) return
  kind.value = next
  if (file.value) void run({ dry: true })
}

const zone = useTemplateRef<HTMLElement>('zone')
const input = useTemplateRef<HTMLInputElement>('input')
const chooser = useTemplateRef<HTMLElement>('chooser')
const { isOverDropZone } = useDropZone(zone, { onDrop: files => void take(files?.[0]) })
function chosen(): void {
  void take(input.value?.files?.[0])
  // The same file, mended, can be chosen once more.
  if (input.value) input.value.value = ''
}
useShortcut('o', () => input.value?.click())

const size = computed(() =>
  file.value
    ? new Intl.NumberFormat('en', { maximumFractionDigits: 1 }).format(file.value.size / (file.value.size < 1e6 ? 1e3 : 1e6)) +
      (file.value.size < 1e6 ? ' kB' : ' MB')
    : '',
)
const isWriting = computed(() => progress.value?.stage === 'writing')
const percent = computed(() => {
  if (!progress.value) return null
  const { stage, rows, of, bytes, size } = progress.value
  if (stage === 'writing') return of ? Math.round((100 * rows) / of) : null
  return stage === 'reading' && size ? Math.round((100 * bytes) / size) : null
})
const stage = computed(() => {
  if (!progress.value || progress.value.stage === 'receiving') return say.sendingTheFile
  const { rows: done, of } = progress.value
  if (isWriting.value) return say.written(done.toLocaleString('en'), of.toLocaleString('en'))
  const rows = say.rowsWithRows(done.toLocaleString('en'))
  return `${importing.value ? say.reading : say.trying} ${rows}…`
})
</script>

<template>
  <section ref="zone" class="import" :class="{ over: isOverDropZone }" :aria-label="say.import">
    <input
      ref="input"
      type="file"
      accept=".csv,.txt,text/csv"
      class="unseen"
      tabindex="-1"
      :aria-label="say.fileToImport"
      @change="chosen"
    />
    <div v-if="!file" class="empty">
      <PhFileCsv width="44" height="44" class="icon" />
      <h1>{{ say.bringInAFile }}</h1>
      <p class="soft">
        {{ say.dropAFileOfHere(formatNames, kindNames) }}
      </p>
      <button ref="chooser" type="button" class="main-button" aria-keyshortcuts="O" @click="input?.click()">
        {{ say.chooseAFile }}<span class="key">O</span>
      </button>
      <slot />
    </div>
    <template v-else>
      <header>
        <PhFileCsv width="30" height="30" class="icon" />
        <div class="what">
          <h1 class="cut">{{ file.name }}</h1>
          <p class="small soft">
            {{ size
            }}<template v-if="report">, {{ report.rows.toLocaleString('en') }} {{ report.rows === 1 ? say.row : say.rows }}</template>
          </p>
        </div>
        <ChoiceGroup
          :model-value="kind"
          :label="say.readAs"
          :choices="kindChoices"
          :disabled="busy || !!report?.done"
          @update:model-value="readAs"
        />
      </header>
      <div v-if="busy" class="busy" role="status">
        <v-progress-linear
          :indeterminate="percent === null"
          :model-value="percent ?? 0"
          color="primary"
          height="6"
          rounded
          :aria-label="stage"
        />
        <p>
          {{ stage }}<template v-if="percent !== null">{{ ' ' }}{{ percent }} %</template>
        </p>
        <button type="button" class="plain-button" @click="cancel">{{ isWriting ? say.stop : say.cancel }}</button>
        <p v-if="isWriting" class="soft small">{{ say.othersGoOn }}</p>
      </div>
      <div v-else-if="problem" class="note" role="alert">
        <p class="wrong">{{ problem }}</p>
        <p v-if="!isInPart" class="soft">{{ say.nothingWasChanged }}</p>
        <div class="ways">
          <button type="button" class="plain-button" @click="backOut">{{ say.leaveIt }}</button><button
            type="button"
            class="main-button"
            @click="input?.click()"
          >
            {{ say.chooseAFile }}
          </button>
        </div>
      </div>
      <div v-else-if="cancelled" class="note" role="status">
        <p>{{ say.wasCancelled[cancelled] }}</p>
        <div class="ways">
          <button type="button" class="plain-button" @click="backOut">{{ say.leaveIt }}</button><button
            type="button"
            class="main-button"
            @click="run({ dry: true })"
          >
            {{ say.tryItAgain }}
          </button>
        </div>
      </div>
      <ImportReportView
        v-else-if="report"
        :report="report"
        :file-name="file.name"
        @take="keepValid => run({ keepValid })"
        @back-out="backOut"
        @choose="input?.click()"
      />
    </template>
  </section>
</template>

<style scoped>
.import {
  display: flex;
  flex-direction: column;
  height: 100%;
  background: var(--sheet);
}
.import.over {
  background: var(--saffron-wash);
  box-shadow: inset 0 0 0 2px var(--saffron);
}
.empty {
  display: grid;
  justify-items: center;
  align-content: center;
  gap: 8px;
  flex: 1;
  margin: 24px;
  border: 1.5px dashed #cfc5b1;
  border-radius: 14px;
  text-align: center;
}
.empty p {
  max-width: 46ch;
  margin: 0 0 10px;
}
.icon {
  flex: none;
  color: var(--petrol);
}
.main-button .key {
  margin-left: 8px;
  background: none;
  border-color: rgb(255 255 255 / 0.4);
  color: #fff;
}
h1 {
  font-size: 20px;
  line-height: 1.25;
}
header {
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 14px 20px;
  border-bottom: 1px solid var(--line-soft);
}
.what {
  flex: 1;
  min-width: 0;
}
.what p {
  margin: 1px 0 0;
}
.busy,
.note {
  display: grid;
  gap: 12px;
  justify-items: start;
  max-width: 560px;
  padding: 24px 20px;
}
.busy > :first-child {
  width: 100%;
}
.busy p,
.note p {
  margin: 0;
}
.ways {
  display: flex;
  gap: 8px;
}
</style>
