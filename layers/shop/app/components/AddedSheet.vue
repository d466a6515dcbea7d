<script setup lang="ts">
import type { CartAnswer } from '../../../../core/delivery/contract/cart'
import type { LinesAnswer } from '../../../../core/delivery/contract/catalogue'
import type { PageAnswer } from '../../../../core/delivery/contract/pages'
import { formatMoney } from '../../../../core/money/money'
import { zoneBlocks } from '../../../../core/delivery/zoneBlocks'

/** The moment after something went into the cart: what it was, and what goes with it. */
const { added } = useAdding()
const query = useSectionsQuery()
const words = useWords()
const deliver = useDeliver()
const dialog = useTemplateRef<HTMLDialogElement>('dialog')
const { lines: cart } = useCart()
const { currency, language } = useShopFacts()
interface AddedLine {
  line: LinesAnswer['lines'][0]
  quantity: number
  /** Of the whole line of the cart; null: it is not known. */
  price: number | null
  before: number | null
}
const rows = shallowRef<AddedLine[]>([])
const page = shallowRef<PageAnswer | null>(null)
/** What offers take off what was added, in words; empty: nothing. */
const saved = ref('')

/** What the cart says that it costs; null: that can't be had now. */
const priced = () =>
  cart.value.length ? deliver<CartAnswer>('/cart', {}, { lines: cart.value.map(wantedLine) }).catch(() => null) : Promise.resolve(null)
/** What is asked for last is shown: the cart comes to know of what was added bit by bit. */
let runs = 0
async function show(): Promise<void> {
  const [run, skus] = [++runs, added.value]
  if (!skus.length) return
  const [facts, answer, costs] = await Promise.all([
    deliver<LinesAnswer>('/catalogue/lines', { skus: skus.join() }),
    deliver<PageAnswer>(`/pages/added/${encodeURIComponent(skus[0]!)}`, query.value).catch(() => null),
    priced(),
  ])
  if (run !== runs) return
  const inCart = (sku: string) => costs?.lines.find(each => each.sku === sku)
  rows.value = skus.flatMap(sku => {
    const line = facts.lines.find(each => each.line === sku)
    const found = inCart(sku)
    const { quantity } = cart.value.find(each => each.sku === sku) ?? { quantity: 1 }
    return line ? { line, quantity, price: found?.total ?? null, before: found ? found.unit * quantity : null } : []
  })
  const off = skus
    .flatMap(sku => inCart(sku)?.reductions.filter(each => each.code === 'offer') ?? [])
    .reduce((sum, each) => sum + each.amount, 0)
  saved.value = off ? words.value.saved(formatMoney(off, currency.value, language.value)) : ''
  page.value = answer
  await nextTick()
  if (!dialog.value?.open) dialog.value?.showModal()
}
watch([added, query, cart], show)
usePreviewChanges(show)
// The studio looks at this moment on the page of a product: `?added=SKU`.
const preview = usePreview()
onMounted(() => {
  if (preview.added) added.value = [preview.added]
})

function close(): void {
  dialog.value?.close()
}
useRouter().afterEach(close)
</script>

<template>
  <dialog v-if="rows.length" ref="dialog" class="added" aria-labelledby="added-title" @close="added = []" @click.self="close">
    <div class="sheet">
      <header>
        <h2 id="added-title">{{ words.inYourCart }}</h2>
        <button type="button" class="close" :aria-label="words.close" @click="close"><span aria-hidden="true">×</span></button>
      </header>
      <div
        v-for="{ line, quantity, price, before } in rows"
        :key="line.line"
        class="line"
        :class="{ small: rows.length > 1 }"
        :data-added="line.line"
      >
        <div class="shot"><ShopPicture :src="line.image" alt="" eager /></div>
        <div>
          <b>{{ line.name }}</b>
          <p v-if="quantity > 1 || Object.keys(line.options).length">
            {{ [...(quantity > 1 ? [words.pieces(quantity)] : []), ...Object.values(line.options)].join(', ') }}
          </p>
          <p class="cost"><ShopPrice :price="price ?? line.price" :was="before" :from="price === null && line.isFrom" /></p>
        </div>
      </div>
      <p v-if="saved" class="saved" role="status">{{ saved }}</p>
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
.line.small {
  grid-template-columns: 52px 1fr;
  padding-bottom: 10px;
}
.saved {
  margin: 0 0 12px;
  font-weight: 600;
}
.line p {
  margin: 2px 0 0;
  color: var(--ink-soft);
}
.line .cost {
  color: inherit;
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
