<script setup lang="ts">
import type { OptionGroup } from '../../../../core/catalogue/bundle'
import { variantsOf } from '../../../../core/bundles/editBundle'
import { imageOf, priceOf, stockOf, trackedStock } from '../../../../core/catalogue/product'
import { itemName } from '../../../../core/delivery/deliveredItem'
import { foldedWords, hasWords } from '../../../../core/text/foldedWords'
import type { ProductRow } from '../../../../core/workbench/workbench'
import { productListSchema } from '../../../../core/workbench/workbench'
import { callApi } from '../../../data/callApi'
import { useMessages } from '../../../data/messages'
import { useStudioShop } from '../../../data/studioShop'
import { useFoundProducts } from '../../../parts/productSearch/useFoundProducts'
import { useBundles } from '../bundles'
import { contentsWords } from '../words/contents'

const say = contentsWords.combinationField

/**
 * What a combination can be: a variant of the group's products, or anything else of the catalogue. Of a product with variants, these are
 * asked for next.
 */
const props = defineProps<{ group: OptionGroup; label: string }>()
const emit = defineEmits<{ choose: [sku: string]; leave: [] }>()
const store = useBundles()
const studio = useStudioShop()
const messages = useMessages()

type Choice = Pick<ProductRow, 'sku' | 'name' | 'image' | 'price' | 'stock' | 'variants'>
const words = ref('')
const found = useFoundProducts(words, { status: 'active' })
const isOne = computed(() => new Set(props.group.combinations.flatMap(each => each.sku ?? [])))
const named = (choice: Choice): Choice => ({ ...choice, name: `${choice.name}${isOne.value.has(choice.sku) ? say.isOneAlready : ''}` })
const ofGroup = computed(() =>
  props.group.products
    .flatMap(sku => variantsOf(store.catalogue.item(sku)?.product ?? null))
    .map(({ product, variant }): Choice => ({
      sku: (variant ?? product).sku,
      name: itemName({ product, variant }, studio.words),
      image: imageOf(product, variant),
      price: priceOf(product, variant),
      stock: trackedStock(stockOf(product, variant)),
      variants: 0,
    })),
)
/** The variants of a product that was found and chosen; null: none was. */
const asked = shallowRef<readonly Choice[] | null>(null)
const matches = (choice: Choice) => hasWords(`${choice.name} ${choice.sku}`, foldedWords(words.value))
const choices = computed(() => {
  if (asked.value) return asked.value.filter(matches).map(named)
  const own = ofGroup.value.filter(matches)
  const others = found.value.filter(row => !row.isBundle && !props.group.products.includes(row.sku))
  return [...own, ...others].map(named)
})
const isAsking = ref(false)
async function choose(choice: Choice | null): Promise<void> {
  if (!choice) return
  if (!choice.variants) return emit('choose', choice.sku)
  isAsking.value = true
  try {
    asked.value = (await callApi(productListSchema, '/api/products/variants', { query: { sku: choice.sku } })).rows
    words.value = ''
    isOpen.value = true
  } catch (error) {
    messages.refuse(error)
  } finally {
    isAsking.value = false
  }
}
/** The list takes the focus from the field when somebody goes through it with the arrows. */
const isOpen = ref(true)
const isFocused = ref(true)
watch([isOpen, isFocused], () => isOpen.value || isFocused.value || isAsking.value || emit('leave'))
</script>

<template>
  <v-autocomplete
    v-model:search="words"
    v-model:menu="isOpen"
    v-model:focused="isFocused"
    :model-value="null"
    :items="choices"
    item-title="name"
    item-value="sku"
    return-object
    no-filter
    autofocus
    hide-details
    density="compact"
    auto-select-first
    :placeholder="say.nameOrSku"
    :aria-label="label"
    @update:model-value="choose"
    @keydown.esc="emit('leave')"
  >
    <template #item="{ props: item, internalItem }"><FoundProduct :row="internalItem.raw" :item="item" /></template>
    <template #no-data
      ><p class="small soft none">{{ words ? say.nothingFound : say.typeToFind }}</p></template
    >
  </v-autocomplete>
</template>

<style scoped>
.none {
  margin: 0;
  padding: 8px 16px;
}
</style>
