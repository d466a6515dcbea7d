<script setup lang="ts">
import { useTried } from './tried'
import { useStudioShop } from '../../data/studioShop'
import PhSlidersHorizontal from '~icons/ph/sliders-horizontal'
import { previewWords } from './words'

const say = previewWords.whoAndWhen

/** Who looks at a page that is tried: what is in the cart, what was viewed before, on which day, and in which language. */
defineProps<{ /** Pages are told in other languages too. */ withLanguage?: boolean }>()
const tried = useTried()
const studio = useStudioShop()

const languages = computed(() => studio.shop!.settings.languages.map(each => [each, each] as const))
const language = computed({
  get: () => tried.language || studio.shop!.settings.language,
  set: chosen => (tried.language = chosen),
})
/** Where what is found goes. */
const part = ref<'cart' | 'seen'>('cart')
const isFinding = ref(false)
function find(next: 'cart' | 'seen'): void {
  part.value = next
  isFinding.value = true
}
const found = (sku: string) => void (tried[part.value] = [sku, ...tried[part.value].filter(each => each !== sku)])
const circumstances = computed(() =>
  [tried.cart.length ? say.cart(tried.cart.length) : '', tried.seen.length ? say.seen(tried.seen.length) : '', tried.day, tried.visitor]
    .filter(Boolean)
    .join(' · '),
)
const spoken = computed(() => (circumstances.value ? `${say.whoAndWhen}: ${circumstances.value}` : say.whoAndWhen))
</script>

<template>
  <v-menu location="bottom end" :offset="6" :close-on-content-click="false">
    <template #activator="{ props: menu }"
      ><button type="button" class="circumstances" v-bind="menu" :aria-label="spoken">
        <PhSlidersHorizontal width="14" height="14" /><span :class="{ dispensable: !circumstances }">{{
          circumstances || say.whoAndWhen
        }}</span
        ><v-tooltip activator="parent" location="bottom">{{ say.whoLooks }}</v-tooltip>
      </button></template
    >
    <v-card class="studio who" rounded="lg" role="dialog" :aria-label="say.whoAndWhen">
      <div
        v-for="[list, label] in [
          ['cart', say.inTheCartLastAdded],
          ['seen', say.viewedBeforeLatestFirst],
        ] as const"
        :key="list"
        class="field"
      >
        <span>{{ label }}</span>
        <div class="list">
          <button
            v-for="sku in tried[list]"
            :key="sku"
            type="button"
            class="sku"
            :aria-label="say.takeOut(sku)"
            @click="tried[list] = tried[list].filter(each => each !== sku)"
          >
            {{ sku }} ×</button
          ><button type="button" class="text-button" @click="find(list)">{{ say.add }}</button>
        </div>
      </div>
      <label>{{ say.day }}<v-text-field v-model="tried.day" type="date" /></label>
      <label>{{ say.visitorForWhatIsMixed }}<v-text-field v-model="tried.visitor" maxlength="64" :placeholder="say.anyone" /></label>
      <div v-if="withLanguage && studio.shop!.settings.languages.length > 1" class="field">
        <span>{{ say.language }}</span>
        <ChoiceGroup v-model="language" :label="say.language" :choices="languages" />
      </div>
    </v-card>
  </v-menu>
  <QuickFind v-model="isFinding" @choose="found" />
</template>

<style scoped>
.circumstances,
.sku {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  min-height: 30px;
  padding: 0 12px;
  border: 1px solid var(--line);
  border-radius: 15px;
  background: var(--sheet);
  color: var(--ink);
  font: 13px/1 var(--text);
  white-space: nowrap;
  cursor: pointer;
}
/* Where there is little room. */
@container (max-width: 640px) {
  .dispensable {
    display: none;
  }
}
.circumstances:hover,
.sku:hover {
  border-color: #b9b09e;
}
.sku {
  min-height: 26px;
  padding: 0 9px;
  font-family: var(--mono);
  font-size: 12px;
}
.who {
  display: grid;
  gap: 12px;
  width: 300px;
  padding: 14px 16px;
}
.who label,
.field {
  display: grid;
  gap: 5px;
  color: var(--ink-soft);
  font-size: 13px;
}
.list {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.choice {
  justify-self: start;
}
</style>
