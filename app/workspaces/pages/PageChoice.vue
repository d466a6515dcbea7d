<script setup lang="ts">
import type { ShopAnswer } from '../../../core/delivery/contract/catalogue'
import { shopAnswerSchema } from '../../../core/delivery/contract/catalogue'
import type { PageKind } from '../../../core/pageTypes/registry'
import { pageTypes } from '../../../core/pageTypes/registry'
import { callApi } from '../../data/callApi'
import { useMessages } from '../../data/messages'
import { useStudioShop } from '../../data/studioShop'
import { useEmptiedField } from '../../parts/productSearch/useEmptiedField'
import type { PageChoice } from './pageChoice'

/** Finds one of the pages of a kind by what it is about: a product, a category or an article. */
const props = defineProps<{ page: PageKind; placeholder: string; label: string }>()
const chosen = defineModel<PageChoice | null>({ required: true })
const studio = useStudioShop()
const messages = useMessages()

const { words, isOpen, empty } = useEmptiedField()
const articles = shallowRef<ShopAnswer['articles']>([])
const asksFor = computed(() => pageTypes[props.page].asksFor)
onMounted(async () => {
  if (asksFor.value === 'article')
    articles.value = (await callApi(shopAnswerSchema, '/api/shop/v1/catalogue').catch(error => messages.refuse(error)))?.articles ?? []
})
const items = computed<PageChoice[]>(() =>
  asksFor.value === 'category' ? studio.categoryChoices : articles.value.map(each => ({ value: each.key, title: each.name })),
)
function choose(choice: PageChoice | null): void {
  if (choice) chosen.value = choice
  void empty()
}
</script>

<template>
  <ProductSearchField
    v-if="asksFor === 'product'"
    :label="label"
    :placeholder="placeholder"
    :chosen="chosen?.title"
    @choose="({ sku, name }) => choose({ value: sku, title: name })"
  />
  <v-autocomplete
    v-else
    v-model:search="words"
    v-model:menu="isOpen"
    :model-value="null"
    :items="items"
    return-object
    hide-no-data
    auto-select-first
    :placeholder="chosen?.title ?? placeholder"
    :aria-label="label"
    @update:model-value="choose"
  />
</template>
