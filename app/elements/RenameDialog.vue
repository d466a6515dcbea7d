<script setup lang="ts">
import { elementsWords } from './words'

const say = elementsWords.renameDialog
/** Asks for another name. */
const props = defineProps<{ title: string; name: string }>()
const emit = defineEmits<{ close: []; rename: [name: string] }>()
const next = ref(props.name)
const rename = () => emit('rename', next.value.trim())
</script>

<template>
  <AskDialog :title="title" :verb="say.rename" :possible="next.trim() !== ''" :width="380" @close="emit('close')" @go="rename">
    <v-text-field v-model="next" maxlength="100" autofocus :aria-label="say.name" />
  </AskDialog>
</template>
