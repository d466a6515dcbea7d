<script setup lang="ts">
import type { DeliveredSection } from '../../../../../core/delivery/contract/pages'

/** Products side by side, attribute by attribute, the one whose page it is first. */
const props = defineProps<{ section: DeliveredSection }>()
const viewed = useViewed()
const words = useWords()
const { factsOf } = useItemFacts(
  () => props.section,
  () => true,
)
const look = computed(() => props.section.display)

const columns = computed(() => [
  ...(viewed
    ? [{ isViewed: true, card: { ...viewed.product.value, variant: null }, attributes: viewed.product.value.attributes, text: '' }]
    : []),
  ...props.section.items.map(item => {
    const facts = factsOf(item.variant ?? item.sku)
    return { isViewed: false, card: item, attributes: facts?.attributes ?? [], text: facts?.text ?? '' }
  }),
])
const valueOf = (column: (typeof columns.value)[0], name: string) =>
  column.attributes.find(each => each.name === name)?.values.join(', ') ?? ''
/** Attributes that at least two of them have: there is something to compare. */
const rows = computed(() => {
  const names = new Set(columns.value.flatMap(column => column.attributes.map(each => each.name)))
  return [...names]
    .filter(name => columns.value.filter(column => valueOf(column, name)).length > 1)
    .map(name => ({ name, values: columns.value.map(column => valueOf(column, name)) }))
    .map(row => ({ ...row, differs: new Set(row.values).size > 1 }))
})
</script>

<template>
  <div class="scroll" tabindex="0" role="group" :aria-label="section.heading">
    <table :style="{ '--count': columns.length }">
      <thead>
        <tr>
          <td class="names" />
          <th v-for="column in columns" :key="column.card.sku" scope="col" :class="{ viewed: column.isViewed }" :data-sku="column.card.sku">
            <span v-if="column.isViewed" class="this">{{ words.thisOne }}</span>
            <div class="shot" :class="look.picture"><ShopPicture :src="column.card.image" alt="" /></div>
            <p v-if="look.card.includes('brand') && column.card.brand" class="brand">{{ column.card.brand }}</p>
            <NuxtLink v-if="!column.isViewed" :to="column.card.url">{{ column.card.name }}</NuxtLink><span v-else>{{
              column.card.name
            }}</span>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-if="look.card.includes('price')">
          <th scope="row" class="names">{{ words.price }}</th>
          <td v-for="{ card, isViewed } in columns" :key="card.sku" :class="{ viewed: isViewed }">
            <ShopPrice :price="card.price" :was="look.card.includes('was') ? card.was : null" />
          </td>
        </tr>
        <tr v-for="row in rows" :key="row.name" :class="{ differs: row.differs }">
          <th scope="row" class="names">{{ row.name }}</th>
          <td v-for="(value, i) in row.values" :key="columns[i]!.card.sku" :class="{ viewed: columns[i]!.isViewed }">{{ value || '–' }}</td>
        </tr>
        <tr v-if="look.card.includes('text')">
          <th scope="row" class="names">{{ words.inShort }}</th>
          <td v-for="column in columns" :key="column.card.sku" :class="{ viewed: column.isViewed }">{{ column.text }}</td>
        </tr>
        <tr v-if="look.card.includes('button')">
          <th scope="row" class="names">
            <span class="shop-hidden">{{ words.buy }}</span>
          </th>
          <td v-for="{ card, isViewed } in columns" :key="card.sku" :class="{ viewed: isViewed }">
            <CardBuy v-if="!isViewed" :card="card" :buttons="section.buttons" />
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
  border: 1px solid var(--section-line);
  border-radius: var(--section-corner);
  background: var(--card-solid);
}
table {
  width: 100%;
  min-width: calc(96px + var(--count) * 152px);
  border-collapse: separate;
  border-spacing: 0;
  table-layout: fixed;
  font-size: 0.94em;
}
.names {
  position: sticky;
  left: 0;
  z-index: 2;
  width: 112px;
  padding: 9px 8px 9px 16px;
  background: var(--card-solid);
  color: var(--section-soft);
  font-weight: 500;
  text-align: left;
  vertical-align: top;
}
.names::first-letter {
  text-transform: uppercase;
}
th[scope='col'] {
  padding: 14px 12px 10px;
  font-weight: 600;
  text-align: left;
  vertical-align: bottom;
}
td {
  padding: 9px 12px;
  vertical-align: top;
  overflow-wrap: anywhere;
}
tbody > tr > * {
  border-top: 1px solid color-mix(in srgb, var(--section-line) 60%, var(--card-solid));
}
.differs td {
  font-weight: 600;
}
.viewed {
  background: color-mix(in srgb, var(--section-ink) 4%, var(--card-solid));
}
.this {
  display: block;
  margin-bottom: 6px;
  color: var(--section-soft);
  font-size: 12.5px;
  font-weight: 600;
}
.shot {
  aspect-ratio: 4 / 3;
  margin-bottom: 8px;
  border-radius: min(9px, var(--picture-corner));
  overflow: hidden;
}
.shot.square {
  aspect-ratio: 1;
}
.shot.portrait {
  aspect-ratio: 4 / 5;
}
.brand {
  margin: 0;
  color: var(--section-soft);
  font-size: 13px;
  font-weight: 400;
}
a {
  color: inherit;
  text-underline-offset: 3px;
}
@container (max-width: 560px) {
  .names {
    width: 84px;
    padding-left: 12px;
    font-size: 13px;
  }
}
</style>
