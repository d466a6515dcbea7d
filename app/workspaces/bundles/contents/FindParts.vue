<script setup lang="ts">
import type { ProductRow } from '../../../../core/workbench/workbench'
import { groupsOf } from '../../../../core/catalogue/bundle'
import type { OpenBundle } from '../bundles'
import { withComponents, withGroupFor, withPicks, withProductIn } from '../../../../core/bundles/editBundle'
import { useBundles } from '../bundles'
import { useMessages } from '../../../data/messages'
import { useStudioShop } from '../../../data/studioShop'
import type { ListQuery } from '../../../parts/productSearch/listQuery'
import { useShortcut } from '../../../elements/useShortcut'
import { contentsWords } from '../words/contents'

const say = contentsWords.findParts

/** Finds products, and puts what is picked into the bundle. */
const props = defineProps<{ stored: OpenBundle }>()
const store = useBundles()
const studio = useStudioShop()
const messages = useMessages()

const query = ref<ListQuery>({})
const picked = reactive(new Map<string, ProductRow>())
const list = useTemplateRef('list')
const bundle = computed(() => props.stored.settings.bundle)
const language = computed(() => studio.shop!.settings.language)
const canPick = (row: ProductRow | undefined) => row !== undefined && row.status !== 'retired' && !row.isBundle
const inIt = computed(() => new Set(store.parts))
function noteOf(row: ProductRow | undefined): string {
  if (row && inIt.value.has(row.sku)) return say.inIt
  return row?.isBundle ? say.aBundle : ''
}

/** What can be done with what is picked; the first is what Enter does. */
const ways = computed(() => {
  if (bundle.value.type === 'pickAny')
    return [
      {
        words: say.addToTheSet,
        run: (skus: string[]) => void (bundle.value.type === 'pickAny' && store.changeBundle(withPicks(bundle.value, skus))),
      },
    ]
  const asParts = {
    words: bundle.value.type === 'choice' ? say.alwaysInIt : say.addAsParts,
    run: (skus: string[]) =>
      void (bundle.value.type !== 'pickAny' && store.changeBundle(withComponents(bundle.value, skus, store.catalogue))),
  }
  if (bundle.value.type === 'fixed') return [asParts]
  const products = (skus: string[]) => [...new Set(skus.flatMap(sku => store.catalogue.item(sku)?.product ?? []))]
  return [
    {
      words: say.asAGroup,
      run: (skus: string[]) =>
        void (
          bundle.value.type === 'choice' &&
          store.changeBundle(products(skus).reduce((all, product) => withGroupFor(all, product, language.value), bundle.value))
        ),
    },
    asParts,
    ...groupsOf(bundle.value)
      .slice(0, maxWays)
      .map(({ key, name }) => ({
        words: say.into(studio.words(name) || key),
        run: (skus: string[]) =>
          void (
            bundle.value.type === 'choice' &&
            store.changeBundle({
              ...bundle.value,
              groups: bundle.value.groups.map(group =>
                group.key === key
                  ? products(skus).reduce((all, product) => withProductIn(all, product, store.catalogue, language.value), group)
                  : group,
              ),
            })
          ),
      })),
  ]
})
const maxWays = 4

async function add(way: (typeof ways.value)[0] | undefined): Promise<void> {
  const skus = (list.value?.chosen() ?? []).map(row => row.sku)
  if (!way || !skus.length) return
  try {
    await store.know(skus)
  } catch (error) {
    messages.refuse(error)
    return
  }
  way.run(skus)
  picked.clear()
  messages.tell(say.added(say.products(skus.length)))
}
useShortcut(['1', '2', '3', '4', '5', '6'], event => void add(ways.value[Number(event.key) - 1]))
defineExpose({ refresh: () => list.value?.refresh(), focus: () => list.value?.focus() })
</script>

<template>
  <section class="find" :aria-label="say.findParts">
    <PickList
      ref="list"
      v-model:query="query"
      :of="null"
      :source="null"
      :quick="[{ name: 'stock', value: 'in', words: say.inStock }]"
      :can-pick="canPick"
      :linked-as="() => []"
      :note-of="noteOf"
      :picked="picked"
      :label="say.productsFound"
      :field-label="say.findProducts"
      @enter="add(ways[0])"
    />
    <PickedBar :count="picked.size" @clear="picked.clear()">
      <button
        v-for="(way, i) in ways"
        :key="way.words"
        type="button"
        class="act"
        :class="{ main: i === 0 }"
        :disabled="!picked.size"
        @click="add(way)"
      >
        <span class="cut">{{ way.words }}</span><span class="key">{{ i + 1 }}</span>
      </button>
    </PickedBar>
  </section>
</template>

<style scoped>
.find {
  container-type: inline-size;
  display: flex;
  flex-direction: column;
  height: 100%;
  background: var(--sheet);
}
.act .cut {
  max-width: 120px;
}
</style>
