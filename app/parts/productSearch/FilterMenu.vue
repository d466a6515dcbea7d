<script setup lang="ts">
import PhSlidersHorizontal from '~icons/ph/sliders-horizontal'
import { parseMoney, plainMoney } from '../../../core/money/money'
import { useStudioShop } from '../../data/studioShop'
import type { ListQuery } from './listQuery'
import { isFiltered, toggled, valuesOf, withoutFilters, withPart } from './listQuery'
import { productSearchWords } from './words'

const say = productSearchWords.filterMenu

/** Everything that a list of products can be narrowed down by. */
const query = defineModel<ListQuery>({ required: true })
const studio = useStudioShop()
const open = ref(false)
watch(open, now => now && studio.loadFacets())

const one = (name: string) =>
  computed({
    get: () => valuesOf(query.value, name)[0] ?? null,
    set: value => (query.value = withPart(query.value, name, value)),
  })
const category = one('category')
const links = one('links')

/** Amounts stand in the query as minor units, and in the fields as people write them. */
const price = (name: string) => {
  const typed = ref('')
  watch(
    () => valuesOf(query.value, name)[0],
    value => (typed.value = value === undefined ? '' : plainMoney(Number(value), studio.currency)),
    { immediate: true },
  )
  const amount = computed(() => parseMoney(typed.value, studio.currency))
  const wrong = computed(() => typed.value.trim() !== '' && amount.value === null)
  const set = () => wrong.value || (query.value = withPart(query.value, name, amount.value === null ? null : String(amount.value)))
  return reactive({ typed, wrong, set })
}
const from = price('priceFrom')
const to = price('priceTo')

const categories = computed(() => studio.categories.map(each => ({ value: each.key, title: each.name, depth: each.depth })))
const counted = (list: { value: string; count: number }[] | undefined) =>
  (list ?? []).map(({ value, count }) => ({ value, title: value, count }))
const attributes = computed(() =>
  (studio.facets?.attributes ?? []).flatMap(({ name, values }) =>
    values.map(({ value, count }) => ({ value: `${name}=${value}`, title: `${name}: ${value}`, count })),
  ),
)

/** “Fewer than n” of a kind; 1 reads “none”. */
const coverKind = computed(() => (links.value?.includes(':') ? links.value.split(':')[0]! : null))
const coverNumber = computed(() => links.value?.split(':')[1] ?? '1')
const coverage = computed(() => [
  { value: 'problem', title: say.someWithAProblem },
  ...studio.kinds.map(kind => ({ value: kind.key, title: studio.words(kind.plural) })),
])
function cover(value: string | null): void {
  links.value = value === null || value === 'problem' ? value : `${value}:${coverKind.value ? coverNumber.value : '1'}`
}
function coverBelow(number: string): void {
  if (/^[1-9]\d{0,2}$/.test(number) && coverKind.value) links.value = `${coverKind.value}:${number}`
}
const isSet = (name: string, value: string) => valuesOf(query.value, name).includes(value)
const choiceOf = [
  [
    'status',
    say.status,
    [
      ['active', say.active],
      ['draft', say.draft],
      ['retired', say.retired],
    ],
  ],
  [
    'stock',
    say.stock,
    [
      ['in', say.inStock],
      ['out', say.outOfStock],
    ],
  ],
] as const
</script>

<template>
  <v-menu v-model="open" :close-on-content-click="false" location="bottom start" :offset="6">
    <template #activator="{ props }">
      <button type="button" class="chip" v-bind="props" aria-haspopup="dialog">
        <PhSlidersHorizontal width="14" height="14" />{{ say.filter }}
      </button>
    </template>
    <v-card class="studio filter" rounded="lg" role="dialog" :aria-label="say.filter">
      <div class="field">
        <label for="filter-category">{{ say.category }}</label>
        <v-autocomplete
          id="filter-category"
          v-model="category"
          :items="categories"
          :placeholder="say.any"
          clearable
          auto-select-first
          :menu-props="{ maxHeight: 360 }"
        >
          <template #item="{ props: item, internalItem }"
            ><v-list-item v-bind="item" :style="{ paddingInlineStart: `${14 + internalItem.raw.depth * 16}px` }" density="compact"
          /></template>
        </v-autocomplete>
      </div>
      <div class="field">
        <label for="filter-links">{{ say.links }}</label>
        <div class="pair">
          <v-select
            id="filter-links"
            :model-value="links === 'problem' ? links : coverKind"
            :items="coverage"
            :placeholder="say.any"
            clearable
            @update:model-value="cover"
          />
          <span v-if="coverKind" class="small soft">{{ say.fewerThan }}</span>
          <v-text-field
            v-if="coverKind"
            :model-value="coverNumber"
            class="number"
            inputmode="numeric"
            :aria-label="say.fewerLinksThan"
            @update:model-value="coverBelow"
          />
        </div>
      </div>
      <div
        v-for="[id, label, items] in [
          ['brand', say.brand, counted(studio.facets?.brands)],
          ['tag', say.tags, counted(studio.facets?.tags)],
          ['attribute', say.attributes, attributes],
        ] as const"
        :key="id"
        class="field"
      >
        <label :for="`filter-${id}`">{{ label }}</label>
        <v-autocomplete
          :id="`filter-${id}`"
          :model-value="valuesOf(query, id)"
          :items="items"
          multiple
          chips
          closable-chips
          :placeholder="say.any"
          auto-select-first
          clear-on-select
          :loading="!studio.facets"
          :menu-props="{ maxHeight: 300 }"
          @update:model-value="(values: string[]) => (query = withPart(query, id, values))"
        >
          <template #item="{ props: item, internalItem }"
            ><v-list-item v-bind="item" density="compact"
              ><template #append
                ><span class="small soft">{{ internalItem.raw.count }}</span></template
              ></v-list-item
            ></template
          >
        </v-autocomplete>
      </div>
      <div v-for="[name, label, choices] in choiceOf" :key="name" class="field">
        <span class="label">{{ label }}</span>
        <div class="choices" role="group" :aria-label="label">
          <button
            v-for="[value, words] in choices"
            :key="value"
            type="button"
            :aria-pressed="isSet(name, value)"
            @click="query = toggled(query, name, value)"
          >
            {{ words }}
          </button>
        </div>
      </div>
      <div class="field">
        <span class="label">{{ say.price }}</span>
        <div class="pair">
          <v-text-field
            v-model="from.typed"
            :placeholder="say.from"
            :aria-label="say.priceFrom"
            inputmode="decimal"
            :error="from.wrong"
            @change="from.set"
            @keydown.enter="from.set"
          />
          <v-text-field
            v-model="to.typed"
            :placeholder="say.to"
            :aria-label="say.priceUpTo"
            inputmode="decimal"
            :error="to.wrong"
            @change="to.set"
            @keydown.enter="to.set"
          />
        </div>
        <p v-if="from.wrong || to.wrong" class="small wrong hint" role="alert">{{ say.writeAnAmountSuchAs }}</p>
      </div>
      <footer>
        <button type="button" class="text-button" :disabled="!isFiltered(query)" @click="query = withoutFilters(query)">
          {{ say.takeAllOut }}
        </button>
        <button type="button" class="text-button" @click="open = false">{{ say.done }}</button>
      </footer>
    </v-card>
  </v-menu>
</template>

<style scoped>
.filter {
  width: 368px;
  padding: 16px 18px 10px;
  display: grid;
  gap: 10px;
}
.field {
  display: grid;
  grid-template-columns: 84px 1fr;
  align-items: center;
}
label,
.label {
  color: var(--ink-soft);
  font-size: 13px;
}
.pair {
  display: flex;
  align-items: center;
  gap: 8px;
}
.number {
  flex: none;
  width: 52px;
}
.pair .soft {
  white-space: nowrap;
}
.hint {
  grid-column: 2;
  margin: 4px 0 0;
}
.choices {
  display: flex;
  gap: 6px;
}
.choices button {
  height: 30px;
  padding: 0 11px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--sheet);
  color: var(--ink);
  font: 13px/1 var(--text);
  cursor: pointer;
}
.choices [aria-pressed='true'] {
  background: var(--petrol-wash);
  border-color: var(--petrol);
  color: var(--petrol-ink);
  font-weight: 600;
}
footer {
  display: flex;
  justify-content: space-between;
  margin-top: 2px;
  padding-top: 8px;
  border-top: 1px solid var(--line-soft);
}
</style>
