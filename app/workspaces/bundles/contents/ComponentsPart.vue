<script setup lang="ts">
import { VueDraggable } from 'vue-draggable-plus'
import type { BundleOfParts, Component } from '../../../../core/catalogue/bundle'
import { maxPieces } from '../../../../core/catalogue/bundle'
import { imageOf, isForSale, priceOf, stockOf } from '../../../../core/catalogue/product'
import type { CatalogueItem } from '../../../../core/catalogue/catalogue'
import { isRetired } from '../../../../core/catalogue/catalogue'
import { itemName } from '../../../../core/delivery/deliveredItem'
import { useBundles } from '../bundles'
import { useStudioShop } from '../../../data/studioShop'
import PhDotsSixVertical from '~icons/ph/dots-six-vertical'
import { contentsWords } from '../words/contents'

const say = contentsWords.componentsPart

/** The products that are always in a bundle, with their quantities, in order. */
const props = defineProps<{ bundle: BundleOfParts }>()
const emit = defineEmits<{ find: [] }>()
const store = useBundles()
const studio = useStudioShop()

/** What is wrong with a part; empty: nothing. */
function noteOf(item: CatalogueItem | undefined, quantity: number): string {
  if (!item) return say.noLongerInTheShop
  if (item.product.bundle) return say.aBundle
  if (isRetired(item)) return say.retired
  if (!isForSale(item.product, item.variant, studio.now())) return say.notForSale
  return stockOf(item.product, item.variant) < quantity ? say.tooFewInStock : ''
}
const rows = computed(() =>
  props.bundle.components.map(component => {
    const item = store.catalogue.item(component.sku)
    const note = noteOf(item, component.quantity)
    return {
      ...component,
      note,
      /** Its product, without the variant that is chosen beside it. */
      product: item ? studio.words(item.product.name) || item.product.sku : component.sku,
      variants: item && !item.variant ? item.product.variants : [],
      name: item ? itemName(item, studio.words) : component.sku,
      image: item ? imageOf(item.product, item.variant) : null,
      price: item ? priceOf(item.product, item.variant) : null,
      stock: stockWords(item ? stockOf(item.product, item.variant) : 0),
    }
  }),
)
const stockWords = (units: number) => (units === Infinity ? say.untracked : say.inStock(studio.number(units)))
const set = (components: Component[], typed = false) => store.changeBundle({ ...props.bundle, components }, typed)
const change = (key: string, part: Partial<Component>, typed = false) =>
  set(
    props.bundle.components.map(each => (each.key === key ? { ...each, ...part } : each)),
    typed,
  )
const takeOut = (key: string) => set(props.bundle.components.filter(each => each.key !== key))
const draggable = computed({ get: () => props.bundle.components, set: next => set(next) })

/** A variant by itself goes back to its product: then shoppers choose. */
const choiceFor = (sku: string) => {
  const item = store.catalogue.item(sku)
  if (!item?.product.variants.length) return null
  return [
    { value: item.product.sku, title: say.theShopperChooses },
    ...item.product.variants.map(each => ({ value: each.sku, title: Object.values(each.options).join(', ') })),
  ]
}

/** What is one thing is not chosen piece by piece any more. */
const choose = (key: string, { target }: Event) => change(key, { sku: (target as HTMLSelectElement).value, oneByOne: undefined })

const list = useTemplateRef<HTMLElement>('list')
async function onKey(event: KeyboardEvent, i: number): Promise<void> {
  if ((event.target as HTMLElement).tagName !== 'LI') return
  const rowAt = (at: number) => list.value?.querySelectorAll<HTMLElement>('li')[at]
  if (event.key === 'Delete') {
    takeOut(props.bundle.components[i]!.key)
    await nextTick()
    return rowAt(Math.min(i, props.bundle.components.length - 1))?.focus()
  }
  const by = { ArrowUp: -1, ArrowDown: 1 }[event.key]
  if (!by || i + by < 0 || i + by >= props.bundle.components.length) return
  event.preventDefault()
  if (event.altKey) set(props.bundle.components.toSpliced(i, 1).toSpliced(i + by, 0, props.bundle.components[i]!))
  await nextTick()
  rowAt(i + by)?.focus()
}
</script>

<template>
  <section class="part" :aria-label="say.parts">
    <h2>
      {{ bundle.type === 'choice' ? say.alwaysInTheSet : say.parts }}<span class="grow" /><button
        type="button"
        class="text-button"
        aria-keyshortcuts="/"
        @click="emit('find')"
      >
        {{ say.addParts }}
      </button>
    </h2>
    <p v-if="!rows.length" class="empty soft small">
      {{ bundle.type === 'choice' ? say.nothingComesAlongWithEvery : say.findProductsInThePane }}
    </p>
    <div ref="list">
      <VueDraggable v-model="draggable" tag="ol" handle=".handle" :animation="150" :aria-label="say.partsOfTheBundle">
        <li v-for="(row, i) in rows" :key="row.key" tabindex="0" :data-part="row.sku" @keydown="onKey($event, i)">
          <span class="handle" aria-hidden="true"><PhDotsSixVertical /></span>
          <QuantityField
            :value="row.quantity"
            :max="row.oneByOne ? maxPieces : undefined"
            :label="say.howManyOf(row.name)"
            @change="quantity => change(row.key, { quantity }, true)"
          /><span class="soft">×</span>
          <ProductPicture :src="row.image" class="thumb" />
          <span class="names">
            <span class="cut name">{{ row.product }}</span>
            <span class="line small">
              <select
                v-if="choiceFor(row.sku)"
                class="variant"
                :value="row.sku"
                :aria-label="say.which(row.name)"
                @change="choose(row.key, $event)"
              >
                <option v-for="each in choiceFor(row.sku)!" :key="each.value" :value="each.value">{{ each.title }}</option>
              </select>
              <PiecesChoice
                v-if="row.variants.length > 1"
                :name="row.name"
                :quantity="row.quantity"
                :one-by-one="row.oneByOne"
                @change="oneByOne => change(row.key, { oneByOne })"
              />
              <span class="mono">{{ row.sku }}</span>
              <span v-if="row.note" class="wrong">{{ row.note }}</span><span v-else class="soft">{{ row.stock }}</span>
            </span>
          </span>
          <span class="price">{{ row.price === null ? '' : studio.money(row.price * row.quantity) }}</span>
          <button type="button" class="out" :aria-label="say.takeOut(row.name)" @click="takeOut(row.key)">×</button>
        </li>
      </VueDraggable>
    </div>
    <p v-if="rows.length > 1" class="small soft keys">
      <span class="key">Alt ↑ ↓</span> {{ say.movesAPart }} <span class="key">Del</span> {{ say.takesItOut }}
    </p>
  </section>
</template>

<style scoped>
.part {
  padding: 14px 18px;
  border-bottom: 1px solid var(--line-soft);
}
h2 {
  display: flex;
  align-items: baseline;
  font-size: 14.5px;
}
.grow {
  flex: 1;
}
.empty {
  margin: 6px 0 4px;
}
ol {
  margin: 4px 0 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 54px;
  border-bottom: 1px solid var(--line-soft);
  border-radius: 4px;
  background: var(--sheet);
}
li:last-child {
  border-bottom: 0;
}
li:focus-visible {
  outline-offset: -2px;
}
.handle {
  display: grid;
  color: #9b927f;
  cursor: grab;
}
.thumb {
  width: 36px;
  height: 36px;
}
.names {
  flex: 1;
  min-width: 0;
  display: grid;
  gap: 1px;
}
.name {
  font-weight: 550;
}
.line {
  display: flex;
  align-items: center;
  gap: 8px;
}
.variant {
  max-width: 190px;
  padding: 1px 2px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--sheet);
  color: var(--petrol-ink);
  font: 600 12.5px/1.4 var(--text);
}
.price {
  font-weight: 550;
}
.out {
  width: 26px;
  height: 26px;
  border: 0;
  border-radius: 6px;
  background: none;
  color: var(--ink-soft);
  font: 17px/1 var(--text);
  cursor: pointer;
}
.out:hover {
  background: var(--sunk);
  color: var(--clay-ink);
}
.keys {
  margin: 6px 0 0;
}
</style>
