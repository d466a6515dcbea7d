<script setup lang="ts">
import type { SetUpReport } from '../../../core/exchange/setUp/setUp'
import { setUpReportSchema } from '../../../core/exchange/setUp/setUp'
import { useHistory } from '../../data/history'
import { useDrafts } from '../../data/drafts'
import { ApiProblem, callApi } from '../../data/callApi'
import PhDownloadSimple from '~icons/ph/download-simple'
import PhUploadSimple from '~icons/ph/upload-simple'
import { exchangeWords } from './words'

const say = exchangeWords.setUpPart

/** The set-up as a file: out, and in again after a look at what it would change. */
const history = useHistory()
const sections = useDrafts()

const input = useTemplateRef<HTMLInputElement>('input')
/** A file that was chosen: what it holds, and what it would do. */
const chosen = shallowRef<{ name: string; document: object; report: SetUpReport } | null>(null)
const problem = ref('')
const publish = ref(false)
const busy = ref(false)

async function ask(name: string, document: object, dry: boolean): Promise<SetUpReport | null> {
  busy.value = true
  problem.value = ''
  try {
    return await callApi(setUpReportSchema, '/api/exchange/set-up', {
      method: 'POST',
      body: document,
      query: { file: name, ...(dry && { dry: '1' }), ...(publish.value && { publish: '1' }) },
    })
  } catch (error) {
    if (!(error instanceof ApiProblem)) throw error
    problem.value = error.message
    return null
  } finally {
    busy.value = false
  }
}
async function readSetUp(event: Event): Promise<void> {
  const field = event.target as HTMLInputElement
  const file = field.files?.[0]
  field.value = ''
  chosen.value = null
  if (!file) return
  let document: unknown
  try {
    document = JSON.parse(await file.text())
  } catch {
    problem.value = say.isNotJsonChooseA(file.name)
    return
  }
  const report = await ask(file.name, document as object, true)
  if (report) chosen.value = { name: file.name, document: document as object, report }
}
watch(publish, async () => {
  const now = chosen.value
  if (!now) return
  const report = await ask(now.name, now.document, true)
  if (report) chosen.value = { ...now, report }
})
async function take(): Promise<void> {
  const { name, document } = chosen.value!
  const report = await ask(name, document, false)
  if (!report) return
  chosen.value = null
  await Promise.all([history.load(), sections.load()])
  history.tellDone(say.importedTheSetUpOf(name))
}
</script>

<template>
  <SettingPart :title="say.setUp" :hint="say.kindsOfLinksSectionsWith">
    <template #beside>
      <div class="ways">
        <a class="plain-button get" href="/api/exchange/set-up" download="set-up.json"
          ><PhDownloadSimple width="16" height="16" />{{ say.setUpJson }}</a
        >
        <button type="button" class="text-button get" :disabled="busy" @click="input?.click()">
          <PhUploadSimple width="15" height="15" />{{ say.readOne }}
        </button>
      </div>
    </template>
    <input
      ref="input"
      class="unseen"
      type="file"
      accept=".json,application/json"
      :aria-label="say.setUpFile"
      tabindex="-1"
      @change="readSetUp"
    />
    <p v-if="problem" class="wrong small" role="alert">{{ problem }}</p>
    <div v-if="chosen" class="report" role="status">
      <p>
        <b>{{ chosen.name }}</b>
        {{
          chosen.report.changes.length
            ? say.wouldChangeAndLeaveAs(chosen.report.changes.length, chosen.report.unchanged)
            : say.changesNothingAllAreSo(chosen.report.unchanged)
        }}
      </p>
      <ul v-if="chosen.report.changes.length">
        <li v-for="each in chosen.report.changes" :key="`${each.of} ${each.key}`">
          <b>{{ each.name }}</b> <span class="soft">{{ each.words }}</span>
        </li>
      </ul>
      <p v-for="each in chosen.report.warnings" :key="each" class="small wrong">{{ each }}</p>
      <label class="small"><input v-model="publish" type="checkbox" />{{ say.showSectionsPlansAndLooks }}</label>
      <div class="act">
        <button type="button" class="plain-button" @click="chosen = null">{{ say.leaveIt }}</button>
        <button type="button" class="main-button" :disabled="busy || !chosen.report.changes.length" @click="take">{{ say.takeIt }}</button>
      </div>
    </div>
  </SettingPart>
</template>

<style scoped>
p {
  margin: 0;
}
.ways {
  display: grid;
  flex: none;
  justify-items: center;
  gap: 4px;
}
.get {
  display: flex;
  align-items: center;
  gap: 7px;
  text-decoration: none;
}
.plain-button {
  background: var(--sheet);
}
.report {
  display: grid;
  gap: 8px;
  padding: 12px 14px;
  border: 1px solid var(--line);
  border-radius: 10px;
  background: var(--sheet);
  font-size: 13px;
}
ul {
  margin: 0;
  padding: 0;
  max-height: 220px;
  overflow-y: auto;
  list-style: none;
}
li {
  padding: 3px 0;
}
label {
  display: flex;
  align-items: baseline;
  gap: 8px;
}
input {
  accent-color: var(--petrol);
}
.act {
  display: flex;
  justify-content: flex-end;
  gap: 8px;
}
</style>
