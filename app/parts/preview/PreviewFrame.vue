<script setup lang="ts">
import { omit } from 'es-toolkit'
import { useElementSize, useEventListener } from '@vueuse/core'
import type { ShownPage } from '../../../core/delivery/shownPage'
import { shownPageSchema } from '../../../core/delivery/shownPage'
import { framesToken } from '../../data/previewToken'
import type { Device } from './devices'
import { deviceWidths } from './devices'
import { withToken } from './previewAddress'

/** A real page of the shop, drawn as wide as a device is and made to fit. */
const props = defineProps<{ address: string; device: Device; title: string }>()
/** `shows`: what stands in it now, also when somebody goes on from there or puts something into the cart. */
const emit = defineEmits<{ shows: [page: ShownPage] }>()
const frame = useTemplateRef<HTMLIFrameElement>('frame')
const stage = useTemplateRef<HTMLElement>('stage')
const { width, height } = useElementSize(stage)
const scale = computed(() => Math.min(1, (width.value || deviceWidths[props.device]) / deviceWidths[props.device]))
/** A phone stays narrow; a wider page takes the room there is. */
const drawn = computed(() =>
  props.device === 'desktop' ? Math.max(deviceWidths.desktop, width.value / scale.value) : deviceWidths[props.device],
)

/** Whether something changed since the page was asked for. */
let hasChanged = false
/** The address with what opens drafts, which the studio alone may ask for. */
const opened = shallowRef<string>()
watch(
  () => props.address,
  async address => {
    hasChanged = false
    // Without, the shop says itself what it does not show.
    const token = /[?&]draft=1/.test(address) ? await framesToken().catch(() => null) : null
    if (address === props.address) opened.value = token ? withToken(address, token) : address
  },
  { immediate: true },
)
const tell = () => frame.value?.contentWindow?.postMessage('manada:changed', location.origin)
/** Lets the page take its sections anew. */
function update(): void {
  hasChanged = true
  tell()
}
useEventListener(window, 'message', ({ origin, source, data }: MessageEvent) => {
  if (origin !== location.origin || source !== frame.value?.contentWindow) return
  // A page that is only now beginning to listen has missed what changed on its way.
  if (data === 'manada:listening' && hasChanged) tell()
  const shown = shownPageSchema.safeParse(data).data
  // Who opens drafts by what is nobody else's business.
  if (shown) emit('shows', { path: shown.path, query: omit(shown.query, ['preview']) })
})
defineExpose({ update })
</script>

<template>
  <div ref="stage" class="stage">
    <iframe
      :key="opened"
      ref="frame"
      :src="opened"
      :title="title"
      :style="{ width: `${drawn}px`, height: `${height / scale}px`, transform: `scale(${scale})` }"
    />
  </div>
</template>

<style scoped>
.stage {
  flex: 1;
  min-height: 0;
  overflow: hidden;
  display: flex;
  justify-content: center;
}
iframe {
  flex: none;
  border: 0;
  background: #fdfcf9;
  transform-origin: top center;
}
</style>
