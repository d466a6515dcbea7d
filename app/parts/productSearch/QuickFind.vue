<script setup lang="ts">
import { useFocusBack } from '../../elements/useFocusBack'
import { useProductPages } from './useProductPages'
import PhMagnifyingGlass from '~icons/ph/magnifying-glass'
import { productSearchWords } from './words'

const say = productSearchWords.quickFind

/** Finds a product by name or SKU from anywhere and opens it on the bench. */
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ choose: [sku: string] }>()

const words = ref('')
const { rowAt, total, whenLoaded } = useProductPages(() => ({ q: words.value }))
const most = 8
const at = ref(0)
const rows = computed(() => Array.from({ length: Math.min(total.value ?? 0, most) }, (_, i) => rowAt(i)).filter(row => row !== undefined))
watch(rows, () => (at.value = 0))
watch(open, () => (words.value = ''))
useFocusBack(() => open.value)

/** What is typed may not be looked up yet. */
async function chooseFirst(): Promise<void> {
  await whenLoaded()
  choose(rows.value[at.value]?.sku)
}
function choose(sku: string | undefined): void {
  if (!sku) return
  open.value = false
  emit('choose', sku)
}
</script>

<template>
  <v-dialog v-model="open" max-width="560" class="quick" :aria-label="say.findAProduct">
    <v-card rounded="lg" class="studio">
      <v-text-field
        v-model="words"
        autofocus
        :placeholder="say.nameSkuBrandOrTag"
        :aria-label="say.findAProduct"
        variant="plain"
        class="field"
        role="combobox"
        aria-controls="quick-results"
        aria-expanded="true"
        :aria-activedescendant="rows[at] ? `quick-${at}` : undefined"
        @keydown.down.prevent="at = Math.min(at + 1, rows.length - 1)"
        @keydown.up.prevent="at = Math.max(at - 1, 0)"
        @keydown.enter.prevent="chooseFirst"
      >
        <template #prepend-inner><PhMagnifyingGlass /></template>
      </v-text-field>
      <ul id="quick-results" role="listbox" :aria-label="say.products">
        <li
          v-for="(row, i) in rows"
          :id="`quick-${i}`"
          :key="row.sku"
          role="option"
          :aria-selected="i === at"
          :class="{ on: i === at }"
          @mousemove="at = i"
          @click="choose(row.sku)"
        >
          <ProductPicture :src="row.image" class="thumb" />
          <span class="cut name">{{ row.name }}</span><span class="mono">{{ row.sku }}</span>
        </li>
      </ul>
      <p v-if="total === 0" class="soft none">{{ say.nothingHasAllOfThese }}</p>
      <p v-else-if="(total ?? 0) > most" class="soft none">{{ say.andMoreGoOnTyping((total! - most).toLocaleString('en')) }}</p>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.field {
  padding: 8px 8px 4px;
  border-bottom: 1px solid var(--line);
}
ul {
  margin: 0;
  padding: 6px;
  list-style: none;
}
li {
  display: flex;
  align-items: center;
  gap: 12px;
  height: 44px;
  padding: 0 10px;
  border-radius: 8px;
  cursor: pointer;
}
li.on {
  background: var(--petrol-wash);
}
.thumb {
  width: 32px;
  height: 32px;
}
.name {
  flex: 1;
  font-weight: 550;
}
.none {
  margin: 0;
  padding: 4px 18px 14px;
  font-size: 13px;
}
</style>
