<script setup lang="ts">
import type { DraftedSort, DraftedThings } from '../../../core/releases/draftedSorts'
import { nameIn } from '../../../core/releases/draftedSorts'
import type { ReleaseContent, ReleaseShown } from '../../../core/releases/release'
import { releaseAnswerSchema } from '../../../core/releases/release'
import { listed } from '../../../core/text/sentence'
import { useMessages } from '../../data/messages'
import { useReleases } from './releases'
import { useDrafts } from '../../data/drafts'
import { useStudioShop } from '../../data/studioShop'
import { callApi } from '../../data/callApi'
import { momentWords } from '../../elements/dayWords'
import { draftWords, sortsInOrder } from './draftWords'
import { publishingWords } from './words'

const say = publishingWords.releasesPart

/** What shoppers had, release by release, with a way back to each. */
const releases = useReleases()
const store = useDrafts()
const studio = useStudioShop()
const messages = useMessages()

/** The release that is open, with what going back to it would change. */
const opened = shallowRef<{ number: number; words: string[] } | null>(null)
async function toggle({ number }: ReleaseShown): Promise<void> {
  if (opened.value?.number === number) {
    opened.value = null
    return
  }
  try {
    opened.value = { number, words: wordsOf(await callApi(releaseAnswerSchema, `/api/releases/${number}`)) }
  } catch (error) {
    messages.refuse(error)
  }
}
/** What shoppers would get otherwise than now. */
const wordsOf = (then: ReleaseContent): string[] => sortsInOrder.flatMap(sort => (then[sort] ? changedOf(sort, then[sort]) : []))
function changedOf<Sort extends DraftedSort>(sort: Sort, before: readonly DraftedThings[Sort][]): string[] {
  const { called, differences } = draftWords[sort]
  const now = store.liveOf(sort)
  const name = (thing: DraftedThings[Sort]) => called(studio.words(nameIn(sort, thing)) || thing.key)
  return [
    ...before.filter(each => !now.some(one => one.key === each.key)).map(each => say.comesBack(name(each))),
    ...now.filter(each => !before.some(one => one.key === each.key)).map(each => say.goes(name(each))),
    ...now.flatMap(each => {
      const words = listed(differences(each, before.find(one => one.key === each.key) ?? each, key => store.nameOf('sections', key)))
      return words ? `${name(each)}: ${words}` : []
    }),
  ]
}
async function goBack(number: number): Promise<void> {
  if (!(await store.sendAndTell({ type: 'goBack', release: number }))) return
  opened.value = null
  await releases.load().catch(error => messages.refuse(error))
}
</script>

<template>
  <div>
    <p v-if="!releases.answer?.releases.length" class="soft none">
      {{ say.thereIsNoReleaseYet }}
    </p>
    <ol v-else>
      <li v-for="(each, i) in releases.answer.releases" :key="each.number">
        <div class="line">
          <b class="number">{{ each.number }}</b>
          <span class="what"
            ><span>{{ each.note || each.words }}</span
            ><span class="small soft"
              >{{ momentWords(each.at) }}<template v-if="each.by"> · {{ say.by(each.by) }}</template
              ><template v-if="each.note"> · {{ each.words }}</template></span
            ></span
          >
          <span v-if="i === 0" class="state live">{{ say.shoppersHaveIt }}</span>
          <button v-else type="button" class="text-button" :aria-expanded="opened?.number === each.number" @click="toggle(each)">
            {{ say.whatWouldChange }}
          </button>
        </div>
        <div v-if="opened?.number === each.number" class="opened">
          <ul v-if="opened.words.length">
            <li v-for="words in opened.words" :key="words">{{ words }}</li>
          </ul>
          <p v-else class="soft">{{ say.nothingShoppersHaveAllOf }}</p>
          <button type="button" class="plain-button" :disabled="!opened.words.length" @click="goBack(each.number)">
            {{ say.goBackToRelease(each.number) }}
          </button>
        </div>
      </li>
    </ol>
  </div>
</template>

<style scoped>
ol {
  margin: 0;
  padding: 0;
  max-height: 52dvh;
  overflow-y: auto;
  border-top: 1px solid var(--line-soft);
  list-style: none;
}
ol > li {
  border-bottom: 1px solid var(--line-soft);
}
.line {
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 8px 2px;
}
.number {
  flex: none;
  width: 32px;
  font-variant-numeric: tabular-nums;
  text-align: right;
}
.what {
  flex: 1;
  min-width: 0;
  display: grid;
}
.opened {
  padding: 0 2px 12px 46px;
}
.opened ul {
  margin: 0 0 10px;
  padding-left: 18px;
  font-size: 13.5px;
}
.opened p {
  margin: 0 0 10px;
}
.none {
  padding: 12px 0;
}
</style>
