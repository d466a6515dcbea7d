<script setup lang="ts">
import { lookDifferences } from '../../../core/looks/lookWords'
import { planDifferences } from '../../../core/pagePlans/planDifferences'
import { sectionDifferences } from '../../../core/sections/sectionDifferences'
import type { PageKind } from '../../../core/pageTypes/registry'
import { hangsOnShopper } from '../../../core/checks/fill'
import { pageKinds } from '../../../core/pageTypes/registry'
import type { Schedule } from '../../../core/releases/release'
import { counted, listed } from '../../../core/text/sentence'
import { useMessages } from '../../data/messages'
import { useReleases } from './releases'
import { momentWords } from '../../elements/dayWords'
import { useDrafts } from '../../data/drafts'
import { useStudioShop } from '../../data/studioShop'

/** What shoppers don't have yet: all of it, with what is to go out with this publishing chosen; and what they had, release by release. */
const props = defineProps<{ sections: readonly string[]; plans: readonly string[]; looks: readonly string[] }>()
const emit = defineEmits<{ close: [] }>()
const store = useDrafts()
const studio = useStudioShop()
const messages = useMessages()

const nameOf = (key: string) => {
  const stored = store.sections.find(each => each.key === key)
  return studio.words((stored?.draft ?? stored?.live)?.heading ?? {}) || key
}
const lookName = (key: string) => {
  const stored = store.looks.find(each => each.key === key)
  return studio.words((stored?.draft ?? stored?.live)?.name ?? {}) || key
}
const upperFirst = (words: string) => words.charAt(0).toUpperCase() + words.slice(1)
/** What publishing it does. @param changes in words, when it was live and stays so */
function wordsOf<T>(live: T | null, draft: T | null, changes: (before: T, after: T) => string): string {
  if (!draft) return 'Removed'
  return live ? changes(live, draft) : 'New'
}
const rows = computed(() => [
  ...store.unpublished.sections.map(key => {
    const { live, draft } = store.sections.find(each => each.key === key)!
    return {
      of: 'sections' as const,
      key,
      name: `“${nameOf(key)}”`,
      words: wordsOf(live, draft, (before, after) => `Changes ${listed(sectionDifferences(before, after))}`),
    }
  }),
  ...store.unpublished.plans.map(key => {
    const { live, draft } = store.plans.find(each => each.key === key)!
    return {
      of: 'plans' as const,
      key,
      name: studio.words((draft ?? live)!.name),
      words: wordsOf(live, draft, (before, after) => upperFirst(listed(planDifferences(before, after, nameOf)))),
    }
  }),
  ...store.unpublished.looks.map(key => {
    const { live, draft } = store.looks.find(each => each.key === key)!
    return {
      of: 'looks' as const,
      key,
      name: `${lookName(key)} (look)`,
      words: wordsOf(live, draft, (before, after) => `Changes ${listed(lookDifferences(before, after))}`),
    }
  }),
])
/** Sections that a plan to be published names, and that shoppers would still not have. */
const missing = computed(() => {
  const going = (of: string, key: string) => chosen.value.has(`${of} ${key}`)
  const plans = store.plans.filter(({ key, draft }) => draft && store.unpublished.plans.includes(key) && going('plans', key))
  const named = new Set(plans.flatMap(({ draft }) => draft!.zones.flatMap(zone => zone.sections)))
  return store.sections.filter(
    ({ key, live, draft }) => named.has(key) && (going('sections', key) && store.unpublished.sections.includes(key) ? !draft : !live),
  )
})
/** Looks that a section to be published has, and that shoppers would have as they were, or not at all. */
const staleLooks = computed(() =>
  store.unpublished.looks.filter(
    key =>
      !chosen.value.has(`looks ${key}`) &&
      store.sections.some(
        ({ key: section, draft }) =>
          draft?.look.preset === key && store.unpublished.sections.includes(section) && chosen.value.has(`sections ${section}`),
      ),
  ),
)
const chosen = ref(
  new Set([
    ...props.sections.map(key => `sections ${key}`),
    ...props.plans.map(key => `plans ${key}`),
    ...props.looks.map(key => `looks ${key}`),
  ]),
)
const idOf = (row: { of: string; key: string }) => `${row.of} ${row.key}`
function toggle(id: string): void {
  if (!chosen.value.delete(id)) chosen.value.add(id)
}
const keysOf = (of: 'sections' | 'plans' | 'looks') =>
  rows.value.filter(row => row.of === of && chosen.value.has(idOf(row))).map(row => row.key)
const count = computed(() => rows.value.filter(row => chosen.value.has(idOf(row))).length)

const note = ref('')
/** When it goes out, as a field for dates and times has it; empty: at once. */
const time = ref('')
const isLater = ref(false)
const isPast = computed(() => isLater.value && (!time.value || Date.parse(time.value) <= Date.now()))
async function publish(): Promise<void> {
  const what = { sections: keysOf('sections'), plans: keysOf('plans'), looks: keysOf('looks'), note: note.value.trim() }
  if (
    await store.sendAndTell(
      isLater.value ? { type: 'schedulePublish', at: new Date(time.value).toISOString(), ...what } : { type: 'publish', ...what },
    )
  )
    emit('close')
}
async function discard(): Promise<void> {
  if (await store.sendAndTell({ type: 'discard', sections: keysOf('sections'), plans: keysOf('plans'), looks: keysOf('looks') }))
    emit('close')
}

const releases = useReleases()
const shown = ref<'publish' | 'releases'>(props.sections.length + props.plans.length + props.looks.length ? 'publish' : 'releases')
const loadReleases = () => releases.load().catch(error => messages.refuse(error))
onMounted(loadReleases)
async function settleSchedule(type: 'cancelSchedule' | 'runSchedule', key: string): Promise<void> {
  await store.sendAndTell({ type, key })
  await loadReleases()
}
const countOf = ({ sections, plans, looks }: Schedule) =>
  counted(
    [sections, plans, looks].reduce((sum, each) => sum + Object.keys(each).length, 0),
    'draft',
  )
/** On which pages a section is counted before and after. */
const countedPagesOf = (key: string): PageKind[] => {
  const { draft } = store.sections.find(each => each.key === key)!
  const pages = new Set(store.placesOf(key).map(each => each.plan.page))
  return draft ? pageKinds.filter(page => pages.has(page) && !hangsOnShopper(draft, page)) : []
}
</script>

<template>
  <v-dialog :model-value="true" max-width="600" aria-labelledby="publish-title" @update:model-value="emit('close')">
    <v-card rounded="lg" class="studio ask">
      <div class="title">
        <h2 id="publish-title">{{ shown === 'publish' ? 'Publish' : 'Releases' }}</h2>
        <div class="choice" role="group" aria-label="Publish or look back">
          <button type="button" :aria-pressed="shown === 'publish'" @click="shown = 'publish'">To publish</button>
          <button type="button" :aria-pressed="shown === 'releases'" @click="shown = 'releases'">Releases</button>
        </div>
      </div>
      <ul v-if="releases.answer?.schedules.length" class="planned" aria-label="Planned">
        <li v-for="each in releases.answer.schedules" :key="each.key">
          <span
            ><b>{{ momentWords(each.at) }}</b
            >: {{ countOf(each) }} {{ countOf(each).startsWith('1 ') ? 'goes' : 'go' }} out{{ each.note && `, “${each.note}”` }}</span
          >
          <span class="grow" />
          <button type="button" class="text-button" @click="settleSchedule('runSchedule', each.key)">Now</button>
          <button type="button" class="text-button discard" @click="settleSchedule('cancelSchedule', each.key)">Cancel it</button>
        </li>
      </ul>
      <template v-if="shown === 'releases'">
        <ReleasesPart />
        <div class="ways"><button type="button" class="plain-button" @click="emit('close')">Close</button></div>
      </template>
      <form v-else @submit.prevent="publish">
        <p class="soft">
          {{
            rows.length
              ? 'Shoppers get what is ticked, as one release. You can undo it, or go back to any release.'
              : 'Shoppers have everything already.'
          }}
        </p>
        <ul class="drafts scrolls">
          <li v-for="row in rows" :key="idOf(row)">
            <label
              ><input type="checkbox" :checked="chosen.has(idOf(row))" @change="toggle(idOf(row))" /><span
                ><b>{{ row.name }}</b
                ><span class="small soft">{{ row.words }}</span></span
              ></label
            >
            <div v-if="row.of === 'sections' && chosen.has(idOf(row))" class="fills">
              <FillChange v-for="page in countedPagesOf(row.key)" :key="page" :section="row.key" :page="page" />
            </div>
          </li>
        </ul>
        <p v-for="{ key, draft } in missing" :key="key" class="warning" role="status">
          “{{ nameOf(key) }}” stands on a page that goes out, but {{ draft ? 'is not ticked itself' : 'is removed' }}: shoppers won’t see
          it.
          <button v-if="draft" type="button" class="text-button" @click="toggle(`sections ${key}`)">Publish it too</button>
        </p>
        <p v-for="key in staleLooks" :key="`look ${key}`" class="warning" role="status">
          A section that goes out has the look “{{ lookName(key) }}”, which is not ticked itself.
          <button type="button" class="text-button" @click="toggle(`looks ${key}`)">Publish it too</button>
        </p>
        <template v-if="rows.length">
          <v-text-field
            v-model="note"
            class="note"
            maxlength="300"
            placeholder="A note to this release"
            aria-label="A note to this release"
          />
          <div class="when">
            <div class="choice" role="group" aria-label="When">
              <button type="button" :aria-pressed="!isLater" @click="isLater = false">Now</button
              ><button type="button" :aria-pressed="isLater" @click="isLater = true">At a set time</button>
            </div>
            <v-text-field v-if="isLater" v-model="time" type="datetime-local" aria-label="Goes out at" />
            <span v-if="isLater" class="small soft">{{
              isPast ? 'Choose a time to come.' : 'What is ticked goes out as it is now, whatever is drafted until then.'
            }}</span>
          </div>
        </template>
        <div class="ways">
          <button type="button" class="text-button discard" :disabled="!count" @click="discard">Discard what is ticked</button>
          <button type="button" class="plain-button" @click="emit('close')">Leave it</button>
          <button type="submit" class="main-button" :disabled="!count || isPast" autofocus>
            {{ isLater ? 'Plan' : 'Publish' }} {{ count || '' }}
          </button>
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>

<style scoped>
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
.drafts {
  max-height: 42dvh;
  border-top: 1px solid var(--line-soft);
}
.drafts li {
  border-bottom: 1px solid var(--line-soft);
}
.title {
  display: flex;
  align-items: center;
  justify-content: space-between;
  margin-bottom: 8px;
}
.planned {
  margin-bottom: 10px;
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
.fills {
  display: grid;
  gap: 2px;
  padding: 0 0 9px 32px;
}
.note {
  margin-top: 12px;
}
.when {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 12px;
  margin-top: 10px;
}
.when .v-text-field {
  flex: 0 0 214px;
}
.ask label {
  display: flex;
  align-items: baseline;
  gap: 10px;
  padding: 9px 2px;
  color: var(--ink);
  font-size: 14px;
  cursor: pointer;
}
label > span {
  display: grid;
  gap: 1px;
}
label b {
  font-weight: 550;
}
input {
  accent-color: var(--petrol);
}
.ask .warning {
  margin: 10px 0 0;
  padding: 7px 12px;
  border-radius: 8px;
  background: var(--saffron-wash);
  color: var(--saffron-ink);
  font-size: 13px;
}
.discard {
  margin-right: auto;
  color: var(--clay-ink);
}
.discard:disabled {
  color: #9b927f;
}
.ask .ways {
  align-items: center;
}
</style>
