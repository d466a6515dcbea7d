<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import type { CommandAnswer } from '../../core/workbench/workbench'
import { useHistory } from '../data/history'
import { useMessages } from '../data/messages'
import { troubles } from '../data/serverState'
import { useDrafts } from '../data/drafts'
import { focusWhenShown } from '../elements/focusWhenShown'
import { workspace } from '../elements/useFocusBack'
import { useShortcut } from '../elements/useShortcut'
import { frameWords } from './words'

const say = frameWords.studioFrame

/** What every workspace has: what it loads first, the top bar, undo and redo, finding a product, the sheet of keys, and messages. */
const props = withDefaults(
  defineProps<{
    load: () => Promise<unknown>
    /** What was loaded can be shown. */ ready: boolean
    /** Opens a product that was looked for. */ choose?: (sku: string) => unknown
  }>(),
  { choose: (sku: string) => navigateTo(`/products/${encodeURIComponent(sku)}`) },
)
const emit = defineEmits<{ stepped: [answer: CommandAnswer] }>()
const history = useHistory()
const drafts = useDrafts()
const messages = useMessages()
const failed = ref('')
onMounted(() => props.load().catch((error: Error) => (failed.value = error.message)))
const quickFind = ref(false)
const keySheet = ref(false)
onMounted(() => drafts.answer ?? drafts.load().catch(error => messages.refuse(error)))

/** What was chosen is at hand then, also in another workspace. */
async function chosen(sku: string): Promise<void> {
  await props.choose(sku)
  focusWhenShown(workspace)
}

/** Undoes or redoes, or takes one entry of the history back. */
async function step(to: 'undo' | 'redo' | { revert: number }): Promise<void> {
  const answer = await history.step(to)
  if (answer) emit('stepped', answer)
}

// Whoever leaves while edits are on their way is asked first.
useEventListener(window, 'beforeunload', event => history.pending && event.preventDefault())

useShortcut('z', () => step('undo'), { ctrl: true, shift: false })
useShortcut(['z', 'Z'], () => step('redo'), { ctrl: true, shift: true })
useShortcut('y', () => step('redo'), { ctrl: true })
useShortcut('k', () => (quickFind.value = true), { ctrl: true })
useShortcut('?', () => (keySheet.value = true))
defineExpose({ step })
</script>

<template>
  <div class="workspace">
    <TopBar @undo="step('undo')" @redo="step('redo')" @find="quickFind = true" @keys="keySheet = true" />
    <p v-for="trouble of troubles" :key="trouble" class="trouble" role="status">{{ trouble }}</p>
    <p v-if="failed" class="failed wrong" role="alert">
      {{ failed }} <a href="">{{ say.reloadThePage }}</a>
    </p>
    <main v-else-if="ready" class="panes" tabindex="-1"><slot /></main>
    <v-progress-linear v-else indeterminate color="primary" height="2" :aria-label="say.loading" />
    <QuickFind v-model="quickFind" @choose="chosen" />
    <KeySheet v-model="keySheet" />
    <WideEditDialog />
    <MessageBar />
    <SignedOutDialog />
  </div>
</template>

<style scoped>
.failed {
  padding: 24px;
}
.trouble {
  flex: none;
  margin: 0;
  padding: 9px 18px;
  background: var(--clay-wash);
  color: var(--clay-ink);
  font-weight: 600;
}
/* It has the focus when nothing in it has. */
.panes:focus {
  outline: none;
}
.panes {
  flex: 1;
  min-height: 0;
}
.workspace {
  display: flex;
  flex-direction: column;
  height: 100dvh;
  min-width: 0;
}
</style>
