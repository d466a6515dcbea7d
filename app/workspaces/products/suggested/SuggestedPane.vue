<script setup lang="ts">
import type { LinkKind } from '../../../../core/links/kind'
import type { SuggestionsAnswer } from '../../../../core/workbench/workbench'
import { suggestionsAnswerSchema } from '../../../../core/workbench/workbench'
import { useWorkbench } from '../bench/workbench'
import { useStudioShop } from '../../../data/studioShop'
import { ApiProblem, callApi } from '../../../data/callApi'
import PhX from '~icons/ph/x'
import { suggestedWords } from '../words/suggested'

const say = suggestedWords.suggestedPane

/** Targets that Manada suggests for a kind, each with its reasons; one key links or dismisses. */
const emit = defineEmits<{ linked: [kind: string]; changed: [] }>()
const kind = defineModel<string | null>('kind', { required: true })
const bench = useWorkbench()
const studio = useStudioShop()

const current = computed(() => studio.kinds.find(each => each.key === kind.value) ?? studio.kinds[0])
const label = computed(() => say.suggestedWithPlural(studio.words(current.value!.plural).toLowerCase()))
/** The other kinds that it is linked as already. */
function alsoIn(target: string): LinkKind[] {
  const keys = bench.alsoIn(target, current.value!.key)
  return studio.kinds.filter(each => keys.includes(each.key))
}
const sku = computed(() => (bench.several || bench.page ? null : (bench.product?.sku ?? null)))
const answer = shallowRef<SuggestionsAnswer | null>(null)
const problem = shallowRef<ApiProblem | null>(null)
const showDismissed = ref(false)

async function load(): Promise<void> {
  const asked = { sku: sku.value, kind: current.value?.key }
  if (!asked.sku || !asked.kind) return
  try {
    const found = await callApi(suggestionsAnswerSchema, '/api/suggestions', { query: asked })
    if (asked.sku !== sku.value || asked.kind !== current.value?.key) return
    answer.value = found
    problem.value = null
  } catch (error) {
    if (!(error instanceof ApiProblem)) throw error
    problem.value = error
  }
}
watch(
  [sku, current],
  () => {
    answer.value = null
    showDismissed.value = false
    void load()
  },
  { immediate: true },
)
// What was linked or unlinked changes what is suggested.
watch(
  () =>
    bench
      .lane(current.value?.key ?? '')
      .map(row => row.target)
      .join(),
  load,
)

const list = useTemplateRef<HTMLElement>('list')
async function keepFocus(index: number): Promise<void> {
  await nextTick()
  const rows = list.value?.querySelectorAll<HTMLElement>('[data-sku]') ?? []
  rows[Math.min(index, rows.length - 1)]?.focus()
}
/** Takes a row out of sight at once; the server's answer follows. */
function takeOut(target: string, index: number): void {
  answer.value = answer.value && { ...answer.value, rows: answer.value.rows.filter(row => row.sku !== target) }
  void keepFocus(index)
}
async function link(target: string, index: number): Promise<void> {
  const { key } = current.value!
  takeOut(target, index)
  if (await bench.link(key, [target])) emit('linked', key)
  else await load()
}
async function dismiss(target: string, index: number): Promise<void> {
  takeOut(target, index)
  if (await bench.dismiss(current.value!.key, target)) emit('changed')
  await load()
}
async function bringBack(target: string): Promise<void> {
  if (await bench.bringBack(current.value!.key, target)) emit('changed')
  await load()
}
function onKey(event: KeyboardEvent, target: string, index: number): void {
  if (event.ctrlKey || event.metaKey || event.altKey) return
  const keys: Record<string, () => void> = {
    ArrowDown: () => keepFocus(index + 1),
    ArrowUp: () => keepFocus(Math.max(index - 1, 0)),
    Home: () => keepFocus(0),
    End: () => keepFocus(Infinity),
    Enter: () => link(target, index),
    Delete: () => dismiss(target, index),
    Backspace: () => dismiss(target, index),
  }
  const run = (event.target as HTMLElement).closest('button') ? undefined : keys[event.key]
  if (!run) return
  event.preventDefault()
  run()
}

defineExpose({ refresh: load, focus: () => keepFocus(0) })
</script>

<template>
  <section class="suggested" :aria-label="say.suggested">
    <div class="kinds" role="group" :aria-label="say.suggestedAs">
      <button v-for="each in studio.kinds" :key="each.key" type="button" :aria-pressed="each.key === current?.key" @click="kind = each.key">
        <KindGlyph :glyph="each.glyph" />{{ studio.words(each.plural) }}
      </button>
    </div>
    <p v-if="!bench.product" class="none soft">{{ say.chooseAProductToSee }}</p>
    <p v-else-if="bench.several" class="none soft">{{ say.suggestionsAreMadeForOne }}</p>
    <p v-else-if="bench.page" class="none soft">{{ say.suggestionsAreMadeForProducts }}</p>
    <p v-else-if="problem" class="none wrong">
      {{ problem.message }} <button type="button" class="text-button" @click="load">{{ say.tryAgain }}</button>
    </p>
    <v-progress-linear v-else-if="!answer" indeterminate color="primary" height="2" :aria-label="say.lookingForSuggestions" />
    <template v-else>
      <p v-if="!answer.rows.length" class="none soft">{{ say.nothingMoreToSuggestHere }}</p>
      <ul ref="list" class="rows" :aria-label="label">
        <li v-for="(row, i) in answer.rows" :key="row.sku" tabindex="0" :data-sku="row.sku" @keydown="onKey($event, row.sku, i)">
          <ProductPicture :src="row.image" class="thumb" />
          <div class="facts">
            <div class="top">
              <span class="cut name" :title="`${row.name} · ${row.sku}`">{{ row.name }}</span><b>{{ studio.money(row.price) }}</b>
            </div>
            <p class="why">
              <span v-for="each in alsoIn(row.sku)" :key="each.key" class="also">{{ say.already(studio.words(each.name)) }}</span>{{
                row.why.join('\u00A0· ')
              }}
            </p>
          </div>
          <button
            type="button"
            class="plain-button link"
            :aria-label="say.linkAs(row.name, studio.words(current!.name))"
            @click="link(row.sku, i)"
          >
            {{ say.link
            }}<v-tooltip activator="parent" location="bottom"
              >{{ say.linkAsWithCurrentName(studio.words(current!.name)) }}<span class="key">Enter</span></v-tooltip
            >
          </button>
          <button type="button" class="icon-button" :aria-label="say.dismiss(row.name)" @click="dismiss(row.sku, i)">
            <PhX width="15" height="15" /><v-tooltip activator="parent" location="bottom"
              >{{ say.dontSuggestItAgain }}<span class="key">Del</span></v-tooltip
            >
          </button>
        </li>
      </ul>
      <div v-if="answer.dismissed.length" class="dismissed">
        <button type="button" class="text-button" :aria-expanded="showDismissed" @click="showDismissed = !showDismissed">
          {{ say.dismissed(answer.dismissed.length) }}
        </button>
        <ul v-if="showDismissed" :aria-label="say.dismissed2">
          <li v-for="row in answer.dismissed" :key="row.sku" :data-dismissed="row.sku">
            <span class="cut name">{{ row.name }}</span><button
              type="button"
              class="text-button"
              :aria-label="say.bringBack(row.name)"
              @click="bringBack(row.sku)"
            >
              {{ say.bringBack2 }}
            </button>
          </li>
        </ul>
      </div>
    </template>
  </section>
</template>

<style scoped>
.suggested {
  display: flex;
  flex-direction: column;
  height: 100%;
  background: var(--sheet);
}
.kinds {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  padding: 10px 16px;
  border-bottom: 1px solid var(--line-soft);
}
.kinds button {
  display: flex;
  align-items: center;
  gap: 6px;
  height: 30px;
  padding: 0 10px;
  border: 1px solid var(--line);
  border-radius: 15px;
  background: var(--sheet);
  color: var(--ink);
  font: 12.5px/1 var(--text);
  cursor: pointer;
}
.kinds [aria-pressed='true'] {
  background: var(--petrol-wash);
  border-color: #bfd6d6;
  color: var(--petrol-ink);
  font-weight: 600;
}
.none {
  margin: 0;
  padding: 16px;
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
.rows {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
}
.rows li {
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 9px 12px 9px 16px;
  border-bottom: 1px solid var(--line-soft);
}
.rows li:hover {
  background: #fbf9f5;
}
li:focus-visible {
  outline-offset: -2px;
}
.thumb {
  width: 42px;
  height: 42px;
}
.facts {
  flex: 1;
  min-width: 0;
}
.top {
  display: flex;
  align-items: baseline;
  gap: 8px;
}
.name {
  flex: 1;
  font-weight: 550;
}
.why {
  margin: 2px 0 0;
  font-size: 12px;
  line-height: 1.35;
  color: var(--ink-soft);
}
.also {
  margin-right: 6px;
  padding: 1px 6px;
  border-radius: 4px;
  background: var(--saffron-wash);
  color: var(--saffron-ink);
  white-space: nowrap;
}
.link {
  height: 30px;
  padding: 0 12px;
  font-size: 13px;
}
.dismissed {
  flex: none;
  max-height: 40%;
  overflow-y: auto;
  padding: 10px 16px;
  border-top: 1px solid var(--line);
}
.dismissed li {
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 3px 0;
}
</style>
