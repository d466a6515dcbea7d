<script setup lang="ts">
import { sumBy } from 'es-toolkit'
import type { OrderShown } from '../../../core/studio/orderAnswers'
import { useStudioShop } from '../../data/studioShop'
import { resultsWords } from './words'

const say = resultsWords.orderView

/** One order: its lines, what was chosen, what made them cheaper, and where they came from. */
const props = defineProps<{ order: OrderShown }>()
const studio = useStudioShop()
const saved = computed(() => sumBy(props.order.lines, line => sumBy(line.reductions, each => each.amount)))
const rooms = { section: '/sections', offer: '/offers' }
const lines = computed(() =>
  props.order.lines.map(line => ({
    ...line,
    address: `/products/${encodeURIComponent(line.sku)}`,
    came: line.from && {
      words: (line.from.of === 'section' ? say.section : say.offer)(line.from.name),
      to: `${rooms[line.from.of]}/${encodeURIComponent(line.from.key)}`,
    },
    less: line.reductions.map(each => say.less(each.name, studio.money(each.amount))).join(', '),
    each: line.quantity > 1 ? say.each(studio.money(line.unitPrice)) : '',
  })),
)
</script>

<template>
  <section class="order" :aria-label="say.order">
    <header>
      <h1>{{ say.orderNumber(order.number) }}</h1>
      <span class="soft">{{ studio.moment(order.placed) }}</span>
    </header>
    <ul :aria-label="say.lines">
      <li v-for="(line, i) in lines" :key="i">
        <ProductPicture :src="line.image" class="picture" />
        <div class="facts">
          <p>
            {{ line.quantity }} × <NuxtLink v-if="line.name" :to="line.address">{{ line.name }}</NuxtLink><span v-else class="soft">{{
              say.noLongerInTheShop
            }}</span>
            <span class="mono">{{ line.sku }}</span>
          </p>
          <p v-if="line.came" class="small soft">
            {{ say.cameFrom }} <NuxtLink :to="line.came.to">{{ line.came.words }}</NuxtLink>
          </p>
          <p v-if="line.less" class="small good">{{ line.less }}</p>
          <ul v-if="line.components.length" class="components">
            <li v-for="(part, at) in line.components" :key="at">
              <span
                >{{ part.quantity }} × {{ part.name || part.sku }}<span v-if="part.chosen" class="soft"> · {{ part.chosen }}</span></span
              ><span class="mono">{{ part.sku }}</span
              ><span class="grow" /><span>{{ studio.money(part.total) }}</span>
            </li>
          </ul>
        </div>
        <div class="price">
          <b>{{ studio.money(line.total) }}</b><span v-if="line.each" class="small soft">{{ line.each }}</span>
        </div>
      </li>
    </ul>
    <dl>
      <div v-if="saved">
        <dt>{{ say.saved }}</dt>
        <dd class="good">{{ studio.money(saved) }}</dd>
      </div>
      <div class="total">
        <dt>{{ say.total }}</dt>
        <dd>{{ studio.money(order.total) }}</dd>
      </div>
    </dl>
  </section>
</template>

<style scoped>
.order {
  height: 100%;
  overflow-y: auto;
  background: var(--sheet);
}
header {
  display: flex;
  align-items: baseline;
  gap: 12px;
  padding: 14px 22px;
  border-bottom: 1px solid var(--line-soft);
}
h1 {
  font-size: 20px;
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
.order > ul > li {
  display: flex;
  gap: 14px;
  padding: 14px 22px;
  border-bottom: 1px solid var(--line-soft);
}
.picture {
  flex: none;
  width: 46px;
  height: 46px;
  border-radius: 8px;
}
.facts {
  flex: 1;
  min-width: 0;
}
p {
  margin: 0;
}
.mono {
  margin-left: 6px;
}
a {
  color: var(--petrol-ink);
  font-weight: 550;
}
.good {
  color: var(--moss-ink);
}
.components {
  margin-top: 8px;
  padding-left: 12px;
  border-left: 2px solid var(--line);
  font-size: 13px;
}
.components li {
  display: flex;
  align-items: baseline;
  gap: 8px;
  min-height: 26px;
}
.grow {
  flex: 1;
}
.price {
  flex: none;
  display: grid;
  justify-items: end;
  align-content: start;
}
dl {
  width: 260px;
  margin: 12px 22px 22px auto;
}
dl > div {
  display: flex;
  justify-content: space-between;
  padding: 4px 0;
}
dd {
  margin: 0;
}
.total {
  border-top: 1px solid var(--line);
  font-weight: 650;
}
</style>
