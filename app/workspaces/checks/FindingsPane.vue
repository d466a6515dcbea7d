<script setup lang="ts">
import type { Check, Finding } from '../../../core/checks/check'
import { isBundleCheck, isProductCheck, mendOf, wholeCheck } from '../../../core/checks/check'
import type { FindingRow } from '../../../core/studio/checkAnswers'
import { findingsAnswerSchema } from '../../../core/studio/checkAnswers'
import { checkWords } from '../../../core/checks/checkWords'
import type { Command } from '../../../core/records/registry'
import { maxMended } from '../../../core/records/putAside/checkCommandSchema'
import { useChecks } from '../../data/checks'
import { useHistory } from '../../data/history'
import { useMessages } from '../../data/messages'
import { callApi } from '../../data/callApi'
import { placeOf } from './placeOf'
import { useRowPages } from '../../data/useRowPages'

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

const { total, problem, busy, settle, rowAt, rowsBetween, refresh } = useRowPages(
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

const keyOf = (finding: Finding) => JSON.stringify(Object.values(finding))
/** What is marked, to be mended or put aside together. */
const marked = shallowRef(new Map<string, Finding>())
const isMarked = (row: FindingRow | undefined) => row !== undefined && marked.value.has(keyOf(row.finding))
/** Where a range begins. */
let anchor = 0
function toggle(index: number): void {
  const row = rowAt(index)
  if (!row) return
  anchor = index
  const next = new Map(marked.value)
  if (!next.delete(keyOf(row.finding))) next.set(keyOf(row.finding), row.finding)
  marked.value = next
}
async function extend(index: number): Promise<void> {
  const rows = await rowsBetween(Math.min(anchor, index), Math.max(anchor, index))
  marked.value = new Map([...marked.value, ...rows.map(row => [keyOf(row.finding), row.finding] as const)])
}
/** What an action is about: all that is marked, or the row at hand. */
function atHand(): Finding[] {
  if (marked.value.size) return [...marked.value.values()]
  const row = rowAt(cursor.value)
  return row ? [row.finding] : []
}

async function send(command: Command): Promise<void> {
  if (sending.value) return
  sending.value = true
  // The focus stays where the work is, on the row that moves up.
  const hadFocus = document.activeElement?.closest('[data-index]') !== null
  try {
    const done = await history.send(command)
    marked.value = new Map()
    messages.tell(`${done.words}.`, { words: 'Undo', run: () => void undo() })
    await checks.ask()
    await refresh()
    await settle()
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

const mendThese = (findings: Finding[]) =>
  void (mend.value && findings.length && send({ type: 'mend', findings: findings.slice(0, maxMended) }))
async function mendAll(): Promise<void> {
  try {
    mendThese(
      (await callApi(findingsAnswerSchema, '/api/checks/findings', { query: { check: check.value!, limit: maxMended } })).rows.map(
        row => row.finding,
      ),
    )
  } catch (error) {
    messages.refuse(error)
  }
}
const takeUp = (findings: Finding[]) => void (findings.length && send({ type: 'takeUp', findings: findings.slice(0, maxAside) }))
/** As many as one command takes. */
const maxAside = 500

const asking = shallowRef<{ title: string; findings: Finding[] } | null>(null)
function putAside(findings: Finding[]): void {
  if (findings.length)
    asking.value = {
      title: findings.length === 1 ? 'Put this finding aside' : `Put ${Math.min(findings.length, maxAside)} findings aside`,
      findings: findings.slice(0, maxAside),
    }
}
function putCheckAside(): void {
  asking.value = { title: `Put the whole check aside`, findings: [wholeCheck(check.value!)] }
}

const open = (row: FindingRow | undefined) => void (row && navigateTo(placeOf(row.finding)))
const sources = computed(() => [
  ...new Set([...marked.value.values()].filter(each => isProductCheck(each.check) && !isBundleCheck(each.check)).map(each => each.source)),
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
    'Enter': () => (sources.value.length ? openMarked() : open(rowAt(cursor.value))),
    ' ': () => toggle(cursor.value),
    'Escape': () => (marked.value = new Map()),
    'm': () => mendThese(atHand()),
    'a': () => (props.of === 'aside' ? takeUp(atHand()) : putAside(atHand())),
  }
  const run = event.ctrlKey || event.metaKey || event.altKey ? undefined : keys[event.key]
  if (!run) return
  event.preventDefault()
  run()
  if (event.shiftKey && event.key.startsWith('Arrow')) void extend(cursor.value)
}
</script>

<template>
  <section class="pane" :aria-label="words?.title ?? 'Put aside'">
    <header>
      <h1>
        {{ words?.title ?? 'Put aside' }} <span v-if="total !== null" class="soft">{{ total.toLocaleString('en') }}</span>
      </h1>
      <p class="soft">{{ words?.meaning ?? 'These findings are not counted. Take one up again, and it is.' }}</p>
      <p v-if="asideReason" class="note">
        The whole check is put aside: {{ asideReason }}
        <button type="button" class="text-button" @click="takeUp([wholeCheck(check!)])">Take up again</button>
      </p>
      <div v-if="total" class="bar">
        <template v-if="marked.size">
          <span class="marked">{{ marked.size.toLocaleString('en') }} marked</span>
          <button v-if="mend" type="button" class="main-button" @click="mendThese(atHand())">
            {{ mend.one }}<span class="key">M</span>
          </button>
          <button v-if="sources.length" type="button" class="plain-button" @click="openMarked">Open on the bench</button>
          <button v-if="of === 'aside'" type="button" class="plain-button" @click="takeUp(atHand())">Take up again</button>
          <button v-else type="button" class="plain-button" @click="putAside(atHand())">Put aside…</button>
          <button type="button" class="text-button" @click="marked = new Map()">Let go</button>
        </template>
        <template v-else-if="check && !asideReason">
          <button v-if="mend" type="button" class="plain-button" :disabled="sending" @click="mendAll">
            {{
              mend.several.replace(
                '{n}',
                total > maxMended ? `the first ${maxMended.toLocaleString('en')}` : total > 1 ? `all ${total}` : 'it',
              )
            }}
          </button>
          <button type="button" class="text-button" @click="putCheckAside">Put the whole check aside…</button>
        </template>
        <span class="grow" />
        <span class="small soft keys"
          ><span class="key">Enter</span> open <template v-if="mend"><span class="key">M</span> {{ mend.one.toLowerCase() }} </template
          ><span class="key">A</span> {{ of === 'aside' ? 'take up again' : 'put aside' }} <span class="key">Space</span> mark</span
        >
      </div>
    </header>
    <p v-if="problem" class="none wrong" role="alert">
      {{ problem.message }} <button type="button" class="text-button" @click="refresh()">Try again</button>
    </p>
    <div v-else-if="total === 0" class="none soft">
      <p v-if="of === 'aside'">Nothing is put aside. What is as it should be, although a check finds it, can be put aside with a reason.</p>
      <p v-else-if="checks.of(of)?.count === null">Not looked at yet. What is found shows here as soon as it is.</p>
      <p v-else>Nothing found: all is well here.</p>
    </div>
    <VirtualRows v-else ref="list" :count="total ?? 0" :cursor="cursor" :busy="busy" label="Findings" grid>
      <template #default="{ index }">
        <FindingRow
          :row="rowAt(index)"
          :marked="isMarked(rowAt(index))"
          :aside="of === 'aside'"
          :data-index="index"
          :tabindex="index === cursor ? 0 : -1"
          @click="onClick($event, index)"
          @dblclick="open(rowAt(index))"
          @keydown="onKey"
          @focus="cursor = index"
          @mend="mendThese([rowAt(index)!.finding])"
          @put-aside="putAside([rowAt(index)!.finding])"
          @take-up="takeUp([rowAt(index)!.finding])"
        />
      </template>
    </VirtualRows>
    <AsideDialog
      v-if="asking"
      :title="asking.title"
      @close="asking = null"
      @aside="reason => send({ type: 'putAside', findings: asking!.findings, reason })"
    />
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
.bar {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 36px;
  margin-top: 12px;
}
.bar .main-button,
.bar .plain-button {
  height: 32px;
  padding: 0 13px;
  font-size: 13.5px;
}
.marked {
  font-weight: 600;
}
.main-button .key {
  margin-left: 8px;
  background: none;
  border-color: rgb(255 255 255 / 0.4);
  color: #fff;
}
.grow {
  flex: 1;
}
.keys {
  white-space: nowrap;
}
.keys .key {
  margin-left: 8px;
}
.none {
  padding: 6px 28px;
}
.none p {
  margin: 0;
}
</style>
