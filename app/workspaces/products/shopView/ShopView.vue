<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { useWorkbench } from '../bench/workbench'
import { pageOfSource } from '../../../../core/links/pageLanes'
import type { ShownPage } from '../../../../core/delivery/shownPage'
import { previewAddress } from '../../../parts/preview/previewAddress'
import type { Device } from '../../../parts/preview/devices'
import PhQuestion from '~icons/ph/question'
import { useShownVersion } from '../../../parts/preview/useShownVersion'
import { useShortcut } from '../../../elements/useShortcut'
import { shopViewWords } from '../words/shopView'

const say = shopViewWords.shopView

/** The real shop page of the product on the bench, kept up to date, and on demand why it shows what it shows. */
const emit = defineEmits<{ changed: [] }>()
const bench = useWorkbench()
const frame = useTemplateRef('frame')

const page = ref<'product' | 'cart'>('product')
const pages = [
  ['product', say.productPage],
  ['cart', say.cartWithIt],
] as const
const device = ref<Device>('phone')
const { version, choose, choices } = useShownVersion(true)

const sku = computed(() => bench.product?.sku ?? null)
const address = computed(() => {
  if (!sku.value) return null
  const about = pageOfSource(sku.value)
  if (about) return previewAddress(about.page, about.key, nobody, version.value.version)
  // Shoppers are told nothing of a product that is still drafted.
  return previewAddress(page.value, sku.value, nobody, bench.product?.status === 'draft' ? 'draft' : version.value.version)
})

const title = computed(() => {
  if (bench.page) return say.thePageOfTheIn(bench.page)
  return page.value === 'product' ? say.theProductsPageInThe : say.theCartPageInThe
})

const nobody = { cart: [], seen: [], visitor: '', day: '', language: '' }
/** What stands in the frame, wherever somebody went there and whatever they put into the cart; null: it has not said so yet. */
const shown = shallowRef<ShownPage | null>(null)
watch(address, () => (shown.value = null))

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
  <section class="view" :aria-label="say.shopView">
    <div class="tools">
      <span v-if="bench.page" class="small soft">{{ say.thePageOfThe(bench.page) }}</span>
      <ChoiceGroup v-else v-model="page" :label="say.page" :choices="pages" />
      <span class="grow" />
      <VersionMenu :choices="choices" :chosen="version" @choose="choose" />
      <button
        type="button"
        class="icon-button"
        :class="{ on: whyShown }"
        :aria-pressed="whyShown"
        :aria-label="say.showWhy"
        aria-keyshortcuts="Y"
        @click="whyShown = !whyShown"
      >
        <PhQuestion /><v-tooltip activator="parent" location="bottom">{{ say.whyEachProductIsShown }}<span class="key">Y</span></v-tooltip>
      </button>
      <DeviceChoice v-model="device" />
    </div>
    <PreviewFrame v-if="address" ref="frame" :address="address" :device="device" :title="title" @shows="page => (shown = page)" />
    <p v-else class="soft note">{{ say.theShopPageOfThe }}</p>
    <WhyPanel v-if="whyShown && shown" ref="why" class="reasons" :shown="shown" :version="version.version" @switched="switched" />
    <p v-else-if="whyShown && address" class="soft waiting">{{ say.whyWaits }}</p>
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
.waiting {
  flex: none;
  margin: 0;
  padding: 12px 16px;
  border-top: 1px solid var(--line);
  background: var(--sheet);
}
.note {
  flex: 1;
  padding: 16px;
}
</style>
