<script setup lang="ts">
import type { LinesAnswer } from '../../../../core/delivery/contract/catalogue'
import type { PageAnswer } from '../../../../core/delivery/contract/pages'
import { zoneBlocks } from '../../../../core/delivery/zoneBlocks'

/** The moment after something went into the cart: what it was, and what goes with it. */
const { added } = useAdding()
const query = useSectionsQuery()
const words = useWords()
const deliver = useDeliver()
const dialog = useTemplateRef<HTMLDialogElement>('dialog')
const line = ref<LinesAnswer['lines'][0]>()
const page = shallowRef<PageAnswer | null>(null)

async function show(): Promise<void> {
  const sku = added.value
  if (!sku) return
  const [lines, answer] = await Promise.all([
    deliver<LinesAnswer>('/catalogue/lines', { skus: sku }),
    deliver<PageAnswer>(`/pages/added/${encodeURIComponent(sku)}`, query.value).catch(() => null),
  ])
  line.value = lines.lines[0]
  page.value = answer
  await nextTick()
  if (!dialog.value?.open) dialog.value?.showModal()
}
watch([added, query], show)
usePreviewChanges(show)
// The studio looks at this moment on the page of a product: `?added=SKU`.
const preview = usePreview()
onMounted(() => {
  if (preview.added) added.value = preview.added
})

function close(): void {
  dialog.value?.close()
}
useRouter().afterEach(close)
</script>

<template>
  <dialog v-if="line" ref="dialog" class="added" aria-labelledby="added-title" @close="added = null" @click.self="close">
    <div class="sheet">
      <header>
        <h2 id="added-title">{{ words.inYourCart }}</h2>
        <button type="button" class="close" :aria-label="words.close" @click="close"><span aria-hidden="true">×</span></button>
      </header>
      <div class="line">
        <div class="shot"><ShopPicture :src="line.image" alt="" eager /></div>
        <div>
          <b>{{ line.name }}</b>
          <p>{{ Object.values(line.options).join(', ') }}</p>
          <ShopPrice :price="line.price" :from="line.isFrom" />
        </div>
      </div>
      <PageZone v-if="page" :blocks="zoneBlocks(page)" />
      <div class="ways">
        <NuxtLink class="shop-button" to="/shop/cart">{{ words.toCart }}</NuxtLink>
        <button type="button" class="shop-button quiet" @click="close">{{ words.keepLooking }}</button>
      </div>
    </div>
  </dialog>
</template>

<style scoped>
.added {
  width: min(440px, 100vw);
  height: 100dvh;
  max-height: none;
  margin: 0 0 0 auto;
  padding: 0;
  border: 0;
  background: var(--shop-ground);
  color: inherit;
  box-shadow: var(--float);
}
.added::backdrop {
  background: rgb(31 41 51 / 0.35);
}
.sheet {
  display: flex;
  flex-direction: column;
  min-height: 100%;
  padding: 22px 24px;
}
header {
  display: flex;
  justify-content: space-between;
  align-items: center;
  margin-bottom: 14px;
}
h2 {
  margin: 0;
  font: 650 21px/1.2 var(--head);
}
.close {
  width: 40px;
  height: 40px;
  border: 0;
  border-radius: 50%;
  background: none;
  font-size: 24px;
  line-height: 1;
  cursor: pointer;
  color: inherit;
}
.line {
  display: grid;
  grid-template-columns: 84px 1fr;
  gap: 16px;
  align-items: center;
  padding-bottom: 16px;
}
.line p {
  margin: 2px 0 4px;
  color: var(--ink-soft);
}
.shot {
  aspect-ratio: 1;
  border-radius: 10px;
  overflow: hidden;
}
.ways {
  display: grid;
  gap: 10px;
  margin-top: auto;
  padding-top: 24px;
}
</style>
