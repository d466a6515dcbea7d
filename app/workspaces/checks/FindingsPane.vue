<script setup lang="ts">
import type { Check, Finding } from '../../../core/checks/check'
import { isBundleCheck, isProductCheck, mendOf, wholeCheck } from '../../../core/checks/check'
import { findingsAnswerSchema } from '../../../core/studio/checkAnswers'
import { checkWords } from '../../../core/checks/checkWords'
import type { Command } from '../../../core/records/registry'
import { maxMended } from '../../../core/records/putAside/checkCommandSchema'
import { useChecks } from '../../data/checks'
import { useHistory } from '../../data/history'
import { useMessages } from '../../data/messages'
import { callApi } from '../../data/callApi'
import { addressOf } from './addressOf'
import { useMarkedFindings } from './useMarkedFindings'
import { useRowPages } from '../../data/useRowPages'
import { checksWords } from './words'

const say = checksWords.findingsPane

/** What one check found, and what can be done about it. */
const props = defineProps<{ of: Check | 'aside' }>()
const checks = useChecks()
const history = useHistory()
const messages = useMessages()

const check = computed(() => (props.of === 'aside' ? null : props.of))
const words = computed(() => check.value && checkWords[check.value])
const mend = computed(() => (check.value && mendOf(check.value) ? words.value!.mend! : null))
/** Why the whole check is put aside. */
const asideReason = computed(() => check.value && checks.of(check.value)?.aside)

const { total, problem, busy, whenLoaded, rowAt, rowsBetween, refresh } = useRowPages(
  () => props.of,
  (of, page, signal) =>
    callApi(findingsAnswerSchema, of === 'aside' ? '/api/checks/putAside' : '/api/checks/findings', {
      query: { ...page, check: of === 'aside' ? undefined : of },
      signal,
    }),
)
watch(
  () => checks.edition,
  () => void refresh(),
)

const list = useTemplateRef('list')
const cursor = ref(0)
async function focusRow(index: number): Promise<void> {
  cursor.value = Math.max(0, Math.min(index, (total.value ?? 1) - 1))
  await list.value?.focus(cursor.value)
}
watch(total, now => {
  if (now !== null && cursor.value >= now) cursor.value = Math.max(0, now - 1)
})

const { marked, isMarked, toggle, extend, clear } = useMarkedFindings({ rowAt, rowsBetween })
/** What an action is about: all that is marked, or the row at hand. */
function atHand(): readonly Finding[] {
  if (marked.value.length) return marked.value
  const row = rowAt(cursor.value)
  return row ? [row.finding] : []
}

/** When what is being sent has been answered, and the list is as it is then. */
let settled = Promise.resolve()
async function send(command: Command): Promise<void> {
  if (sending.value) return
  await (settled = sendNow(command))
}
async function sendNow(command: Command): Promise<void> {
  sending.value = true
  // The focus stays where the work is, on the row that moves up.
  const hadFocus = document.activeElement?.closest('[data-index]') !== null
  try {
    const done = await history.send(command)
    clear()
    history.tellDone(`${done.words}.`, () => void undo())
    await checks.ask()
    await refresh()
    await whenLoaded()
    if (hadFocus && total.value) await focusRow(cursor.value)
  } catch (error) {
    messages.refuse(error)
  } finally {
    sending.value = false
  }
}
const sending = ref(false)
async function undo(): Promise<void> {
  const done = await history.step('undo')
  if (done) messages.tell(done.words)
  await checks.ask()
}

function mendThese(findings: readonly Finding[]): void {
  if (mend.value && findings.length) void send({ type: 'mend', findings: findings.slice(0, maxMended) })
}
async function mendAll(): Promise<void> {
  try {
    const query = { check: check.value!, limit: maxMended }
    const { rows } = await callApi(findingsAnswerSchema, '/api/checks/findings', { query })
    mendThese(rows.map(row => row.finding))
  } catch (error) {
    messages.refuse(error)
  }
}
function reopen(findings: readonly Finding[]): void {
  if (findings.length) void send({ type: 'reopen', findings: findings.slice(0, maxAside) })
}
const reopenCheck = () => reopen([wholeCheck(check.value!)])
/** As many as one command takes. */
const maxAside = 500

const asking = shallowRef<{ title: string; findings: Finding[] } | null>(null)
function putAside(findings: readonly Finding[]): void {
  if (findings.length)
    asking.value = {
      title: findings.length === 1 ? say.putThisFindingAside : say.putFindingsAside(Math.min(findings.length, maxAside)),
      findings: findings.slice(0, maxAside),
    }
}
const sendAside = (reason: string) => send({ type: 'putAside', findings: asking.value!.findings, reason })
function putCheckAside(): void {
  asking.value = { title: say.putTheWholeCheckAside, findings: [wholeCheck(check.value!)] }
}

function open(index: number): void {
  const row = rowAt(index)
  if (row) void navigateTo(addressOf(row.finding))
}
const sources = computed(() => [
  ...new Set(marked.value.filter(each => isProductCheck(each.check) && !isBundleCheck(each.check)).map(each => each.source)),
])
function openMarked(): void {
  if (sources.value.length) void navigateTo(`/products/${sources.value.slice(0, 50).map(encodeURIComponent).join()}`)
}
function onClick(event: MouseEvent, index: number): void {
  cursor.value = index
  if (event.shiftKey) void extend(index)
  else if (event.ctrlKey || event.metaKey || (event.target as HTMLElement).closest('.box')) toggle(index)
}
function onKey(event: KeyboardEvent): void {
  const keys: Record<string, () => void> = {
    'ArrowDown': () => void focusRow(cursor.value + 1),
    'ArrowUp': () => void focusRow(cursor.value - 1),
    'PageDown': () => void focusRow(cursor.value + 10),
    'PageUp': () => void focusRow(cursor.value - 10),
    'Home': () => void focusRow(0),
    'End': () => void focusRow(Infinity),
    'Enter': () => (sources.value.length ? openMarked() : open(cursor.value)),
    ' ': () => toggle(cursor.value),
    'Escape': clear,
    'm': () => mendThese(atHand()),
    'a': () => (props.of === 'aside' ? reopen(atHand()) : putAside(atHand())),
  }
  const run = event.ctrlKey || event.metaKey || event.altKey ? undefined : keys[event.key]
  if (!run) return
  event.preventDefault()
  keysDone = keysDone.then(async () => {
    await settled
    run()
    if (event.shiftKey && event.key.startsWith('Arrow')) await extend(cursor.value)
  })
}
/** Keys are done one after another: one that is pressed while something is on its way is for the list as it will be then. */
let keysDone = Promise.resolve()
</script>

<template>
  <section class="pane" :aria-label="words?.title ?? say.putAside">
    <header>
      <h1>
        {{ words?.title ?? say.putAside }} <span v-if="total !== null" class="soft">{{ total.toLocaleString('en') }}</span>
      </h1>
      <p class="soft">{{ words?.meaning ?? say.theseFindingsAreNotCounted }}</p>
      <p v-if="asideReason" class="note">
        {{ say.theWholeCheckIsPut(asideReason) }}
        <button type="button" class="text-button" @click="reopenCheck">{{ say.takeUpAgain }}</button>
      </p>
      <FindingsBar
        v-if="total"
        :total="total"
        :marked="marked.length"
        :mend="mend"
        :is-aside="of === 'aside'"
        :is-counted="check !== null && !asideReason"
        :is-on-bench="sources.length > 0"
        :busy="sending"
        @mend="mendThese(marked)"
        @mend-all="mendAll"
        @open="openMarked"
        @reopen="reopen(marked)"
        @put-aside="putAside(marked)"
        @put-check-aside="putCheckAside"
        @let-go="clear"
      />
    </header>
    <p v-if="problem" class="none wrong" role="alert">
      {{ problem.message }} <button type="button" class="text-button" @click="refresh()">{{ say.tryAgain }}</button>
    </p>
    <div v-else-if="total === 0" class="none soft">
      <p v-if="of === 'aside'">{{ say.nothingIsPutAsideWhat }}</p>
      <p v-else-if="checks.of(of)?.count === null">{{ say.notLookedAtYetWhat }}</p>
      <p v-else>{{ say.nothingFoundAllIsWell }}</p>
    </div>
    <VirtualRows v-else ref="list" :count="total ?? 0" :cursor="cursor" :busy="busy" :row-at="rowAt" :label="say.findings" grid>
      <template #default="{ index, row }">
        <FindingRow
          :row="row"
          :marked="isMarked(row)"
          :aside="of === 'aside'"
          :data-index="index"
          :tabindex="index === cursor ? 0 : -1"
          @click="onClick($event, index)"
          @dblclick="open(index)"
          @keydown="onKey"
          @focus="cursor = index"
          @mend="mendThese([row!.finding])"
          @put-aside="putAside([row!.finding])"
          @reopen="reopen([row!.finding])"
        />
      </template>
    </VirtualRows>
    <AsideDialog v-if="asking" :title="asking.title" @close="asking = null" @aside="sendAside" />
  </section>
</template>
<style scoped>
.pane {
  display: flex;
  flex-direction: column;
  height: 100%;
  background: var(--sheet);
}
header {
  flex: none;
  padding: 18px 20px 12px 28px;
}
header h1 {
  font-size: 21px;
  line-height: 1.25;
}
header h1 .soft {
  margin-left: 4px;
  font: 500 16px/1 var(--text);
  font-variant-numeric: tabular-nums;
}
header p {
  margin: 4px 0 0;
  max-width: 86ch;
}
header .note {
  margin-top: 8px;
  padding: 6px 12px;
  border-radius: 8px;
  background: var(--sunk);
}
.none {
  padding: 6px 28px;
}
.none p {
  margin: 0;
}
</style>
