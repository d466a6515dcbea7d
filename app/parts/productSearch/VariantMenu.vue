<script setup lang="ts">
import type { ProductRow } from '../../../core/workbench/workbench'
import { productListSchema } from '../../../core/workbench/workbench'
import { useMessages } from '../../data/messages'
import { useStudioShop } from '../../data/studioShop'
import { callApi } from '../../data/callApi'
import { focusWhenShown } from '../../elements/focusWhenShown'
import PhCaretRight from '~icons/ph/caret-right-bold'
import PhCheck from '~icons/ph/check-bold'
import { productSearchWords } from './words'

const say = productSearchWords.variantMenu

/** The variants of a target: one of them can be linked instead of the product as a whole. */
const props = defineProps<{ row: ProductRow; isPicked: (sku: string) => boolean }>()
const emit = defineEmits<{ pick: [row: ProductRow] }>()
const open = defineModel<boolean>({ required: true })
const studio = useStudioShop()
const messages = useMessages()

// Not a button: it stands in a row that is itself one thing to choose; the keyboard opens it with →.
const anchor = useTemplateRef('anchor')
const list = useTemplateRef('list')
const variants = shallowRef<ProductRow[]>([])
watch(
  open,
  async now => {
    if (!now) return
    try {
      variants.value = (await callApi(productListSchema, '/api/products/variants', { query: { sku: props.row.sku } })).rows
      await nextTick()
      focusWhenShown(() =>
        open.value ? (list.value?.$el as HTMLElement | undefined)?.querySelector<HTMLElement>('[data-variant]') : undefined,
      )
    } catch (error) {
      messages.refuse(error)
    }
  },
  { immediate: true },
)
/** What tells the variant from its product. */
const options = (variant: ProductRow) =>
  variant.name.startsWith(`${props.row.name}, `) ? variant.name.slice(props.row.name.length + 2) : variant.name
</script>

<template>
  <span ref="anchor" class="open" :title="say.variantsOf(row.name)" @click.stop="open = true"
    >{{ say.variants(row.variants) }}<PhCaretRight width="9" height="9"
  /></span>
  <v-menu v-if="anchor" v-model="open" :target="anchor" location="bottom end" :offset="2" :close-on-content-click="false">
    <v-list ref="list" class="studio list" density="compact" :aria-label="say.variantsOf(row.name)">
      <v-list-item
        v-for="variant in variants"
        :key="variant.sku"
        :active="isPicked(variant.sku)"
        color="primary"
        :data-variant="variant.sku"
        @keydown.space.prevent.stop="emit('pick', variant)"
        @click="emit('pick', variant)"
      >
        <template #prepend><ProductPicture :src="variant.image" class="thumb" /></template>
        <v-list-item-title
          >{{ options(variant) }} <span v-if="isPicked(variant.sku)" class="unseen">{{ say.picked }}</span></v-list-item-title
        >
        <v-list-item-subtitle class="mono">{{ variant.sku }}</v-list-item-subtitle>
        <template #append>
          <span class="facts"
            ><b>{{ studio.money(variant.price) }}</b
            ><span :class="variant.stock ? 'soft' : 'wrong'">{{ variant.stock ? say.inStock(variant.stock) : say.outOfStock }}</span></span
          >
          <PhCheck class="check" :class="{ on: isPicked(variant.sku) }" width="13" height="13" />
        </template>
      </v-list-item>
    </v-list>
  </v-menu>
</template>

<style scoped>
.open {
  flex: none;
  display: inline-flex;
  align-items: center;
  gap: 3px;
  padding: 0 2px;
  color: var(--petrol);
  font: 11.5px/1.3 var(--text);
  cursor: pointer;
}
.open:hover {
  text-decoration: underline;
  text-underline-offset: 2px;
}
.list {
  min-width: 320px;
  max-height: 380px;
}
.thumb {
  width: 34px;
  height: 34px;
  margin-right: 10px;
}
.facts {
  display: grid;
  justify-items: end;
  font-size: 12px;
  line-height: 1.3;
}
.check {
  margin-left: 10px;
  color: var(--petrol);
  visibility: hidden;
}
.check.on {
  visibility: visible;
}
</style>
