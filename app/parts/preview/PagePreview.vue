<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { draftedSorts } from '../../../core/releases/draftedSorts'
import type { PageKind } from '../../../core/pageTypes/registry'
import { useDrafts } from '../../data/drafts'
import { useMessages } from '../../data/messages'
import { guestToken } from '../../data/previewToken'
import { useTried } from './tried'
import type { Device } from './devices'
import type { ShownPage } from '../../../core/delivery/shownPage'
import type { Pretence, ShownVersion } from './previewAddress'
import { hasDraft, previewAddress, withToken } from './previewAddress'
import { useShownVersion } from './useShownVersion'
import PhColumns from '~icons/ph/columns'
import PhLinkSimple from '~icons/ph/link-simple'
import { previewWords } from './words'

const say = previewWords.pagePreview

/** The shop's real page for whoever and whatever is tried, as it will be after publishing, beside what is live if wanted. */
const props = defineProps<{
  page: PageKind
  /** SKU or key of what the page is about; null: nothing yet. */ about: string | null
  /** Where it begins; none: at the top. */ section?: string
  /** Which workspace keeps how wide it is. */ of: 'try' | 'plan' | 'publish' | 'bundle'
  /** As what it is shown; left out: as somebody chooses. */ version?: ShownVersion
  /** What is pretended of it, where drafts are shown. */ as?: Pretence
}>()
/** `shows`: what stands in the frame of the page as it will be. */
const emit = defineEmits<{ shows: [page: ShownPage] }>()
const store = useDrafts()
const messages = useMessages()
const tried = useTried()
const device = useLocalStorage<Device>(`manada-${props.of}-device`, ['try', 'bundle'].includes(props.of) ? 'phone' : 'desktop')
const beside = useLocalStorage(`manada-${props.of}-beside`, props.of === 'publish')
const { version: chosen, choose, choices } = useShownVersion()
const version = computed(() => props.version ?? chosen.value.version)

/** Of what is not in the shop that is shown, nothing can be pretended. */
const as = computed((): Pretence => {
  const { plan, foot } = props.as ?? {}
  const isIn = (sort: 'plans' | 'sections', key: string) => {
    const stored = store.storedOf(sort, key)
    return Boolean(hasDraft(version.value, `${draftedSorts[sort].of}:${key}`) ? stored?.draft : stored?.live)
  }
  return { ...(plan && isIn('plans', plan) && { plan }), ...(foot && isIn('sections', foot) && { foot }) }
})
const shown = computed(() =>
  (['live', 'then'] as const).flatMap(key =>
    props.about === null || (key === 'live' && !beside.value)
      ? []
      : {
          key,
          words: key === 'live' ? say.asItIs : say.asItWillBe,
          address: previewAddress(props.page, props.about, tried, key === 'live' ? 'live' : version.value, props.section, as.value),
        },
  ),
)
/** Days for which whoever is asked for a look can have one. */
const days = 7
/** A link for somebody who is asked for a look; null: nobody is asked now. */
const link = ref<string | null>(null)
async function askForALook(): Promise<void> {
  if (props.about === null) return
  const address = previewAddress(props.page, props.about, tried, version.value, props.section, as.value)
  try {
    link.value = withToken(location.origin + address, await guestToken(days))
  } catch (error) {
    messages.refuse(error)
  }
}
const frames = useTemplateRef('frames')
watch(
  () => store.edition,
  () => {
    for (const frame of frames.value ?? []) frame?.update()
  },
)
</script>

<template>
  <div class="preview">
    <div class="tools">
      <slot />
      <span class="grow" />
      <slot name="end" />
      <VersionMenu v-if="!props.version" :choices="choices" :chosen="chosen" @choose="choose" />
      <button
        type="button"
        class="icon-button"
        :class="{ on: beside }"
        :aria-pressed="beside"
        :aria-label="say.besideWhatIsLive"
        @click="beside = !beside"
      >
        <PhColumns /><v-tooltip activator="parent" location="bottom">{{ say.besideWhatIsLive }}</v-tooltip>
      </button>
      <button type="button" class="icon-button" :disabled="about === null" :aria-label="say.askForALook" @click="askForALook">
        <PhLinkSimple /><v-tooltip activator="parent" location="bottom">{{ say.askForALook }}</v-tooltip>
      </button>
      <DeviceChoice v-model="device" />
    </div>
    <p v-if="$slots.note" class="small note" role="status"><slot name="note" /></p>
    <ShownOnce v-if="link" :title="say.aLinkTo" :lead="say.whoeverHasIt(days)" :secret="link" @close="link = null" />
    <div v-if="shown.length" class="frames">
      <div v-for="each in shown" :key="each.key" class="one">
        <p v-if="beside" class="small soft">{{ each.words }}</p>
        <PreviewFrame
          ref="frames"
          :address="each.address"
          :device="device"
          :title="each.key === 'live' ? say.thePageAsItIs : say.thePageAsItWill"
          @shows="page => each.key === 'then' && emit('shows', page)"
        />
      </div>
    </div>
    <slot v-else name="none" />
  </div>
</template>

<style scoped>
.preview {
  flex: 1;
  min-height: 0;
  display: flex;
  flex-direction: column;
  background: var(--sunk);
}
.tools {
  container-type: inline-size;
  flex: none;
  display: flex;
  align-items: center;
  gap: 4px;
  padding: 6px 12px 6px 16px;
  border-bottom: 1px solid var(--line-soft);
  background: var(--sheet);
  font-size: 13px;
}
.grow {
  flex: 1;
}
.note {
  flex: none;
  margin: 0;
  padding: 8px 16px;
  border-bottom: 1px solid var(--line-soft);
  background: var(--paper);
}
.frames {
  flex: 1;
  min-height: 0;
  display: flex;
  gap: 10px;
}
.one {
  flex: 1;
  min-width: 0;
  display: flex;
  flex-direction: column;
}
.one p {
  margin: 0;
  padding: 5px 12px;
  text-align: center;
}
</style>
