<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { useWorkbench } from '../bench/workbench'
import { pageOfSource } from '../../../../core/links/pageLanes'
import { previewAddress } from '../../../parts/preview/previewAddress'
import type { Device } from '../../../parts/preview/devices'
import PhQuestion from '~icons/ph/question'
import { useShortcut } from '../../../elements/useShortcut'

/** The real shop page of the product on the bench, kept up to date, and on demand why it shows what it shows. */
const emit = defineEmits<{ changed: [] }>()
const bench = useWorkbench()
const frame = useTemplateRef('frame')

const page = ref<'product' | 'cart'>('product')
const device = ref<Device>('phone')

const sku = computed(() => bench.product?.sku ?? null)
const address = computed(() => {
  if (!sku.value) return null
  const about = pageOfSource(sku.value)
  if (about) return previewAddress(about.page, about.key, nobody, 'live')
  const encoded = encodeURIComponent(sku.value)
  return page.value === 'product' ? `/shop/products/${encoded}?preview=1` : `/shop/cart?preview=1&cart=${encoded}`
})

const title = computed(() => {
  if (bench.page) return `The page of the ${bench.page} in the shop`
  return page.value === 'product' ? 'The product’s page in the shop' : 'The cart page in the shop'
})

const nobody = { cart: [], seen: [], visitor: '', day: '', language: '' }

const whyShown = useLocalStorage('manada-why', false)
const why = useTemplateRef('why')
useShortcut('y', () => (whyShown.value = !whyShown.value))

/** Lets the page take its sections anew. */
function update(): void {
  frame.value?.update()
  void why.value?.update()
}
function switched(): void {
  update()
  emit('changed')
}
defineExpose({ update })
</script>

<template>
  <section class="view" aria-label="Shop view">
    <div class="tools">
      <span v-if="bench.page" class="small soft">The page of the {{ bench.page }}</span>
      <div v-else class="choice" role="group" aria-label="Page">
        <button type="button" :aria-pressed="page === 'product'" @click="page = 'product'">Product page</button>
        <button type="button" :aria-pressed="page === 'cart'" @click="page = 'cart'">Cart with it</button>
      </div>
      <span class="grow" />
      <button
        v-if="!bench.page"
        type="button"
        class="icon-button"
        :class="{ on: whyShown }"
        :aria-pressed="whyShown"
        aria-label="Show why"
        aria-keyshortcuts="Y"
        @click="whyShown = !whyShown"
      >
        <PhQuestion /><v-tooltip activator="parent" location="bottom">Why each product is shown or not<span class="key">Y</span></v-tooltip>
      </button>
      <DeviceChoice v-model="device" />
    </div>
    <PreviewFrame v-if="address" ref="frame" :address="address" :device="device" :title="title" />
    <p v-else class="soft note">The shop page of the product on the bench appears here.</p>
    <WhyPanel v-if="whyShown && sku && !bench.page" ref="why" class="reasons" :page="page" :sku="sku" @switched="switched" />
  </section>
</template>

<style scoped>
.view {
  display: flex;
  flex-direction: column;
  height: 100%;
  background: var(--sunk);
}
.tools {
  display: flex;
  align-items: center;
  gap: 4px;
  padding: 8px 12px;
  background: var(--sheet);
  border-bottom: 1px solid var(--line-soft);
}
.grow {
  flex: 1;
}
.reasons {
  flex: 0 1 46%;
  min-height: 0;
}
.note {
  flex: 1;
  padding: 16px;
}
</style>
