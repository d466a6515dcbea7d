<script setup lang="ts">
import type { GroupOption, OptionGroup } from '../../../../core/catalogue/bundle'
import { countCombinations, manyCombinations, maxCombinations } from '../../../../core/catalogue/bundle'
import type { Values } from '../../../../core/bundles/combinations'
import { combinationTable, withCombination } from '../../../../core/bundles/combinations'
import { rematched, variantsOf, withOptions } from '../../../../core/bundles/editBundle'
import { imageOf, isForSale, priceOf, stockOf } from '../../../../core/catalogue/product'
import { itemName } from '../../../../core/delivery/deliveredItem'
import { counted } from '../../../../core/text/sentence'
import { useBundles } from '../bundles'
import { useMessages } from '../../../data/messages'
import { useStudioShop } from '../../../data/studioShop'
import PhMagicWand from '~icons/ph/magic-wand'
import PhPlus from '~icons/ph/plus'
import PhTrash from '~icons/ph/trash'

/** A group of options, and the table of what each of their combinations is. */
const props = defineProps<{ group: OptionGroup }>()
const emit = defineEmits<{ change: [group: OptionGroup, typed?: boolean]; remove: []; find: [] }>()
const store = useBundles()
const studio = useStudioShop()
const messages = useMessages()

const table = computed(() => combinationTable(props.group))
const open = computed(() => table.value.filter(row => row.sku === undefined).length)
const times = computed(() => props.group.options.map(each => each.values.length).join(' × '))
const rows = computed(() =>
  table.value.slice(0, shown.value).map(row => {
    const item = row.sku ? store.catalogue.item(row.sku) : undefined
    const notNow = item && !isForSale(item.product, item.variant, studio.now()) ? 'not for sale' : ''
    const wrong = row.sku && (item ? notNow : 'no longer in the shop')
    return {
      ...row,
      key: row.values.join('\n'),
      wrong,
      name: item ? itemName(item, studio.words) : (row.sku ?? ''),
      image: item ? imageOf(item.product, item.variant) : null,
      stock: item ? stockOf(item.product, item.variant) : null,
      price: item ? priceOf(item.product, item.variant) : null,
    }
  }),
)
const inOnePage = 60
const shown = ref(inOnePage)
const decided = computed(() => new Set(props.group.combinations.flatMap(each => each.sku ?? [])))

/** What a combination can be: every variant of the group's products. */
const candidates = computed(() =>
  props.group.products
    .flatMap(sku => variantsOf(store.catalogue.item(sku)?.product ?? null))
    .map(item => {
      const { sku } = item.variant ?? item.product
      return {
        value: sku,
        title: itemName(item, studio.words),
        subtitle: `${sku} · ${studio.money(priceOf(item.product, item.variant))}${decided.value.has(sku) ? ' · is one already' : ''}`,
      }
    }),
)
const editing = ref<string | null>(null)
function decide(values: Values, sku: string | null | undefined): void {
  editing.value = null
  emit('change', withCombination(props.group, values, sku))
}

function setOptions(options: GroupOption[]): void {
  const count = countCombinations(options)
  if (count > maxCombinations) {
    messages.tell(
      `That would make ${count.toLocaleString('en')} combinations; a group has at most ${maxCombinations.toLocaleString('en')}. Nothing ` +
        `was added. If these options don’t name one product together, make two groups.`,
    )
    return
  }
  emit('change', rematched(withOptions(props.group, options), store.catalogue))
}
const newOption = ref('')
function addOption(): void {
  const name = newOption.value.trim()
  newOption.value = ''
  if (name && !props.group.options.some(each => each.name.toLowerCase() === name.toLowerCase()))
    setOptions([...props.group.options, { name, values: [] }])
}
const newValues = reactive<Record<string, string>>({})
function addValues(option: GroupOption): void {
  const typed = (newValues[option.name] ?? '')
    .split(',')
    .map(each => each.trim())
    .filter(Boolean)
  newValues[option.name] = ''
  const values = [...new Set([...option.values, ...typed])]
  if (values.length > option.values.length) setOptions(props.group.options.map(each => (each === option ? { ...each, values } : each)))
}
/** How many combinations there would be with what is being typed, said before they are made. */
const announced = computed(() => {
  const options = props.group.options.map(each => ({
    ...each,
    values: [
      ...new Set([
        ...each.values,
        ...(newValues[each.name] ?? '')
          .split(',')
          .map(value => value.trim())
          .filter(Boolean),
      ]),
    ],
  }))
  const count = countCombinations(options)
  return count === countCombinations(props.group.options)
    ? null
    : { count, words: `${options.map(each => each.values.length).join(' × ')} = ${counted(count, 'combination')}` }
})
const language = computed(() => studio.shop!.settings.language)
</script>

<template>
  <section class="group" :aria-label="`Group ${studio.words(group.name)}`">
    <div class="head">
      <input
        v-typed="studio.words(group.name)"
        class="title"
        type="text"
        maxlength="80"
        aria-label="Name of the group"
        @input="emit('change', { ...group, name: { ...group.name, [language]: ($event.target as HTMLInputElement).value } }, true)"
      />
      <QuantityField
        :value="group.quantity"
        label="How many in one bundle"
        @change="quantity => emit('change', { ...group, quantity }, true)"
      /><span class="soft small in">in one bundle</span>
      <span class="grow" />
      <span v-if="open" class="small wrong">{{ open }} of {{ table.length }} {{ open === 1 ? 'has' : 'have' }} no product</span>
      <span v-else-if="table.length" class="small full">all {{ table.length }} decided</span>
      <button type="button" class="icon-button" aria-label="Remove the group" @click="emit('remove')">
        <PhTrash /><v-tooltip activator="parent" location="bottom">Remove the group</v-tooltip>
      </button>
    </div>
    <div v-for="option in group.options" :key="option.name" class="option">
      <b class="cut">{{ option.name }}</b>
      <span class="chips">
        <span v-for="value in option.values" :key="value" class="chip"
          >{{ value
          }}<button
            type="button"
            :aria-label="`Take ${value} out of ${option.name}`"
            @click="
              setOptions(
                group.options.map(each => (each === option ? { ...each, values: each.values.filter(one => one !== value) } : each)),
              )
            "
          >
            ×
          </button></span
        >
        <input
          v-model="newValues[option.name]"
          class="more"
          type="text"
          placeholder="value, value"
          :aria-label="`Add values of ${option.name}`"
          @keydown.enter.prevent="addValues(option)"
          @change="addValues(option)"
        />
      </span>
      <button
        type="button"
        class="out"
        :aria-label="`Take the option ${option.name} out`"
        @click="setOptions(group.options.filter(each => each !== option))"
      >
        ×
      </button>
    </div>
    <div class="tools">
      <form class="new" @submit.prevent="addOption">
        <input v-model="newOption" class="more" type="text" maxlength="64" placeholder="another option" aria-label="Add an option" /><button
          type="submit"
          class="icon-button"
          aria-label="Add the option"
          :disabled="!newOption.trim()"
        >
          <PhPlus width="15" height="15" />
        </button>
      </form>
      <span v-if="announced" class="small" :class="announced.count > manyCombinations ? 'wrong' : 'soft'" aria-live="polite"
        >that makes {{ announced.words }}{{ announced.count > maxCombinations ? ', too many' : '' }}</span
      >
      <span v-else-if="group.options.length > 1 && table.length" class="small soft"
        >{{ times }} = {{ counted(table.length, 'combination') }}</span
      >
      <span class="grow" />
      <button type="button" class="text-button" @click="emit('find')">Another product</button>
      <button type="button" class="text-button match" :disabled="!open" @click="emit('change', rematched(group, store.catalogue))">
        <PhMagicWand width="15" height="15" />Match by options
      </button>
    </div>
    <p v-if="table.length > manyCombinations" class="many small">
      {{ table.length.toLocaleString('en') }} combinations are more than anyone looks through. If these options don’t name one product
      together, make two groups of them.
    </p>
    <p v-if="!table.length" class="soft small empty">Each option needs a value before there are combinations.</p>
    <table v-else>
      <thead>
        <tr>
          <th v-for="option in group.options" :key="option.name">{{ option.name }}</th>
          <th>Product</th>
          <th>SKU</th>
          <th class="number">Stock</th>
          <th class="number">Price</th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="row in rows"
          :key="row.key"
          :class="{ hole: row.sku === undefined, no: row.sku === null }"
          :data-values="row.values.join(' ')"
        >
          <td v-for="(value, i) in row.values" :key="i">{{ value }}</td>
          <td class="product">
            <v-autocomplete
              v-if="editing === row.key"
              :model-value="row.sku"
              :items="candidates"
              :item-props="true"
              autofocus
              menu
              hide-details
              density="compact"
              auto-select-first
              placeholder="Name or SKU"
              :aria-label="`Product for ${row.values.join(', ')}`"
              @update:model-value="(sku: string | null) => sku && decide(row.values, sku)"
              @update:focused="(on: boolean) => on || (editing = null)"
              @keydown.esc="editing = null"
            />
            <span v-else class="cell">
              <button type="button" class="choose" @click="editing = row.key">
                {{ row.sku === undefined ? 'choose a product' : row.sku === null ? 'not sold' : row.name }}
              </button>
              <span v-if="row.wrong" class="wrong small">{{ row.wrong }}</span>
              <button v-if="row.sku !== null" type="button" class="text-button mark" @click="decide(row.values, null)">Not sold</button>
              <button v-if="row.sku !== undefined" type="button" class="text-button mark" @click="decide(row.values, undefined)">
                Undecide
              </button>
            </span>
          </td>
          <td class="mono">{{ row.sku }}</td>
          <td class="number" :class="{ wrong: row.stock === 0 }">{{ row.stock }}</td>
          <td class="number">{{ row.price === null ? '' : studio.money(row.price) }}</td>
        </tr>
      </tbody>
    </table>
    <button v-if="table.length > shown" type="button" class="text-button further" @click="shown += inOnePage">
      Show {{ Math.min(inOnePage, table.length - shown) }} more of {{ table.length.toLocaleString('en') }}
    </button>
  </section>
</template>

<style scoped>
.group {
  padding: 12px 18px 14px;
  border-bottom: 1px solid var(--line-soft);
}
.head {
  display: flex;
  align-items: center;
  gap: 8px;
}
.title {
  flex: 0 1 190px;
  min-width: 60px;
  height: 30px;
  margin-left: -7px;
  padding: 0 6px;
  border: 1px solid transparent;
  border-radius: 6px;
  background: none;
  color: inherit;
  font: 650 14.5px/1 var(--head);
}
.title:hover {
  border-color: var(--line);
}
.title:focus-visible {
  outline: 2px solid var(--petrol);
  outline-offset: 0;
  background: var(--sheet);
}
.grow {
  flex: 1;
}
.in,
.head .wrong,
.full {
  white-space: nowrap;
}
.full {
  color: var(--moss-ink);
  font-weight: 600;
}
.head .icon-button svg {
  width: 16px;
  height: 16px;
}
.option {
  display: flex;
  align-items: flex-start;
  gap: 10px;
  margin-top: 6px;
}
.option > b {
  flex: none;
  width: 76px;
  line-height: 30px;
}
.option > b::first-letter,
th::first-letter {
  text-transform: uppercase;
}
.chips {
  flex: 1;
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.chip {
  display: inline-flex;
  align-items: center;
  height: 30px;
  padding: 0 4px 0 11px;
  border: 1px solid var(--line);
  border-radius: 15px;
  font-size: 13.5px;
}
.chip button,
.out {
  width: 22px;
  height: 22px;
  padding: 0;
  border: 0;
  border-radius: 11px;
  background: none;
  color: var(--ink-soft);
  font: 15px/1 var(--text);
  cursor: pointer;
}
.chip button:hover,
.out:hover {
  background: var(--sunk);
  color: var(--clay-ink);
}
.out {
  margin-top: 4px;
}
.more {
  width: 108px;
  height: 30px;
  padding: 0 10px;
  border: 1px dashed #b9b09e;
  border-radius: 15px;
  background: none;
  color: inherit;
  font: 13px/1 var(--text);
}
.more::placeholder {
  color: var(--ink-soft);
}
.more:focus-visible {
  outline: 2px solid var(--petrol);
  outline-offset: 0;
}
.tools {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  margin-top: 8px;
}
.new {
  display: flex;
  align-items: center;
  gap: 2px;
}
.match {
  display: flex;
  align-items: center;
  gap: 5px;
}
.many {
  margin: 6px 0 0;
  padding: 7px 10px;
  border-radius: 8px;
  background: var(--saffron-wash);
  color: var(--saffron-ink);
}
.empty {
  margin: 8px 0 0;
}
table {
  width: 100%;
  margin-top: 6px;
  border-collapse: collapse;
  font-size: 13.5px;
}
th {
  padding: 5px 8px;
  color: var(--ink-soft);
  font-size: 12px;
  font-weight: 550;
  text-align: left;
}
td {
  height: 38px;
  padding: 0 8px;
  border-top: 1px solid var(--line-soft);
}
.number {
  text-align: right;
  white-space: nowrap;
}
.hole td {
  background: var(--clay-wash);
}
.no td,
.no .choose {
  color: var(--ink-soft);
}
.product {
  width: 60%;
  max-width: 0;
}
td.mono {
  white-space: nowrap;
}
.cell {
  display: flex;
  align-items: center;
  gap: 10px;
}
.choose {
  flex: 0 1 auto;
  min-width: 0;
  overflow: hidden;
  padding: 4px 0;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  text-overflow: ellipsis;
  white-space: nowrap;
  cursor: pointer;
}
.choose:hover {
  text-decoration: underline;
  text-underline-offset: 3px;
}
.hole .choose {
  color: var(--clay-ink);
  font-weight: 650;
}
.mark {
  flex: none;
  font-size: 12px;
}
/* Out of sight, and yet reached with the keyboard. */
tr:not(.hole):not(:hover):not(:focus-within) .mark {
  position: absolute;
  opacity: 0;
  pointer-events: none;
}
.further {
  margin-top: 6px;
}
</style>
