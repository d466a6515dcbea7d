<script setup lang="ts">
import { useDrafts } from '../../data/drafts'
import { useMe } from '../../data/me'
import type { Keys } from './useToPublish'
import { useToPublish } from './useToPublish'
import { publishingWords } from './words'

const say = publishingWords.publishDialog

/** What shoppers don't have yet: all of it, with what is to go out with this publishing chosen; and what they had, release by release. */
const props = defineProps<{ /** What is ticked to begin with. */ first: Keys }>()
const emit = defineEmits<{ close: [] }>()
const store = useDrafts()
const me = useMe()
const mayPublish = computed(() => me.may('publisher'))

const { rows, isChosen, toggle, missing, staleLooks, stopped, chosen, count } = useToPublish(props.first)

const note = ref('')
/** When it goes out, as a field for dates and times has it; empty: at once. */
const time = ref('')
const isLater = ref(false)
const isPast = computed(() => isLater.value && (!time.value || Date.parse(time.value) <= Date.now()))
async function publish(): Promise<void> {
  const what = { ...chosen.value, note: note.value.trim() }
  const command = isLater.value
    ? ({ type: 'schedulePublish', at: new Date(time.value).toISOString(), ...what } as const)
    : ({ type: 'publish', ...what } as const)
  if (await store.sendAndTell(command)) emit('close')
}
async function discard(): Promise<void> {
  if (await store.sendAndTell({ type: 'discard', ...chosen.value })) emit('close')
}

const times = [
  ['now', say.now],
  ['later', say.atASetTime],
] as const
const views = [
  ['publish', say.toPublish],
  ['releases', say.releases],
] as const
const shown = ref<'publish' | 'releases'>(store.unpublishedCount ? 'publish' : 'releases')
/** What publishing does stands beside what is ticked. */
const isComparing = computed(() => shown.value === 'publish' && rows.value.length > 0)
</script>

<template>
  <v-dialog :model-value="true" :max-width="isComparing ? 1120 : 600" aria-labelledby="publish-title" @update:model-value="emit('close')">
    <v-card rounded="lg" class="studio ask" :class="{ wide: isComparing }">
      <div class="side">
        <div class="title">
          <h2 id="publish-title">{{ shown === 'publish' ? say.publish : say.releases }}</h2>
          <ChoiceGroup v-model="shown" :label="say.publishOrLookBack" :choices="views" />
        </div>
        <PlannedReleases />
        <template v-if="shown === 'releases'">
          <ReleasesPart />
          <div class="ways">
            <button type="button" class="plain-button" @click="emit('close')">{{ say.close }}</button>
          </div>
        </template>
        <form v-else @submit.prevent="publish">
          <p class="soft">
            <template v-if="rows.length">{{ say.shoppersGetWhatIsTicked }}</template>
            <template v-else>{{ say.shoppersHaveEverythingAlready }}</template>
          </p>
          <ul class="drafts">
            <li v-for="row in rows" :key="`${row.of} ${row.key}`">
              <label
                ><input type="checkbox" :checked="isChosen(row)" @change="toggle(row)" /><span
                  ><b>{{ row.name }}</b
                  ><span class="small soft">{{ row.words }}</span></span
                ><span v-if="row.by" class="by small"
                  >{{ row.by }}<v-tooltip activator="parent" location="bottom">{{ say.draftedBy(row.by) }}</v-tooltip></span
                ></label
              >
            </li>
          </ul>
          <p v-for="row in stopped" :key="`${row.of} ${row.key}`" class="warning" role="status">
            {{ say.cantBePublished(row.name, row.obstacle) }}
            <button type="button" class="text-button" @click="toggle(row)">{{ say.leaveItOut }}</button>
          </p>
          <p v-for="{ key, name, isDrafted } in missing" :key="key" class="warning" role="status">
            {{ say.standsOnAPageThat(name, isDrafted ? say.isNotTickedItself : say.isRemoved) }}
            <button v-if="isDrafted" type="button" class="text-button" @click="toggle({ of: 'sections', key })">
              {{ say.publishItToo }}
            </button>
          </p>
          <p v-for="{ key, name } in staleLooks" :key="`look ${key}`" class="warning" role="status">
            {{ say.aSectionThatGoesOut(name) }}
            <button type="button" class="text-button" @click="toggle({ of: 'looks', key })">{{ say.publishItToo }}</button>
          </p>
          <template v-if="rows.length">
            <v-text-field
              v-model="note"
              class="note"
              maxlength="300"
              :placeholder="say.aNoteToThisRelease"
              :aria-label="say.aNoteToThisRelease"
            />
            <div class="when">
              <ChoiceGroup
                :model-value="isLater ? 'later' : 'now'"
                :label="say.when"
                :choices="times"
                @update:model-value="when => (isLater = when === 'later')"
              />
              <v-text-field v-if="isLater" v-model="time" type="datetime-local" :aria-label="say.goesOutAt" />
              <span v-if="isLater" class="small soft">{{ isPast ? say.chooseATimeToCome : say.whatIsTickedGoesOut }}</span>
            </div>
          </template>
          <p v-if="!mayPublish" class="warning" role="status">{{ say.takesAPublisher }}</p>
          <div class="ways">
            <button type="button" class="text-button discard" :disabled="!count" @click="discard">{{ say.discardWhatIsTicked }}</button>
            <button type="button" class="plain-button" @click="emit('close')">{{ say.leaveIt }}</button>
            <button type="submit" class="main-button" :disabled="!count || isPast || !mayPublish || stopped.length > 0" autofocus>
              {{ isLater ? say.plan : say.publish }} {{ count || '' }}
            </button>
          </div>
        </form>
      </div>
      <EffectsPane v-if="isComparing" :to-publish="chosen" />
    </v-card>
  </v-dialog>
</template>
<style scoped>
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
.wide {
  display: grid;
  grid-template-columns: minmax(340px, 400px) minmax(0, 1fr);
  height: min(760px, calc(100dvh - 48px));
  padding: 0;
}
.wide .side {
  display: flex;
  flex-direction: column;
  min-height: 0;
  padding: 20px 22px;
  border-right: 1px solid var(--line);
  overflow-y: auto;
}
.wide form {
  display: flex;
  flex: 1;
  flex-direction: column;
}
.wide .ways {
  margin-top: auto;
  padding-top: 16px;
}
@media (width < 760px) {
  .wide {
    grid-template-columns: 1fr;
    overflow-y: auto;
  }
}
.drafts {
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
label .by {
  display: inline-block;
  align-self: center;
  margin-left: auto;
  padding: 1px 8px;
  border-radius: 9px;
  background: var(--paper);
  color: var(--ink-soft);
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
