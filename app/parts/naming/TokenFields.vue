<script setup lang="ts" generic="Token extends string">
import { namingWords } from './words'

const say = namingWords.tokenFields

/** Fields whose texts can have words that are filled in; each is put where the caret stood last. Fields in `data-plain` have none. */
defineProps<{ tokens: readonly (readonly [token: Token, words: string])[] }>()

const root = useTemplateRef('root')
let last: HTMLInputElement | null = null
function remember({ target }: FocusEvent): void {
  if (target instanceof HTMLInputElement && !target.closest('[data-plain]')) last = target
}
function insert(token: Token): void {
  const field = last?.isConnected ? last : root.value?.querySelector('input')
  if (!field) return
  field.focus()
  const at = field.selectionStart ?? field.value.length
  const gap = at > 0 && !/[\s({]/.test(field.value[at - 1]!) ? ' ' : ''
  field.setRangeText(`${gap}{${token}}`, at, field.selectionEnd ?? at, 'end')
  field.dispatchEvent(new Event('input', { bubbles: true }))
  field.dispatchEvent(new Event('change', { bubbles: true }))
}
</script>

<template>
  <div ref="root" class="fields" @focusin="remember">
    <div class="top">
      <span class="small soft">{{ say.fillIn }}</span>
      <button
        v-for="[token, words] in tokens"
        :key="token"
        type="button"
        class="token"
        :aria-label="say.fillInWith(words)"
        @mousedown.prevent
        @click="insert(token)"
      >
        {{ words }}
      </button>
    </div>
    <slot />
  </div>
</template>

<style scoped>
.fields {
  display: grid;
  gap: 8px;
}
.top {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px;
}
.token {
  height: 28px;
  padding: 0 10px;
  border: 1px dashed #b9b09e;
  border-radius: 14px;
  background: none;
  color: var(--petrol-ink);
  font: 550 12.5px/1 var(--text);
  cursor: pointer;
}
.token:hover {
  background: var(--petrol-wash);
  border-color: var(--petrol);
}
</style>
