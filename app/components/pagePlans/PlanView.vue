<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import type { PagePlan } from '../../../core/pagePlans/pagePlan'
import { planPagesAnswer } from '../../../core/pagePlans/planAnswers'
import { useSectionDrafts } from '../../stores/sectionDrafts'
import { callApi } from '../../utils/callApi'
import type { Device } from '../../utils/devices'
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

const address = computed(() => {
  if (!row.value) return null
  const about = encodeURIComponent(row.value.about)
  return { product: `/shop/products/${about}?`, added: `/shop/products/${about}?added=${about}&`, cart: `/shop/cart?cart=${about}&`, category: `/shop/categories/${about}?`, article: `/shop/articles/${about}?` }[props.plan.page] + 'preview=1&draft=1'
})
const frame = useTemplateRef('frame')
watch(() => store.edition, () => frame.value?.update())
</script>

<template>
  <div class="preview">
    <div class="tools">
      <button type="button" class="icon-button" :disabled="at === 0" aria-label="The page before" @click="at--"><PhCaretLeft /></button>
      <button type="button" class="icon-button" :disabled="at >= count - 1" aria-label="The next page" @click="at++"><PhCaretRight /></button>
      <span v-if="row" class="cut name">{{ plan.page === 'cart' ? `A cart with ${row.name}` : row.name }}</span><span v-if="row" class="small soft place">{{ (at + 1).toLocaleString('en') }} of {{ count.toLocaleString('en') }}</span>
      <span class="grow" />
      <DeviceChoice v-model="device" />
    </div>
    <PreviewFrame v-if="address" ref="frame" :address="address" :device="device" title="A page of the shop with this plan" />
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
</style>
