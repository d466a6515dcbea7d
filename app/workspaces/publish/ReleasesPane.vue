<script setup lang="ts">
import { useMe } from '../../data/me'
import { useDrafts } from '../../data/drafts'
import { useStudioShop } from '../../data/studioShop'
import { useReleases } from './releases'
import { publishWords } from './words'

const say = publishWords.releasesPane

/** What shoppers had, release by release, with a way back to each. */
const props = defineProps<{
  /** The release that is open; null: none. */ chosen: string | null
  /** Going back to it would change something. */ isAnother: boolean
}>()
const emit = defineEmits<{ open: [number: string]; leave: [] }>()
const releases = useReleases()
const store = useDrafts()
const studio = useStudioShop()
const me = useMe()
const mayPublish = computed(() => me.may('publisher'))
const newest = computed(() => String(releases.answer?.releases[0]?.number ?? ''))
const rows = computed(() =>
  (releases.answer?.releases ?? []).map(each => ({
    key: String(each.number),
    title: each.note || each.words,
    about: [studio.moment(each.at), each.by && say.by(each.by), each.note && each.words].filter(Boolean).join(' · '),
  })),
)
const isBusy = ref(false)
async function goBack(): Promise<void> {
  isBusy.value = true
  const done = await store.sendAndTell({ type: 'goBack', release: Number(props.chosen) }).finally(() => (isBusy.value = false))
  if (!done) return
  await releases.load()
  emit('open', newest.value)
}
</script>

<template>
  <ListPane :label="say.releases" :rows="rows" :chosen="chosen" attribute="data-release" @open="key => emit('open', key)">
    <template #head>
      <PublishOrReleases on="releases" />
      <div class="lead">
        <h1>{{ say.releases }}</h1>
        <p class="small soft">{{ rows.length ? say.whatShoppersHad : say.thereIsNoReleaseYet }}</p>
      </div>
      <PlannedReleases />
    </template>
    <template #default="{ row }">
      <b class="number">{{ row.key }}</b>
      <span class="what"
        ><span>{{ row.title }}</span
        ><span class="small soft">{{ row.about }}</span></span
      >
      <span v-if="row.key === newest" class="state live">{{ say.shoppersHaveIt }}</span>
    </template>
    <template #foot>
      <div class="foot">
        <p v-if="!mayPublish" class="small soft">{{ say.takesAPublisher }}</p>
        <button type="button" class="plain-button" @click="emit('leave')">{{ say.back }}</button>
        <button
          v-if="chosen && chosen !== newest"
          type="button"
          class="main-button"
          :disabled="!isAnother || !mayPublish || isBusy"
          @click="goBack"
        >
          {{ say.goBackToRelease(chosen)
          }}<v-tooltip activator="parent" location="top">{{ isAnother ? say.draftsStay : say.shoppersHaveAllOfIt }}</v-tooltip>
        </button>
      </div>
    </template>
  </ListPane>
</template>

<style scoped>
.lead {
  display: grid;
  gap: 4px;
  padding: 16px 16px 14px;
  border-bottom: 1px solid var(--line-soft);
}
.lead p,
.foot p {
  margin: 0;
}
h1 {
  font-size: 20px;
}
.number {
  flex: none;
  width: 26px;
  font-variant-numeric: tabular-nums;
  text-align: right;
}
.what {
  flex: 1;
  min-width: 0;
  display: grid;
}
.foot {
  display: flex;
  flex-wrap: wrap;
  justify-content: flex-end;
  align-items: center;
  gap: 8px;
  padding: 14px 16px;
  border-top: 1px solid var(--line);
  background: var(--paper);
}
</style>
