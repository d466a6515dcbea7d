<script setup lang="ts">
import { useStudioShop } from '../../data/studioShop'
import PhDownloadSimple from '~icons/ph/download-simple'
import type { SoughtOrders } from './useOrders'
import { resultsWords } from './words'

const say = resultsWords.ordersPane

/** All orders, newest first, found by number, SKU, day and what is in them. */
const props = defineProps<{ sought: SoughtOrders; chosen: string | null }>()
const emit = defineEmits<{ open: [number: string] }>()
const sought = computed(() => props.sought)
const studio = useStudioShop()

const whiches = [
  ['any', say.all],
  ['bundle', say.withABundle],
  ['offer', say.withAnOffer],
] as const
const none = computed(() => (sought.value.total === 0 && sought.value.isSought ? say.noOrderIsSo : ''))
</script>

<template>
  <ListPane
    v-model:words="sought.words"
    :label="say.orders"
    :rows="sought.rows"
    :chosen="chosen"
    attribute="data-order"
    :find="{ label: say.findAnOrder, placeholder: say.numberOrSku }"
    :none="none"
    @open="number => emit('open', number)"
  >
    <template #head>
      <div class="head">
        <h2>{{ say.orders }}</h2>
        <span class="soft small" role="status">{{ sought.total === null ? '' : say.found(sought.total) }}</span>
        <span class="grow" />
        <a class="icon-button" href="/api/exchange/export?kind=orders&mark=1" :aria-label="say.takeThemOut"
          ><PhDownloadSimple /><v-tooltip activator="parent" location="bottom">{{ say.takeThemOut }}</v-tooltip></a
        >
      </div>
      <div class="filters">
        <v-text-field v-model="sought.from" type="date" :aria-label="say.from" />
        <v-text-field v-model="sought.until" type="date" :aria-label="say.until" />
        <ChoiceGroup v-model="sought.withWhat" :label="say.which" :choices="whiches" class="which" />
      </div>
      <p v-if="sought.problem" class="wrong small problem" role="alert">{{ sought.problem.message }}</p>
    </template>
    <template #default="{ row }">
      <RowNames :name="row.number" :more="`${studio.moment(row.placed)} · ${say.linesAndUnits(row.lines, row.units)}`" />
      <span class="end"
        ><b>{{ studio.money(row.total) }}</b
        ><span class="marks"
          ><span v-if="row.hasBundle" class="state off">{{ say.bundle }}</span
          ><span v-if="row.hasOffer" class="state live">{{ say.offer }}</span></span
        ></span
      >
    </template>
    <template #foot>
      <button v-if="sought.further" type="button" class="text-button more" @click="sought.showMore()">
        {{ say.showMore(sought.further) }}
      </button>
    </template>
  </ListPane>
</template>

<style scoped>
.head {
  display: flex;
  align-items: baseline;
  gap: 10px;
  height: 60px;
  padding: 0 12px 0 16px;
  line-height: 60px;
  border-bottom: 1px solid var(--line-soft);
}
.head .icon-button {
  align-self: center;
}
h2 {
  font-size: 17px;
}
.grow {
  flex: 1;
}
.filters {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
  padding: 8px 12px 0;
}
.which {
  grid-column: 1 / -1;
}
.problem {
  margin: 0;
  padding: 8px 16px 0;
}
.end {
  flex: none;
  display: grid;
  justify-items: end;
  gap: 2px;
}
.marks {
  display: flex;
  gap: 4px;
}
.more {
  padding: 10px 16px;
  border-top: 1px solid var(--line-soft);
}
</style>
