<script setup lang="ts">
import type { Guard, LeaveOut, Section, SectionSettings } from '../../../core/sections/section'
import { guardSchema } from '../../../core/sections/section'
import { rangeWords } from '../../../core/rules/ruleWords'
import { useStudioShop } from '../../data/studioShop'
import PhPlus from '~icons/ph/plus'
import { useNames } from '../../data/useNames'
import { sectionsWords } from './words/sections'

const say = sectionsWords.guardsPart

/** What every candidate of a section is checked for. */
const props = defineProps<{ section: Section }>()
const emit = defineEmits<{ change: [settings: Partial<SectionSettings>, typing?: boolean] }>()
const studio = useStudioShop()
const names = useNames()

const guardWords: Record<Guard, string> = {
  inCart: say.inTheCart,
  self: say.whatThePageIsAbout,
  notForSale: say.notForSale,
  outOfStock: say.outOfStock,
  shownEarlier: say.shownEarlierOnThePage,
}
function toggle(each: Guard): void {
  const { guards } = props.section
  emit('change', { guards: guardSchema.options.filter(one => (one === each) !== guards.includes(one)) })
}
const percent = (typed: string) => (/^-?\d{1,4}([.,]\d{1,2})?$/.test(typed.trim()) ? Number(typed.replace(',', '.')) : null)
const isMarginWrong = ref(false)
function setMargin(typed: string | number, typing: boolean): void {
  const value = percent(String(typed))
  const isFine = value !== null && value <= 100 && value >= -1000
  isMarginWrong.value = !isFine
  if (isFine) emit('change', { lowestMargin: value }, typing)
}
/** Guards with something to set, shown as soon as they are set or asked for. */
const asked = ref(new Set<'price' | 'margin' | 'leaveOut'>())
const leftOut = computed(() => Object.values(props.section.leaveOut).reduce((sum, each) => sum + each.length, 0))
const shows = computed(() => ({
  price: props.section.priceBand !== null || asked.value.has('price'),
  margin: props.section.lowestMargin !== null || asked.value.has('margin'),
  leaveOut: leftOut.value > 0 || asked.value.has('leaveOut'),
}))
const open = ref<'price' | 'margin' | 'leaveOut' | null>(null)
async function ask(which: 'price' | 'margin' | 'leaveOut'): Promise<void> {
  asked.value.add(which)
  if (which === 'leaveOut') void studio.loadFacets()
  await nextTick()
  open.value = which
}
function drop(which: 'price' | 'margin' | 'leaveOut'): void {
  asked.value.delete(which)
  open.value = null
  emit(
    'change',
    {
      price: { priceBand: null },
      margin: { lowestMargin: null },
      leaveOut: { leaveOut: { categories: [], tags: [], brands: [], products: [] } },
    }[which],
  )
}
const setOut = (part: Partial<LeaveOut>) => emit('change', { leaveOut: { ...props.section.leaveOut, ...part } })
const outWords = computed(() => {
  const { categories, brands, tags, products } = props.section.leaveOut
  const all = [...categories.map(names.category), ...brands, ...tags, ...products]
  if (all.length > 3) return say.oneOfLeftOut(all.length)
  return all.length ? say.in(all.join(', ')) : say.leftOut2
})
const valuesOf = (list: { value: string }[] | undefined) => (list ?? []).map(each => each.value)
</script>

<template>
  <div class="guards">
    <button
      v-for="each in guardSchema.options"
      :key="each"
      type="button"
      class="guard"
      :aria-pressed="section.guards.includes(each)"
      @click="toggle(each)"
    >
      {{ guardWords[each] }}
    </button>
    <v-menu
      v-if="shows.price"
      :model-value="open === 'price'"
      location="bottom start"
      :offset="6"
      :close-on-content-click="false"
      @update:model-value="now => (open = now ? 'price' : null)"
    >
      <template #activator="{ props: menu }"
        ><button type="button" class="guard set" v-bind="menu">
          {{ section.priceBand ? say.notPricedOfIt(rangeWords(section.priceBand, value => `${value} %`)) : say.priceBand }}
        </button></template
      >
      <v-card class="studio form" rounded="lg" role="dialog" :aria-label="say.priceBand2">
        <p class="small soft">{{ say.onlyProductsWhosePriceIs }}</p>
        <RangeFields
          :range="section.priceBand ?? {}"
          unit="%"
          :read="percent"
          :write="String"
          live
          @change="(priceBand, typing) => emit('change', { priceBand }, typing)"
        />
        <button type="button" class="text-button" @click="drop('price')">{{ say.takeThisGuardAway }}</button>
      </v-card>
    </v-menu>
    <v-menu
      v-if="shows.margin"
      :model-value="open === 'margin'"
      location="bottom start"
      :offset="6"
      :close-on-content-click="false"
      @update:model-value="now => (open = now ? 'margin' : null)"
    >
      <template #activator="{ props: menu }"
        ><button type="button" class="guard set" v-bind="menu">
          {{ section.lowestMargin === null ? say.marginUnder : say.marginUnderWithLowestMargin(section.lowestMargin) }}
        </button></template
      >
      <v-card class="studio form" rounded="lg" role="dialog" :aria-label="say.lowestMargin">
        <label
          >{{ say.marginInPercentOfThe
          }}<v-text-field
            :model-value="section.lowestMargin ?? ''"
            type="number"
            min="-1000"
            max="100"
            @update:model-value="value => setMargin(value, true)"
            @change="(event: Event) => setMargin((event.target as HTMLInputElement).value, false)"
        /></label>
        <p v-if="isMarginWrong" class="small wrong" role="alert">{{ say.aPercentage }}</p>
        <p class="small soft">{{ say.aProductWhoseCostIs }}</p>
        <button type="button" class="text-button" @click="drop('margin')">{{ say.takeThisGuardAway }}</button>
      </v-card>
    </v-menu>
    <v-menu
      v-if="shows.leaveOut"
      :model-value="open === 'leaveOut'"
      location="bottom start"
      :offset="6"
      :close-on-content-click="false"
      @update:model-value="
        now => {
          open = now ? 'leaveOut' : null
          if (now) void studio.loadFacets()
        }
      "
    >
      <template #activator="{ props: menu }"
        ><button type="button" class="guard set" v-bind="menu">{{ outWords }}</button></template
      >
      <v-card class="studio form wide" rounded="lg" role="dialog" :aria-label="say.leftOut">
        <label
          >{{ say.categoriesWithThoseBelow
          }}<v-autocomplete
            :model-value="section.leaveOut.categories"
            :items="studio.categoryChoices"
            multiple
            chips
            closable-chips
            :placeholder="say.none"
            @update:model-value="value => setOut({ categories: value })"
        /></label>
        <label
          >{{ say.brands
          }}<v-autocomplete
            :model-value="section.leaveOut.brands"
            :items="valuesOf(studio.facets?.brands)"
            multiple
            chips
            closable-chips
            :placeholder="say.none"
            @update:model-value="value => setOut({ brands: value })"
        /></label>
        <label
          >{{ say.tags
          }}<v-autocomplete
            :model-value="section.leaveOut.tags"
            :items="valuesOf(studio.facets?.tags)"
            multiple
            chips
            closable-chips
            :placeholder="say.none"
            @update:model-value="value => setOut({ tags: value })"
        /></label>
        <ProductsField :skus="section.leaveOut.products" @change="value => setOut({ products: value })" />
        <button type="button" class="text-button" @click="drop('leaveOut')">{{ say.leaveNothingOut }}</button>
      </v-card>
    </v-menu>
    <v-menu v-if="!shows.price || !shows.margin || !shows.leaveOut" location="bottom start" :offset="4">
      <template #activator="{ props: menu }"
        ><button type="button" class="guard new" v-bind="menu"><PhPlus width="13" height="13" />{{ say.guard }}</button></template
      >
      <v-list density="compact" class="studio">
        <v-list-item v-if="!shows.price" @click="ask('price')"
          ><v-list-item-title>{{ say.priceBand2 }}</v-list-item-title
          ><v-list-item-subtitle>{{ say.comparedWithTheProductThe }}</v-list-item-subtitle></v-list-item
        >
        <v-list-item v-if="!shows.margin" @click="ask('margin')"
          ><v-list-item-title>{{ say.lowestMargin }}</v-list-item-title></v-list-item
        >
        <v-list-item v-if="!shows.leaveOut" @click="ask('leaveOut')"
          ><v-list-item-title>{{ say.leaveOut }}</v-list-item-title
          ><v-list-item-subtitle>{{ say.categoriesBrandsTagsOrProducts }}</v-list-item-subtitle></v-list-item
        >
      </v-list>
    </v-menu>
  </div>
</template>

<style scoped>
.guards {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.guard {
  display: inline-flex;
  align-items: center;
  gap: 5px;
  height: 28px;
  padding: 0 11px;
  border: 1px solid var(--line);
  border-radius: 14px;
  background: var(--sheet);
  color: var(--ink-soft);
  font: 13px/1 var(--text);
  cursor: pointer;
}
.guard:hover {
  border-color: #b9b09e;
}
.guard[aria-pressed='true'],
.set {
  border-color: #a9c6c8;
  background: var(--petrol-wash);
  color: var(--petrol-ink);
  font-weight: 550;
}
.guard[aria-pressed='false'] {
  text-decoration: line-through;
  text-decoration-color: #b9b09e;
}
.new {
  border-style: dashed;
  color: var(--ink);
}
.form {
  display: grid;
  gap: 10px;
  width: 320px;
  padding: 14px 16px 10px;
}
.wide {
  width: 400px;
}
.form p {
  margin: 0;
}
.form label {
  display: grid;
  gap: 4px;
  color: var(--ink-soft);
  font-size: 13px;
}
.form .text-button {
  justify-self: start;
}
</style>
