<script setup lang="ts">
import { useWorkbench } from './workbench'
import { useStudioShop } from '../../../data/studioShop'
import type { NeighbourSettings } from '../../../../core/catalogue/neighbours'
import { sameTrait } from '../../../../core/catalogue/neighbours'
import type { Trait } from '../../../../core/catalogue/traits'
import PhCopy from '~icons/ph/copy'
import PhSlidersHorizontal from '~icons/ph/sliders-horizontal'
import PhX from '~icons/ph/x'
import { useShortcut } from '../../../elements/useShortcut'

/** The product on the bench with its lanes. */
const emit = defineEmits<{
  open: [sku: string]
  take: [sku: string]
  find: [kind: string]
  edited: [kind: string]
  linked: [kind: string]
  changed: []
  kinds: []
}>()
const bench = useWorkbench()
const studio = useStudioShop()
const root = useTemplateRef<HTMLElement>('root')

const traits = computed(() => {
  const product = bench.product
  if (!product) return []
  const ignored = (of: Trait['of'], name: string, value?: string) =>
    product.neighbours.ignored.some(each => sameTrait(each, { of, name, value }))
  return [
    ...product.categories.map((words, i) => ({ words, ignored: ignored('category', product.categoryKeys[i]!) })),
    ...Object.entries(product.attributes).map(([name, values]) => ({
      words: `${name}: ${values.join(', ')}`,
      ignored: values.every(value => ignored('attribute', name, value)),
    })),
    ...product.tags.map(words => ({ words, ignored: ignored('tag', words) })),
  ]
})
const leftOut = computed(() =>
  studio.categories.filter(each => bench.product?.neighbours.leaveOut.includes(each.key)).map(each => each.name),
)

const settingNeighbours = ref(false)
async function setNeighbours(settings: NeighbourSettings): Promise<void> {
  if (await bench.setNeighbours(settings)) emit('changed')
}
useShortcut('n', () => {
  if (bench.product && !bench.several && !bench.page) settingNeighbours.value = true
})

const copying = ref(false)
async function copy(...what: Parameters<typeof bench.copy>): Promise<void> {
  if (await bench.copy(...what)) emit('changed')
}

/** Puts the focus on a card of a lane, or on the lane's button to add one. */
async function focusCard(kind: string, index: number): Promise<void> {
  await nextTick()
  const lane = root.value?.querySelector(`[data-lane="${kind}"]`)
  const cards = lane?.querySelectorAll<HTMLElement>('[data-target]') ?? []
  ;(cards[Math.min(index, cards.length - 1)] ?? lane?.querySelector<HTMLElement>('.add'))?.focus()
}
function toLane(from: string, by: 1 | -1, index: number): void {
  const keys = bench.kinds.map(kind => kind.key)
  const next = keys[keys.indexOf(from) + by]
  if (next) void focusCard(next, index)
}

defineExpose({ focus: () => focusCard(bench.kinds.find(kind => bench.lane(kind.key).length)?.key ?? bench.kinds[0]!.key, 0) })
</script>

<template>
  <section ref="root" class="bench" aria-label="Bench">
    <v-progress-linear v-if="bench.loading" indeterminate color="primary" height="2" class="busy" aria-label="Loading the product" />
    <template v-if="bench.product">
      <header v-if="bench.several" class="several">
        <div class="facts">
          <h1>{{ bench.products.length }} products together</h1>
          <p class="small soft line">What you link, remove or put in order here holds for all of them.</p>
          <ul class="members" aria-label="Products on the bench">
            <li v-for="member in bench.products" :key="member.sku">
              <button type="button" class="member" :title="`Work on ${member.name} alone`" @click="emit('open', member.sku)">
                <ProductPicture :src="member.image" class="tiny" /><span class="cut">{{ member.name }}</span>
              </button>
              <button type="button" class="out" :aria-label="`Take ${member.name} off the bench`" @click="emit('take', member.sku)">
                <PhX width="12" height="12" />
              </button>
            </li>
          </ul>
        </div>
        <button type="button" class="plain-button copy" @click="copying = true"><PhCopy width="16" height="16" />Copy lanes</button>
      </header>
      <header v-else-if="bench.page">
        <ProductPicture :src="bench.product.image" class="thumb" />
        <div class="facts">
          <h1>{{ bench.product.name }}</h1>
          <p class="small soft line">
            <template v-if="bench.page === 'article'">An article. What it names is offered below its text.</template>
            <template v-else
              >A category{{ bench.product.brand ? ` below ${bench.product.brand}` : '' }}. What is related to it is offered on its
              page.</template
            >
          </p>
        </div>
      </header>
      <header v-else>
        <ProductPicture :src="bench.product.image" class="thumb" />
        <div class="facts">
          <h1>{{ bench.product.name }}</h1>
          <p class="small soft line">
            <span class="mono">{{ bench.product.sku }}</span>
            <template v-if="bench.product.brand"
              ><span>{{ bench.product.brand }}</span
              ><i>·</i></template
            >
            <b>{{ studio.money(bench.product.price) }}</b><i>·</i>
            <span :class="{ wrong: !bench.product.stock }">{{
              bench.product.stock ? `${bench.product.stock} in stock` : 'out of stock'
            }}</span>
            <template v-if="bench.product.variants"
              ><i>·</i><span>{{ bench.product.variants }} variants</span></template
            >
            <template v-if="bench.product.isBundle"
              ><i>·</i><NuxtLink :to="`/bundles/${encodeURIComponent(bench.product.sku)}`">a bundle</NuxtLink></template
            >
            <template v-if="bench.product.status !== 'active'"
              ><i>·</i><span class="wrong">{{ bench.product.status }}, not for sale</span></template
            >
          </p>
          <p v-if="bench.product.inBundles.length" class="small soft line bundles">
            also in {{ bench.product.inBundles.length === 1 ? 'the bundle' : 'the bundles' }}
            <template v-for="(each, i) in bench.product.inBundles.slice(0, 3)" :key="each.sku"
              ><template v-if="i">, </template
              ><NuxtLink :to="`/bundles/${encodeURIComponent(each.sku)}`">{{ each.name }}</NuxtLink></template
            >
            <template v-if="bench.product.inBundles.length > 3">and {{ bench.product.inBundles.length - 3 }} more</template>
          </p>
          <p class="traits">
            <span
              v-for="{ words, ignored } in traits"
              :key="words"
              :class="{ ignored }"
              :title="ignored ? 'Does not count for neighbours' : undefined"
              >{{ words }}</span
            >
            <span v-if="leftOut.length" class="ignored-out">without {{ leftOut.join(', ') }}</span>
          </p>
        </div>
        <button
          type="button"
          class="icon-button"
          aria-label="What counts for neighbours"
          aria-keyshortcuts="N"
          @click="settingNeighbours = true"
        >
          <PhSlidersHorizontal /><v-tooltip activator="parent" location="bottom"
            >Which traits count for suggestions and rules<span class="key">N</span></v-tooltip
          >
        </button>
      </header>
      <div class="lanes">
        <BenchLane
          v-for="kind in bench.kinds"
          :key="kind.key"
          :kind="kind"
          @open="sku => emit('open', sku)"
          @find="emit('find', kind.key)"
          @edited="emit('edited', kind.key)"
          @linked="emit('linked', kind.key)"
          @focus-card="index => focusCard(kind.key, index)"
          @leave="(by, index) => toLane(kind.key, by, index)"
        />
        <button v-if="!bench.page" type="button" class="text-button kinds" aria-keyshortcuts="K" @click="emit('kinds')">
          Kinds of links<v-tooltip activator="parent" location="right">Add, change or retire kinds<span class="key">K</span></v-tooltip>
        </button>
      </div>
      <NeighboursDialog v-if="settingNeighbours" @close="settingNeighbours = false" @save="setNeighbours" />
      <CopyDialog v-if="copying" @close="copying = false" @copy="copy" />
    </template>
    <div v-else-if="bench.problem" class="blank">
      <h1>This product can’t be shown</h1>
      <p class="soft">{{ bench.problem.message }}</p>
    </div>
    <div v-else-if="!bench.loading" class="blank">
      <svg width="132" height="84" viewBox="0 0 132 84" fill="none" stroke-linecap="round" stroke-linejoin="round" aria-hidden="true">
        <rect x="4" y="18" width="36" height="48" rx="6" fill="#efeae0" />
        <path d="M50 30h14M50 42h14M50 54h14" stroke="#d99a1c" stroke-width="3" />
        <rect x="74" y="10" width="24" height="20" rx="5" fill="#e2eeee" />
        <rect x="74" y="35" width="24" height="20" rx="5" fill="#e2eeee" />
        <rect x="104" y="10" width="24" height="20" rx="5" fill="#e2eeee" />
        <rect x="74" y="60" width="24" height="20" rx="5" stroke="#ddd5c6" stroke-width="1.5" stroke-dasharray="4 4" />
      </svg>
      <h1>Choose a product</h1>
      <p class="soft">
        Its links appear here, kind by kind. Find it in the list on the left, or press <span class="key">Ctrl K</span>. Mark several with
        <span class="key">Space</span> or Ctrl and click to edit their lanes together.
      </p>
    </div>
  </section>
</template>

<style scoped>
.bench {
  position: relative;
  display: flex;
  flex-direction: column;
  height: 100%;
  background: var(--sheet);
}
.busy {
  position: absolute;
  top: 0;
  left: 0;
  right: 0;
  z-index: 2;
}
header {
  display: flex;
  gap: 14px;
  align-items: flex-start;
  padding: 14px 14px 12px 18px;
  border-bottom: 1px solid var(--line-soft);
}
.thumb {
  width: 60px;
  height: 60px;
  border-radius: 9px;
}
.facts {
  flex: 1;
  min-width: 0;
}
h1 {
  font-size: 20px;
  line-height: 1.2;
}
.line {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 6px;
  margin: 3px 0 0;
}
.line b {
  color: var(--ink);
}
.line i {
  font-style: normal;
}
.line a {
  color: var(--petrol);
  font-weight: 600;
}
.traits {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 5px;
  margin: 6px 0 0;
  max-height: 42px;
  overflow: hidden;
}
.traits span {
  padding: 0 6px;
  border-radius: 4px;
  background: var(--sunk);
  font-size: 11.5px;
  line-height: 19px;
  white-space: nowrap;
}
.traits .ignored {
  background: none;
  box-shadow: inset 0 0 0 1px var(--line-soft);
  color: var(--ink-soft);
  text-decoration: line-through;
}
.traits .ignored-out {
  background: none;
  color: var(--ink-soft);
}
.several {
  max-height: 40%;
}
.several .facts {
  display: flex;
  flex-direction: column;
  max-height: 100%;
}
.members {
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
  margin: 8px 0 0;
  padding: 0;
  overflow-y: auto;
  max-height: 94px;
  list-style: none;
}
.members li {
  display: flex;
  align-items: center;
  max-width: 190px;
  border-radius: 6px;
  background: var(--sunk);
}
.member {
  display: flex;
  align-items: center;
  gap: 6px;
  min-width: 0;
  padding: 3px 2px 3px 4px;
  border: 0;
  background: none;
  color: inherit;
  font: 12px/1.3 var(--text);
  cursor: pointer;
}
.member:hover span {
  text-decoration: underline;
  text-underline-offset: 2px;
}
.tiny {
  width: 20px;
  height: 20px;
  border-radius: 4px;
}
.out {
  display: grid;
  place-items: center;
  flex: none;
  width: 22px;
  height: 24px;
  border: 0;
  background: none;
  color: var(--ink-soft);
  cursor: pointer;
}
.out:hover {
  color: var(--clay-ink);
}
.copy {
  display: flex;
  align-items: center;
  gap: 7px;
  flex: none;
}
.lanes {
  flex: 1;
  overflow-y: auto;
}
.kinds {
  margin: 10px 18px;
}
.blank {
  display: grid;
  justify-items: center;
  align-content: center;
  gap: 8px;
  flex: 1;
  padding: 24px;
  text-align: center;
}
.blank p {
  margin: 0;
  max-width: 34ch;
}
.blank svg {
  margin-bottom: 8px;
}
</style>
