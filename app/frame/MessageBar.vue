<script setup lang="ts">
import { useTimeoutFn } from '@vueuse/core'
import { useMessages } from '../data/messages'
import { frameWords } from './words'

const say = frameWords.messageBar

const messages = useMessages()
// Each message has its full time: the bar's own timer would go on from the message before.
const staysFor = computed(() => (messages.current?.tone === 'refused' ? 12_000 : 5_000))
const { start, stop } = useTimeoutFn(() => messages.clear(), staysFor, { immediate: false })
watch(
  () => messages.current,
  now => (now ? start() : stop()),
)
function act(): void {
  const action = messages.current?.action
  messages.clear()
  action?.run()
}
</script>

<template>
  <!-- What comes into it is read aloud. -->
  <div aria-live="polite">
    <div
      v-if="messages.current"
      class="message-bar"
      :role="messages.current.tone === 'refused' ? 'alert' : 'status'"
      @pointerenter="stop"
      @pointerleave="start"
      @focusin="stop"
      @focusout="start"
    >
      <span class="words" :class="messages.current.tone">{{ messages.current.words }}</span>
      <button v-if="messages.current.action" type="button" class="act" @click="act">{{ messages.current.action.words }}</button>
      <button type="button" class="act" :aria-label="say.close" @click="messages.clear()">×</button>
    </div>
  </div>
</template>

<style scoped>
/* It stands below everything and covers nothing; above dialogs, which cover all else. */
.message-bar {
  position: relative;
  z-index: 2900;
  display: flex;
  align-items: center;
  gap: 2px;
  min-height: 46px;
  padding: 7px 16px;
  background: var(--ink);
  color: #fff;
}
.words {
  flex: 1;
  font: 14px/1.4 var(--text);
}
.words.refused::before {
  content: '';
  display: inline-block;
  width: 8px;
  height: 8px;
  margin-right: 9px;
  border-radius: 50%;
  background: #e58d76;
}
.act {
  padding: 6px 10px;
  border: 0;
  border-radius: 6px;
  background: rgb(255 255 255 / 0.12);
  color: #fff;
  font: 600 13px/1.2 var(--text);
  cursor: pointer;
  margin-left: 6px;
  white-space: nowrap;
}
.act:hover {
  background: rgb(255 255 255 / 0.22);
}
</style>
