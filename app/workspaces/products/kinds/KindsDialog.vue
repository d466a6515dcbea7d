<script setup lang="ts">
import { VueDraggable } from 'vue-draggable-plus'
import type { KindsAnswer } from '../../../../core/workbench/workbench'
import { kindsAnswerSchema } from '../../../../core/workbench/workbench'
import type { Command } from '../../../../core/records/registry'
import type { KindSettings, LinkKind } from '../../../../core/links/kind'
import { useHistory } from '../../../data/history'
import { useMessages } from '../../../data/messages'
import { useStudioShop } from '../../../data/studioShop'
import { ApiProblem, callApi } from '../../../data/callApi'
import PhDotsSixVertical from '~icons/ph/dots-six-vertical'
import PhPlus from '~icons/ph/plus'
import { kindsWords } from '../words/kinds'

const say = kindsWords.kindsDialog

/** The kinds of links: adding, changing, ordering, retiring and restoring them. */
const emit = defineEmits<{ close: [] }>()
const studio = useStudioShop()
const history = useHistory()
const messages = useMessages()

const chosen = ref<string | null>(studio.kinds[0]?.key ?? null)
const kind = computed(() => studio.allKinds.find(each => each.key === chosen.value) ?? null)
/** What stands behind the kinds; null while it is on its way. */
const behind = shallowRef<KindsAnswer | null>(null)
const retiring = ref(false)
const refusal = ref('')

watch(chosen, () => {
  retiring.value = false
  refusal.value = ''
})
// What is retired stands at the end of the list, whatever its place among all.
const dragged = ref<LinkKind[]>([])
/** Orders that are on their way: until they have arrived, the list stays as it was put. */
const ordering = ref(0)
const inOrder = computed(() => studio.allKinds.toSorted((a, b) => Number(a.retired) - Number(b.retired)))
watch(
  [inOrder, ordering],
  () => {
    if (!ordering.value) dragged.value = [...inOrder.value]
  },
  { immediate: true },
)

async function load(): Promise<void> {
  try {
    behind.value = await callApi(kindsAnswerSchema, '/api/kinds')
  } catch (error) {
    messages.refuse(error)
  }
}
onMounted(load)

async function send(command: Command): Promise<boolean> {
  refusal.value = ''
  try {
    const { words } = await history.send(command)
    await Promise.all([studio.refresh(), load()])
    history.tellDone(`${words}.`)
    return true
  } catch (error) {
    if (!(error instanceof ApiProblem)) throw error
    refusal.value = error.message
    return false
  }
}
async function save(settings: KindSettings): Promise<void> {
  if (kind.value) {
    await send({ type: 'changeKind', key: kind.value.key, settings })
    return
  }
  const before = new Set(studio.allKinds.map(each => each.key))
  if (await send({ type: 'addKind', settings })) chosen.value = studio.allKinds.find(each => !before.has(each.key))?.key ?? null
}
async function retire(): Promise<void> {
  if (await send({ type: 'retireKind', key: chosen.value! })) retiring.value = false
}
/** Sends the order that the list was put into. */
async function sendOrder(): Promise<void> {
  if (dragged.value.every((each, i) => each.key === inOrder.value[i]!.key)) return
  ordering.value++
  await send({ type: 'orderKinds', order: dragged.value.map(each => each.key) })
  ordering.value--
}
async function step(event: KeyboardEvent, index: number): Promise<void> {
  const by = { ArrowUp: -1, ArrowDown: 1 }[event.key]
  if (!by) return
  event.preventDefault()
  const list = (event.currentTarget as HTMLElement).closest('.kinds')!
  const to = index + by
  if (to < 0 || to >= dragged.value.length) return
  if (event.altKey) {
    dragged.value = dragged.value.toSpliced(index, 1).toSpliced(to, 0, dragged.value[index]!)
    void sendOrder()
    await nextTick()
  }
  list.querySelectorAll<HTMLElement>('.kind')[to]?.focus()
}

const counted = (count: number, one: string) => `${count.toLocaleString('en')} ${count === 1 ? one : `${one}s`}`
/** What stands behind the chosen kind, in words. */
const standing = computed(() => {
  const here = chosen.value === null ? undefined : behind.value?.[chosen.value]
  if (!here) return null
  const words = here.links ? say.on(counted(here.links, 'link'), counted(here.products, 'product')) : say.noLinksYet
  return { ...here, words, shownIn: here.sections.map(each => `“${each}”`).join(', ') }
})
</script>

<template>
  <v-dialog :model-value="true" max-width="780" aria-labelledby="kinds-title" @update:model-value="emit('close')">
    <v-card rounded="lg" class="studio ask">
      <div class="head">
        <h2 id="kinds-title">{{ say.kindsOfLinks }}</h2>
        <button type="button" class="plain-button" @click="emit('close')">{{ say.close }}</button>
      </div>
      <div class="body">
        <div class="side">
          <VueDraggable
            v-model="dragged"
            class="kinds"
            :animation="150"
            handle=".handle"
            :aria-label="say.kindsInTheirOrder"
            role="list"
            @end="sendOrder"
          >
            <div v-for="(each, index) in dragged" :key="each.key" role="listitem">
              <button
                type="button"
                class="kind"
                :class="{ retired: each.retired }"
                :aria-current="each.key === chosen || undefined"
                @click="chosen = each.key"
                @keydown="step($event, index)"
              >
                <PhDotsSixVertical class="handle" aria-hidden="true" /><KindGlyph :glyph="each.glyph" />
                <span class="cut">{{ studio.words(each.plural) }}</span>
                <span v-if="each.retired" class="small soft">{{ say.retired }}</span><span v-else class="key">{{ index + 1 }}</span>
              </button>
            </div>
          </VueDraggable>
          <button type="button" class="kind new" :aria-current="chosen === null || undefined" @click="chosen = null">
            <PhPlus width="16" height="16" />{{ say.addAKind }}
          </button>
          <p class="small soft">{{ say.dragOrPress }} <span class="key">Alt ↑ ↓</span>{{ say.toPutThemInOrder }}</p>
        </div>
        <div class="one">
          <p class="small soft where">
            <template v-if="!kind">{{ say.aKindOfYourOwn }}</template>
            <template v-else-if="standing"
              >{{ studio.words(kind.plural) }}: {{ standing.words
              }}<template v-if="standing.sections.length">{{ say.shownIn(standing.shownIn) }}</template
              ><template v-else>{{ say.noSectionShowsItYet }}</template
              >.</template
            >
          </p>
          <div v-if="kind?.retired" class="ask-first">
            <p>
              {{ say.isRetiredItHasNo(studio.words(kind.plural)) }}
            </p>
            <p v-if="refusal" class="wrong" role="alert">{{ refusal }}</p>
            <div class="ways">
              <button type="button" class="main-button" @click="send({ type: 'restoreKind', key: kind.key })">{{ say.restore }}</button>
            </div>
          </div>
          <div v-else-if="kind && retiring" class="ask-first" role="alertdialog" :aria-label="say.retireThisKind">
            <p>
              {{ say.retireItsLaneLeavesThe(studio.words(kind.plural)) }}
              <template v-if="standing?.links"
                >{{ say.itsAreKeptButShoppers(standing.words)
                }}<template v-if="standing.sections.length">{{ ' ' }}{{ say.in(standing.shownIn) }}</template
                >.</template
              >
              <template v-else>{{ say.nothingIsLinkedAsIt }}</template>
              {{ say.youCanUndoItOr }}
            </p>
            <p v-if="refusal" class="wrong" role="alert">{{ refusal }}</p>
            <div class="ways">
              <button type="button" class="plain-button" @click="retiring = false">{{ say.leaveIt }}</button><button
                type="button"
                class="main-button"
                autofocus
                @click="retire"
              >
                {{ say.retire }}
              </button>
            </div>
          </div>
          <KindForm v-else :key="JSON.stringify(kind)" :kind="kind" :refusal="refusal" @save="save">
            <button v-if="kind" type="button" class="text-button retire" @click="retiring = true">{{ say.retireThisKind }}</button>
          </KindForm>
        </div>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.head {
  display: flex;
  justify-content: space-between;
  align-items: center;
  margin-bottom: 12px;
}
.body {
  display: grid;
  grid-template-columns: 250px 1fr;
  gap: 24px;
  min-height: 372px;
}
.side {
  padding-right: 18px;
  border-right: 1px solid var(--line-soft);
}
.side p {
  margin: 12px 0 0;
}
.kinds {
  display: grid;
  gap: 2px;
}
.kind {
  display: flex;
  align-items: center;
  gap: 8px;
  width: 100%;
  height: 40px;
  padding: 0 8px 0 4px;
  border: 0;
  border-radius: 8px;
  background: none;
  color: inherit;
  font: 550 14px/1 var(--text);
  text-align: left;
  cursor: pointer;
}
.kind:hover {
  background: var(--sunk);
}
.kind[aria-current] {
  background: var(--petrol-wash);
  color: var(--petrol-ink);
}
.kind .cut {
  flex: 1;
  line-height: 1.3;
}
.kind.retired {
  color: var(--ink-soft);
}
.handle {
  flex: none;
  color: #9b927f;
  cursor: grab;
}
.new {
  margin-top: 4px;
  padding-left: 8px;
  color: var(--petrol);
}
.where {
  margin: 4px 0 16px;
}
.ask-first .ways {
  margin-top: 18px;
}
.retire {
  margin-right: auto;
  color: var(--clay-ink);
}
@media (max-width: 640px) {
  .body {
    grid-template-columns: 1fr;
  }
  .side {
    padding: 0;
    border: 0;
  }
}
</style>
