<script setup lang="ts">
import { isAnyToPublish } from '../../../core/releases/toPublish'
import { msOfWallTime } from '../../../core/time/wallTime'
import { useDrafts } from '../../data/drafts'
import { useMe } from '../../data/me'
import { useStudioShop } from '../../data/studioShop'
import { useShortcut } from '../../elements/useShortcut'
import { useTicked } from '../../parts/publishing/ticked'
import { useToPublish } from './useToPublish'
import { publishWords } from './words'

const say = publishWords.toPublishPane

/** What shoppers don't have yet, with what is to go out ticked, when, and under which note. */
const emit = defineEmits<{ leave: [] }>()
const store = useDrafts()
const studio = useStudioShop()
const ticked = useTicked()
const me = useMe()
const mayPublish = computed(() => me.may('publisher'))

const { groups, rows, missing, staleLooks, stopped, toAgree, agree, count } = useToPublish()

const note = ref('')
/** When it goes out, by the clocks where the shop is; empty: at once. */
const time = ref('')
const isLater = ref(false)
const goesOut = computed(() => msOfWallTime(time.value, studio.timeZone))
const isPast = computed(() => isLater.value && !(goesOut.value > Date.now()))
/** Something is on its way: a second click does nothing. */
const isBusy = ref(false)
const isReady = computed(
  () =>
    isAnyToPublish(ticked.keys) &&
    !isPast.value &&
    mayPublish.value &&
    !stopped.value.length &&
    toAgree.value.every(each => each.isAgreed) &&
    !isBusy.value,
)

async function send(command: Parameters<typeof store.sendAndTell>[0]): Promise<void> {
  isBusy.value = true
  const done = await store.sendAndTell(command).finally(() => (isBusy.value = false))
  if (!done) return
  ticked.reset()
  emit('leave')
}
async function publish(): Promise<void> {
  if (!isReady.value) return
  const what = { ...ticked.keys, note: note.value.trim() }
  await send(isLater.value ? { type: 'schedulePublish', at: new Date(goesOut.value).toISOString(), ...what } : { type: 'publish', ...what })
}
const discard = () => send({ type: 'discard', ...ticked.keys })
useShortcut('Enter', publish, { ctrl: true })

const times = [
  ['now', say.now],
  ['later', say.atASetTime],
] as const
</script>

<template>
  <section class="side" :aria-label="say.publish">
    <PublishOrReleases on="publish" />
    <form @submit.prevent="publish" @keydown.ctrl.enter.prevent.stop="publish">
      <div class="lead">
        <h1>{{ say.publish }}</h1>
        <p class="small soft">{{ rows.length ? say.shoppersGetWhatIsTicked : say.shoppersHaveEverythingAlready }}</p>
      </div>
      <PlannedReleases />
      <div v-for="group in groups" :key="group.key">
        <p v-if="group.title" class="small soft group">{{ group.title }}</p>
        <ul class="drafts" :aria-label="group.title || say.drafts">
          <li v-for="row in group.rows" :key="`${row.of} ${row.key}`">
            <label
              ><input type="checkbox" :checked="ticked.isTicked(row)" @change="ticked.toggle(row)" /><span
                ><b>{{ row.name }}</b
                ><span class="small soft">{{ row.words }}</span></span
              ><span v-if="row.by" class="by small"
                >{{ row.by }}<v-tooltip activator="parent" location="bottom">{{ say.draftedBy(row.by) }}</v-tooltip></span
              ></label
            >
          </li>
        </ul>
      </div>
      <p v-for="row in stopped" :key="`${row.of} ${row.key}`" class="warning" role="status">
        {{ say.cantBePublished(row.name, row.obstacle) }}
        <button type="button" class="text-button" @click="ticked.toggle(row)">{{ say.leaveItOut }}</button>
      </p>
      <div v-for="each in toAgree" :key="each.id" class="warning" role="status">
        <b>{{ each.name }}</b> {{ each.words }}
        <label class="agree"><input type="checkbox" :checked="each.isAgreed" @change="agree(each.id)" />{{ say.publishAllTheSame }}</label>
      </div>
      <p v-for="each in missing" :key="`${each.of} ${each.key}`" class="warning" role="status">
        {{ say.standsOnAPageThat(each.name, each.isDrafted ? say.isNotTickedItself : say.isRemoved) }}
        <button v-if="each.isDrafted" type="button" class="text-button" @click="ticked.toggle(each)">
          {{ say.publishItToo }}
        </button>
      </p>
      <p v-for="{ key, name } in staleLooks" :key="`look ${key}`" class="warning" role="status">
        {{ say.aSectionThatGoesOut(name) }}
        <button type="button" class="text-button" @click="ticked.toggle({ of: 'looks', key })">{{ say.publishItToo }}</button>
      </p>
      <div class="foot">
        <template v-if="rows.length">
          <v-text-field v-model="note" maxlength="300" :placeholder="say.aNoteToThisRelease" :aria-label="say.aNoteToThisRelease" />
          <div class="when">
            <ChoiceGroup
              :model-value="isLater ? 'later' : 'now'"
              :label="say.when"
              :choices="times"
              @update:model-value="when => (isLater = when === 'later')"
            />
            <v-text-field v-if="isLater" v-model="time" type="datetime-local" :aria-label="say.goesOutAt" />
          </div>
          <p v-if="isLater" class="small soft">{{ isPast ? say.chooseATimeToCome : say.whatIsTickedGoesOut(studio.timeZone) }}</p>
        </template>
        <p v-if="!mayPublish" class="warning" role="status">{{ say.takesAPublisher }}</p>
        <div class="ways">
          <button v-if="rows.length" type="button" class="text-button discard" :disabled="!count || isBusy" @click="discard">
            {{ say.discard }}<v-tooltip activator="parent" location="top">{{ say.discardWhatIsTicked }}</v-tooltip>
          </button>
          <span class="grow" />
          <button type="button" class="plain-button" @click="emit('leave')">{{ rows.length ? say.leaveIt : say.back }}</button>
          <button v-if="rows.length" type="submit" class="main-button" :disabled="!isReady" aria-keyshortcuts="Control+Enter">
            {{ isLater ? say.plan : say.publish }} {{ count || ''
            }}<v-tooltip activator="parent" location="top">{{ say.whatIsTicked }}<span class="key">Ctrl Enter</span></v-tooltip>
          </button>
        </div>
      </div>
    </form>
  </section>
</template>

<style scoped>
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
.side,
form {
  display: flex;
  flex-direction: column;
  min-height: 0;
}
.side {
  height: 100%;
  background: var(--sheet);
}
form {
  flex: 1;
  overflow-y: auto;
}
.lead {
  display: grid;
  gap: 4px;
  padding: 16px 16px 14px;
}
.lead p,
.foot p {
  margin: 0;
}
h1 {
  font-size: 20px;
}
.drafts {
  border-top: 1px solid var(--line-soft);
}
.drafts li {
  border-bottom: 1px solid var(--line-soft);
}
.group {
  margin: 0;
  padding: 14px 16px 6px;
}
label {
  display: flex;
  align-items: baseline;
  gap: 10px;
  padding: 10px 16px;
  font-size: 14px;
  cursor: pointer;
}
label:hover {
  background: var(--paper);
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
  white-space: nowrap;
}
label b {
  font-weight: 550;
}
input {
  flex: none;
  accent-color: var(--petrol);
}
label.agree {
  padding: 6px 0 0;
  font-size: 13px;
}
.warning {
  margin: 10px 16px 0;
  padding: 7px 12px;
  border-radius: 8px;
  background: var(--saffron-wash);
  color: var(--saffron-ink);
  font-size: 13px;
}
.foot {
  position: sticky;
  bottom: 0;
  display: grid;
  gap: 10px;
  margin-top: auto;
  padding: 14px 16px;
  border-top: 1px solid var(--line);
  background: var(--paper);
}
.foot .warning {
  margin: 0;
}
.when {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 12px;
}
.when .v-text-field {
  flex: 1 0 200px;
}
.ways {
  display: flex;
  align-items: center;
  gap: 8px;
}
.ways .main-button {
  white-space: nowrap;
}
.grow {
  flex: 1;
}
.discard {
  color: var(--clay-ink);
}
.discard:disabled {
  color: #9b927f;
}
</style>
