<script setup lang="ts">
import type { ProductRow } from '../../../../core/workbench/workbench'
import type { LanePage } from '../../../../core/links/pageLanes'
import { pageLaneKinds, sourceOfPage } from '../../../../core/links/pageLanes'
import { useStudioShop } from '../../../data/studioShop'
import PhMagnifyingGlass from '~icons/ph/magnifying-glass'
import PhX from '~icons/ph/x'
import { useProductPages } from '../../../parts/productSearch/useProductPages'
import { listWords } from '../words/list'

const say = listWords.pagesPane

/** The list of categories, or of articles: find one and put it on the bench. */
const props = defineProps<{ page: LanePage; selected: string[] }>()
const emit = defineEmits<{ open: [sources: string[]] }>()
const studio = useStudioShop()
const words = ref('')
const { total, problem, busy, whenLoaded, onOther, rowAt, refresh } = useProductPages(
  () => ({ q: words.value }),
  () => props.page,
)
const kind = computed(() => pageLaneKinds[props.page])
const many = computed(() => (props.page === 'category' ? 'categories' : 'articles'))

const list = useTemplateRef('list')
const cursor = ref(0)
onOther(() => {
  cursor.value = 0
  list.value?.toTop()
})
async function focusRow(index: number): Promise<void> {
  cursor.value = Math.min(Math.max(index, 0), Math.max((total.value ?? 1) - 1, 0))
  await list.value?.focus(cursor.value)
}
/** What is typed may not be looked up yet. */
async function toList(): Promise<void> {
  await whenLoaded()
  await focusRow(0)
}
async function openFirst(): Promise<void> {
  await whenLoaded()
  open(0)
}
const isOn = (row: ProductRow | undefined) => row !== undefined && props.selected.includes(sourceOfPage(props.page, row.sku))
function open(index: number): void {
  cursor.value = index
  const row = rowAt(index)
  if (row) emit('open', [sourceOfPage(props.page, row.sku)])
}
function onKey(event: KeyboardEvent): void {
  const run = {
    ArrowDown: () => focusRow(cursor.value + 1),
    ArrowUp: () => focusRow(cursor.value - 1),
    Home: () => focusRow(0),
    End: () => focusRow(Infinity),
    Enter: () => open(cursor.value),
  }[event.key]
  if (!run) return
  event.preventDefault()
  void run()
}
defineExpose({ refresh, focus: () => focusRow(cursor.value) })
</script>

<template>
  <section class="pane" :aria-label="many === 'categories' ? say.categories : say.articles">
    <div class="head">
      <v-text-field
        v-model="words"
        :placeholder="say.name"
        :aria-label="say.find(many)"
        type="search"
        @keydown.down.prevent="toList"
        @keydown.enter="openFirst"
      >
        <template #prepend-inner><PhMagnifyingGlass /></template>
        <template v-if="words" #append-inner
          ><button type="button" class="clear" :aria-label="say.showAll" @click="words = ''"><PhX /></button
        ></template>
      </v-text-field>
      <p class="soft small" aria-live="polite">
        <template v-if="total !== null">{{ total.toLocaleString('en') }} {{ total === 1 ? page : many }}</template>
      </p>
    </div>
    <p v-if="problem" class="note wrong">
      {{ problem.message }} <button type="button" class="link" @click="refresh">{{ say.tryAgain }}</button>
    </p>
    <p v-else-if="total === 0" class="note soft">{{ words ? say.noHasTheseWords(page) : say.thereAreNoYet(many) }}</p>
    <VirtualRows
      v-else
      ref="list"
      :count="total ?? 0"
      :cursor="cursor"
      :busy="busy"
      :row-at="rowAt"
      :label="many === 'categories' ? say.categoriesFound : say.articlesFound"
    >
      <template #default="{ index, row }">
        <div
          class="row"
          :class="{ on: isOn(row) }"
          role="option"
          :aria-selected="isOn(row)"
          :data-index="index"
          :data-page="row?.sku"
          :tabindex="index === cursor ? 0 : -1"
          @click="open(index)"
          @keydown="onKey"
          @focus="cursor = index"
        >
          <template v-if="row">
            <ProductPicture :src="row.image" class="thumb" />
            <span class="names"
              ><span class="name cut">{{ row.name }}</span
              ><span class="small soft cut">{{ row.brand ?? '' }}</span></span
            >
            <span
              class="cover"
              role="img"
              :aria-label="`${studio.words(kind.plural)}: ${row.links[kind.key]}`"
              :title="studio.words(kind.plural)"
              ><KindGlyph :glyph="kind.glyph" />{{ row.links[kind.key] }}</span
            >
          </template>
        </div>
      </template>
    </VirtualRows>
  </section>
</template>

<style scoped>
.pane {
  display: flex;
  flex-direction: column;
  flex: 1;
  min-height: 0;
  background: var(--sheet);
}
.head {
  display: grid;
  gap: 8px;
  padding: 10px 12px 0;
}
.head p {
  margin: 0 0 6px;
}
.note {
  margin: 0;
  padding: 16px;
}
.link {
  padding: 0;
  border: 0;
  background: none;
  color: var(--petrol);
  font: inherit;
  font-weight: 600;
  cursor: pointer;
}
.clear {
  display: grid;
  padding: 2px;
  border: 0;
  background: none;
  cursor: pointer;
}
.row {
  contain: strict;
  display: flex;
  align-items: center;
  gap: 10px;
  height: 54px;
  padding: 0 12px 0 9px;
  border-bottom: 1px solid var(--line-soft);
  border-left: 3px solid transparent;
  cursor: pointer;
}
.row:hover {
  background: #fbf9f5;
}
.row.on {
  background: var(--paper);
  border-left-color: var(--petrol);
}
.row:focus-visible {
  outline-offset: -2px;
}
.thumb {
  flex: none;
  width: 38px;
  height: 38px;
}
.names {
  flex: 1;
  min-width: 0;
  display: grid;
}
.name {
  font-weight: 600;
}
.cover {
  display: inline-flex;
  align-items: center;
  gap: 3px;
  font-size: 11.5px;
  color: var(--ink-soft);
}
.cover .glyph {
  width: 13px;
  height: 13px;
}
</style>
