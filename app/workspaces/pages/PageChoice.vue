<script setup lang="ts">
import type { ShopAnswer } from '../../../core/delivery/contract/catalogue'
import { shopAnswerSchema } from '../../../core/delivery/contract/catalogue'
import type { PageKind } from '../../../core/pageTypes/registry'
import { pageTypes } from '../../../core/pageTypes/registry'
import { callApi } from '../../data/callApi'
import { useMessages } from '../../data/messages'
import { useStudioShop } from '../../data/studioShop'
import { useFoundProducts } from '../../parts/productSearch/useFoundProducts'
import type { PageChoice } from './pageChoice'

/** Finds one of the pages of a kind by what it is about: a product, a category or an article. */
const props = defineProps<{ page: PageKind; placeholder: string; label: string }>()
const chosen = defineModel<PageChoice | null>({ required: true })
const studio = useStudioShop()
const messages = useMessages()

const words = ref('')
const products = useFoundProducts(words)
const articles = shallowRef<ShopAnswer['articles']>([])
const asksFor = computed(() => pageTypes[props.page].asksFor)
const asksProducts = computed(() => asksFor.value === 'product')
onMounted(async () => {
  if (asksFor.value === 'article')
    articles.value = (await callApi(shopAnswerSchema, '/api/shop/v1/catalogue').catch(error => messages.refuse(error)))?.articles ?? []
})
const items = computed<PageChoice[]>(() => {
  if (asksFor.value === 'category') return studio.categoryChoices
  if (asksFor.value === 'article') return articles.value.map(each => ({ value: each.key, title: each.name }))
  return products.value.map(product => ({ value: product.sku, title: product.name, product }))
})
</script>

<template>
  <v-autocomplete
    v-model="chosen"
    v-model:search="words"
    :items="items"
    return-object
    :no-filter="asksProducts"
    hide-no-data
    auto-select-first
    clearable
    :placeholder="placeholder"
    :aria-label="label"
  >
    <template v-if="asksProducts" #item="{ props: item, internalItem }">
      <FoundProduct :row="internalItem.raw.product!" :item="item" />
    </template>
  </v-autocomplete>
</template>
