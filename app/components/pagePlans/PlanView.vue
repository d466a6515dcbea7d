<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import type { PagePlan } from '../../../core/pagePlans/pagePlan'
import { planPagesAnswer } from '../../../core/pagePlans/planAnswers'
import { useSectionDrafts } from '../../stores/sectionDrafts'
import { useTried } from '../../stores/tried'
import { callApi } from '../../utils/callApi'
import type { Device } from '../../utils/devices'
import PhColumns from '~icons/ph/columns'
import PhCaretLeft from '~icons/ph/caret-left'
import PhCaretRight from '~icons/ph/caret-right'

/** The shop's real pages that get a plan, as they will be after publishing. */
const props = defineProps<{ plan: PagePlan }>()
const store = useSectionDrafts()
const device = useLocalStorage<Device>('manada-plan-device', 'desktop')

/** Which of the pages is shown. */
const at = ref(0)
const { answer, failed } = useAnswer(() => JSON.stringify([store.edition, at.value]), 60, () => callApi(planPagesAnswer, '/api/plans/pages', { query: { plan: props.plan.key, which: 'gets', offset: at.value, limit: 1 } }))
const row = computed(() => answer.value?.rows[0] ?? null)
const count = computed(() => answer.value?.gets ?? 0)
watch(count, now => at.value = Math.max(0, Math.min(at.value, now - 1)))

const tried = useTried()
/** The address of the page as it will be, and as it is for shoppers now. */
const addresses = computed(() => {
  if (!row.value) return null
  const about = encodeURIComponent(row.value.about)
  const path = { product: `products/${about}`, added: `products/${about}`, cart: 'cart', category: `categories/${about}`, article: `articles/${about}` }[props.plan.page]
  const cart = props.plan.page === 'cart' ? [...tried.cart.filter(sku => sku !== row.value!.about), row.value.about] : tried.cart
  const query = {
    preview: '1', ...cart.length && { cart: cart.join() }, ...tried.seen.length && { seen: tried.seen.join() }, ...props.plan.page === 'added' && { added: row.value.about },
    ...tried.visitor && { visitor: tried.visitor }, ...tried.day && { at: `${tried.day}T12:00:00Z` }, ...tried.language && { lang: tried.language },
  }
  const address = (more: Record<string, string>) => `/shop/${path}?${new URLSearchParams({ ...query, ...more })}`
  return { draft: address({ draft: '1' }), live: address({}) }
})
const beside = useLocalStorage('manada-plan-beside', false)
const frames = useTemplateRef('frames')
watch(() => store.edition, () => {
  for (const frame of frames.value ?? []) frame?.update()
})
const shown = computed(() => addresses.value ? [...beside.value ? [{ key: 'live', words: 'As it is', address: addresses.value.live }] : [], { key: 'draft', words: 'As it will be', address: addresses.value.draft }] : [])
</script>

<template>
  <div class="preview">
    <div class="tools">
      <button type="button" class="icon-button" :disabled="at === 0" aria-label="The page before" @click="at--"><PhCaretLeft /></button>
      <button type="button" class="icon-button" :disabled="at >= count - 1" aria-label="The next page" @click="at++"><PhCaretRight /></button>
      <span v-if="row" class="cut name">{{ plan.page === 'cart' ? `A cart with ${row.name}` : row.name }}</span><span v-if="row" class="small soft place">{{ (at + 1).toLocaleString('en') }} of {{ count.toLocaleString('en') }}</span>
      <span class="grow" />
      <WhoAndWhen with-language />
      <button type="button" class="icon-button" :class="{ on: beside }" :aria-pressed="beside" aria-label="Beside what is live" @click="beside = !beside"><PhColumns /><v-tooltip activator="parent" location="bottom">Beside what is live</v-tooltip></button>
      <DeviceChoice v-model="device" />
    </div>
    <div v-if="shown.length" class="frames">
      <div v-for="each in shown" :key="each.key" class="one">
        <p v-if="beside" class="small soft">{{ each.words }}</p>
        <PreviewFrame ref="frames" :address="each.address" :device="device" :title="each.key === 'draft' ? 'The page as it will be' : 'The page as it is'" />
      </div>
    </div>
    <p v-else-if="failed" class="note wrong">{{ failed }}</p>
    <p v-else-if="answer" class="note soft">No page gets this plan yet. Say which ones, on the right.</p>
  </div>
</template>

<style scoped>
.preview { flex: 1; min-height: 0; display: flex; flex-direction: column; background: var(--sunk); }
.tools { display: flex; align-items: center; gap: 4px; padding: 8px 12px; background: var(--sheet); border-bottom: 1px solid var(--line-soft); }
.name { padding-left: 4px; font-weight: 550; }
.place { padding-left: 8px; white-space: nowrap; }
.grow { flex: 1; }
.note { padding: 16px; }
.frames { flex: 1; min-height: 0; display: flex; gap: 10px; }
.one { flex: 1; min-width: 0; display: flex; flex-direction: column; }
.one p { margin: 0; padding: 5px 12px; text-align: center; }
</style>
