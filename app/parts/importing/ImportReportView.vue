<script setup lang="ts">
import { stringify } from 'csv-stringify/browser/esm/sync'
import type { ImportReport, Rejection } from '../../../core/exchange/importReport'
import { useHistory } from '../../data/history'
import PhCheckCircle from '~icons/ph/check-circle'
import PhDownloadSimple from '~icons/ph/download-simple'
import { importingWords } from './words'

const say = importingWords.importReportView

/** What a file would do, or what it did: numbers, and row by row. */
const props = defineProps<{ report: ImportReport; fileName: string }>()
const emit = defineEmits<{ take: [keepValid: boolean]; backOut: []; choose: [] }>()
const history = useHistory()

type Fate = 'created' | 'updated' | 'rejected' | 'noted'
const done = computed(() => props.report.done !== null)
/** What the last column of the rows tells. */
const heads: Record<Fate, string> = { rejected: say.why, created: say.new, updated: say.changed, noted: say.toKnow }
const fates = computed(() => [
  { fate: 'created' as const, words: say.newWord, count: props.report.created },
  { fate: 'updated' as const, words: say.changedWord, count: props.report.updated },
  { fate: 'rejected' as const, words: say.rejected, count: props.report.rejected },
  ...(props.report.noted ? [{ fate: 'noted' as const, words: say.noted, count: props.report.noted }] : []),
])
const shown = ref<Fate>('created')
watch(
  () => props.report,
  report => (shown.value = (['rejected', 'created'] as const).find(each => report[each]) ?? 'updated'),
  { immediate: true },
)
/** All that is wrong with a row, as one. */
const faultsOf = ({ column, reason, more }: Rejection) => ({
  columns: [column, ...more.map(each => each.column)].join(', '),
  reasons: [reason, ...more.map(each => each.reason)].join(' '),
})
function rowsOf(fate: Fate): { line: number; column: string; words: string; cells: string }[] {
  const { rejections, notes, effects } = props.report
  if (fate === 'rejected')
    return rejections.map(each => {
      const { columns, reasons } = faultsOf(each)
      return { line: each.line, column: columns, words: reasons, cells: Object.values(each.row).filter(Boolean).join(', ') }
    })
  if (fate === 'noted') return notes.map(each => ({ ...each, cells: '' }))
  return effects.filter(each => each.is === fate).map(({ line, words }) => ({ line, column: '', words, cells: '' }))
}
const rows = computed(() => rowsOf(shown.value))
const hasColumn = computed(() => shown.value === 'rejected' || shown.value === 'noted')
const count = computed(() => fates.value.find(each => each.fate === shown.value)!.count)
const good = computed(() => props.report.created + props.report.updated)

/** The rejected rows with why, to be mended and imported again: the two columns more are passed over then. */
function download(): void {
  const columns = [...new Set(props.report.rejections.flatMap(each => Object.keys(each.row))), say.rejectedColumn, say.rejectedBecause]
  const text = stringify(
    props.report.rejections.map(each => {
      const { columns, reasons } = faultsOf(each)
      return { ...each.row, 'rejected column': columns, 'rejected because': reasons }
    }),
    { header: true, columns, record_delimiter: 'windows', bom: true },
  )
  const link = Object.assign(document.createElement('a'), {
    href: URL.createObjectURL(new Blob([text], { type: 'text/csv' })),
    download: props.fileName.replace(/(\.\w+)?$/, '-rejected.csv'),
  })
  link.click()
  URL.revokeObjectURL(link.href)
}
const undone = ref(false)
async function undo(): Promise<void> {
  undone.value = (await history.step('undo')) !== null
}
</script>

<template>
  <div class="report">
    <p v-if="done" class="outcome done" role="status">
      <PhCheckCircle width="20" height="20" />{{ undone ? say.undoneEverythingIsAsIt : `${report.done}.`
      }}<button v-if="!undone && history.undo === report.done" type="button" class="text-button" @click="undo">{{ say.undo }}</button>
    </p>
    <p v-else class="outcome" role="status">
      <template v-if="!report.rows">{{ say.theFileHasAFirst }}</template>
      <template v-else-if="!good && !report.rejected">{{ say.theShopAlreadyIsAs }}</template>
      <template v-else-if="report.rejected">{{
        say.cantBeTakenMendThe(say.countedRows(report.rejected), say.countedRows(good + report.unchanged))
      }}</template>
      <template v-else>{{ say.nothingIsChangedYetThis }}</template>
    </p>
    <ul v-if="report.rows" class="numbers">
      <li v-for="each in fates" :key="each.fate">
        <button
          type="button"
          class="number"
          :class="each.fate"
          :aria-pressed="shown === each.fate"
          :disabled="!each.count"
          @click="shown = each.fate"
        >
          <b>{{ each.count.toLocaleString('en') }}</b><span>{{ each.words }}</span>
        </button>
      </li>
      <li class="number still">
        <b>{{ report.unchanged.toLocaleString('en') }}</b><span>{{ say.asTheyAre }}</span>
      </li>
    </ul>
    <p v-if="report.ignoredColumns.length" class="small soft ignored">
      {{
        say.passedOverTheWhichNothing(
          report.ignoredColumns.length === 1 ? say.column : say.columns,
          report.ignoredColumns.join(', '),
          report.ignoredColumns.length === 1 ? say.says : say.say,
        )
      }}
    </p>
    <template v-if="rows.length">
      <div class="head small soft" aria-hidden="true">
        <span>{{ say.line }}</span><span v-if="hasColumn">{{ say.columnTitle }}</span
        ><span>{{ heads[shown] }}</span>
      </div>
      <v-virtual-scroll :items="rows" :item-height="40" class="rows" role="list" :aria-label="say.rows(shown)">
        <template #default="{ item }">
          <div class="row" :class="{ rejected: shown === 'rejected', noted: shown === 'noted' }" role="listitem">
            <span class="mono">{{ item.line }}</span><span v-if="hasColumn" class="mono cut" :title="item.column">{{ item.column }}</span>
            <span class="words" :title="item.words">{{ item.words }}</span><span v-if="item.cells" class="mono cut" :title="item.cells">{{
              item.cells
            }}</span>
          </div>
        </template>
      </v-virtual-scroll>
      <p v-if="count > rows.length" class="small soft more">
        {{ say.theseAreTheFirstOf(rows.length.toLocaleString('en'), count.toLocaleString('en')) }}
      </p>
    </template>
    <span v-else class="grow" />
    <footer>
      <button v-if="report.rejected" type="button" class="plain-button down" @click="download">
        <PhDownloadSimple width="16" height="16" />{{ say.rejectedRows }}
      </button>
      <span class="grow" />
      <template v-if="done || !good">
        <button type="button" class="plain-button" @click="emit('choose')">{{ say.chooseAnotherFile }}</button>
        <button type="button" class="main-button" @click="emit('backOut')">{{ say.close }}</button>
      </template>
      <template v-else>
        <button type="button" class="plain-button" @click="emit('backOut')">{{ say.backOut }}</button>
        <button v-if="report.rejected" type="button" class="main-button" @click="emit('take', true)">
          {{ say.takeTheThatCanBe(say.countedRows(good)) }}
        </button>
        <button v-else type="button" class="main-button" @click="emit('take', false)">{{ say.import(say.countedRows(good)) }}</button>
      </template>
    </footer>
  </div>
</template>

<style scoped>
.report {
  display: flex;
  flex-direction: column;
  flex: 1;
  min-height: 0;
}
.outcome {
  display: flex;
  align-items: center;
  gap: 8px;
  margin: 14px 20px 0;
}
.outcome.done {
  color: var(--moss-ink);
  font-weight: 600;
}
.numbers {
  display: flex;
  gap: 10px;
  margin: 14px 20px 12px;
  padding: 0;
  list-style: none;
}
.number {
  display: grid;
  gap: 2px;
  min-width: 118px;
  padding: 9px 14px;
  border: 1px solid var(--line);
  border-radius: 10px;
  background: none;
  color: inherit;
  font: 13px/1.3 var(--text);
  text-align: left;
  cursor: pointer;
}
.number b {
  font: 650 22px/1.1 var(--head);
  font-feature-settings: 'tnum';
}
.number span {
  color: var(--ink-soft);
}
.number:hover:not(:disabled, .still) {
  background: var(--sunk);
}
.number[aria-pressed='true'] {
  border-color: var(--petrol);
  background: var(--petrol-wash);
}
.number.rejected:not(:disabled) b {
  color: var(--clay-ink);
}
.number:disabled,
.number.still {
  cursor: default;
  border-color: var(--line-soft);
}
.number:disabled {
  color: var(--ink-soft);
}
.number.still {
  background: none;
}
.ignored {
  margin: 0 20px 10px;
}
.head,
.row {
  display: grid;
  grid-template-columns: 74px 1fr;
  gap: 12px;
  align-items: center;
  padding: 0 20px;
}
.head:has(> :nth-child(3)) {
  grid-template-columns: 74px 110px minmax(0, 1.4fr) minmax(0, 1fr);
}
.row.rejected,
.row.noted {
  grid-template-columns: 74px 110px minmax(0, 1.4fr) minmax(0, 1fr);
}
.head {
  height: 30px;
  border-bottom: 1px solid var(--line-soft);
}
.row {
  height: 40px;
  border-bottom: 1px solid var(--line-soft);
}
.words {
  display: -webkit-box;
  overflow: hidden;
  font-size: 13px;
  line-height: 1.3;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
}
.rows {
  flex: 1;
  min-height: 0;
}
.more {
  margin: 8px 20px;
}
.grow {
  flex: 1;
}
footer {
  display: flex;
  align-items: center;
  gap: 8px;
  padding: 12px 20px;
  border-top: 1px solid var(--line);
}
.down {
  display: flex;
  align-items: center;
  gap: 7px;
}
</style>
