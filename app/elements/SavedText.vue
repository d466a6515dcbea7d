<script setup lang="ts">
import { elementsWords } from './words'

const say = elementsWords.savedText

/**
 * A line of text that is saved when it is left, or with Enter; or while it is typed, when it is to be seen elsewhere at once. What
 * somebody is typing stays theirs: when a colleague saves other words meanwhile, both are there, and it is asked which to keep.
 */
const props = defineProps<{
  saved: string
  label: string
  most: number
  placeholder?: string
  disabled?: boolean
  /** It is never empty: emptied, it stays as it was. */
  needed?: boolean
  /** It is told while it is typed, too. */
  live?: boolean
  /** Says what is wrong with what was typed, which then stays to be mended; empty: nothing. */
  check?: (words: string) => string
}>()
/** `typing`: there may be more to come. */
const emit = defineEmits<{ change: [words: string, typing: boolean] }>()
/** null: nobody is typing. */
const typed = ref<string | null>(null)
/** What was saved when typing began, or what was told since. */
const begun = ref('')
const isSavedMeanwhile = computed(() => typed.value !== null && props.saved !== begun.value && props.saved.trim() !== typed.value.trim())

function type(words: string): void {
  if (typed.value === null) begun.value = props.saved
  typed.value = words
  if (!props.live || isSavedMeanwhile.value || wrongIn(words.trim()) || (props.needed && !words.trim())) return
  begun.value = words.trim()
  emit('change', begun.value, true)
}
const leave = () => void (typed.value === null || isSavedMeanwhile.value || keep())
const wrong = ref('')
const wrongIn = (words: string) => props.check?.(words) ?? ''
function keep(): void {
  const words = typed.value!.trim()
  wrong.value = wrongIn(words)
  if (wrong.value) return
  typed.value = null
  // What was told while it was typed may be on its way still: typed to its end, it goes at once.
  if ((props.live || words !== props.saved) && (words || !props.needed)) emit('change', words, false)
}
</script>

<template>
  <div class="saved-text">
    <v-text-field
      :model-value="typed ?? saved"
      :placeholder="placeholder"
      :maxlength="most"
      :disabled="disabled"
      :aria-label="label"
      :aria-invalid="wrong !== ''"
      @update:model-value="type"
      @change="leave"
    />
    <p v-if="wrong" class="small" role="alert">{{ wrong }}</p>
    <p v-if="isSavedMeanwhile" class="small" role="status">
      {{ say.savedMeanwhile(saved) }}
      <v-btn variant="text" size="small" @click="typed = null">{{ say.takeThat }}</v-btn>
      <v-btn variant="text" size="small" @click="keep">{{ say.keepMine }}</v-btn>
    </p>
  </div>
</template>

<style scoped>
.saved-text {
  flex: 1;
  min-width: 0;
}
p {
  margin: 2px 0 0;
  color: var(--clay);
}
</style>
