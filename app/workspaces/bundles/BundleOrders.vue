<script setup lang="ts">
import type { BundleOrders } from '../../../core/studio/bundleAnswers'
import { bundleOrdersSchema } from '../../../core/studio/bundleAnswers'
import { useMessages } from '../../data/messages'
import { useStudioShop } from '../../data/studioShop'
import { callApi } from '../../data/callApi'
import { bundlesWords } from './words/bundles'

const say = bundlesWords.bundleOrders

/** The last orders with a bundle, and what was in it each time. */
const props = defineProps<{ sku: string }>()
const studio = useStudioShop()
const messages = useMessages()
const found = shallowRef<BundleOrders | null>(null)
async function load(): Promise<void> {
  try {
    found.value = await callApi(bundleOrdersSchema, `/api/bundles/${encodeURIComponent(props.sku)}/orders`)
  } catch (error) {
    messages.refuse(error)
  }
}
onMounted(load)
const told = computed(() => {
  const { total, orders } = found.value ?? { total: 0, orders: [] }
  if (!total) return say.nobodyHasOrderedItYet
  return `${say.orders(total)}${total > orders.length ? say.theLastOfThem(orders.length) : ''}`
})
const day = (at: string) => new Date(at).toLocaleString('en', { dateStyle: 'medium', timeStyle: 'short' })
defineExpose({ refresh: load })
</script>

<template>
  <section class="orders" :aria-label="say.ordersWithIt">
    <p v-if="found" class="small soft told">
      {{ told }}
    </p>
    <v-progress-linear v-else indeterminate color="primary" height="2" :aria-label="say.loadingTheOrders" />
    <article v-for="order in found?.orders" :key="order.number">
      <div class="row head">
        <b>{{ order.number }}</b><span class="soft small">{{ day(order.placed) }}</span
        ><span class="grow" /><span v-if="order.quantity > 1" class="soft">{{ order.quantity }} ×</span
        ><b>{{ studio.money(order.total) }}</b>
      </div>
      <div v-for="(each, i) in order.components" :key="i" class="row component">
        <span class="cut">{{ each.quantity }} × {{ each.name }}</span
        ><span class="mono">{{ each.sku }}</span
        ><span class="grow" /><span>{{ studio.money(each.total) }}</span>
      </div>
    </article>
  </section>
</template>

<style scoped>
.orders {
  overflow-y: auto;
  background: var(--sheet);
}
.told {
  margin: 0;
  padding: 10px 16px;
  border-bottom: 1px solid var(--line-soft);
}
article {
  padding: 9px 16px 11px;
  border-bottom: 1px solid var(--line-soft);
}
.row {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 26px;
}
.component {
  padding-left: 10px;
  border-left: 2px solid var(--line);
  font-size: 13px;
}
.grow {
  flex: 1;
}
</style>
