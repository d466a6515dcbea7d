<script setup lang="ts">
import { useWorkbench } from './workbench'
import type { NeighbourSettings } from '../../../../core/catalogue/neighbours'
import { useShortcut } from '../../../elements/useShortcut'
import { benchWords } from '../words/bench'

const say = benchWords.benchPane

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
const root = useTemplateRef<HTMLElement>('root')

const aboutPage = computed(() => {
  if (bench.page === 'article') return say.anArticleWhatItNames
  const above = bench.product?.brand
  return say.aCategoryWhatIsRelated(above ? say.below(above) : '')
})

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
  <section ref="root" class="bench" :aria-label="say.bench">
    <v-progress-linear v-if="bench.loading" indeterminate color="primary" height="2" class="busy" :aria-label="say.loadingTheProduct" />
    <template v-if="bench.product">
      <SeveralHead
        v-if="bench.several"
        :products="bench.products"
        @open="sku => emit('open', sku)"
        @take="sku => emit('take', sku)"
        @copy="copying = true"
      />
      <BenchHead v-else-if="bench.page" :name="bench.product.name" :image="bench.product.image">
        <p class="small soft line">{{ aboutPage }}</p>
      </BenchHead>
      <ProductHead v-else :product="bench.product" @neighbours="settingNeighbours = true" />
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
          {{ say.kindsOfLinks
          }}<v-tooltip activator="parent" location="right">{{ say.addChangeOrRetireKinds }}<span class="key">K</span></v-tooltip>
        </button>
      </div>
      <NeighboursDialog v-if="settingNeighbours" @close="settingNeighbours = false" @save="setNeighbours" />
      <CopyDialog v-if="copying" @close="copying = false" @copy="copy" />
    </template>
    <div v-else-if="bench.problem" class="blank">
      <h1>{{ say.thisProductCantBeShown }}</h1>
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
      <h1>{{ say.chooseAProduct }}</h1>
      <p class="soft">
        {{ say.itsLinksAppearHereKind }} <span class="key">Ctrl K</span>{{ say.markSeveralWith }} <span class="key">Space</span>
        {{ say.orCtrlAndClickTo }}
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
h1 {
  font-size: 20px;
  line-height: 1.2;
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
