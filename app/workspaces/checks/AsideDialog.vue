<script setup lang="ts">
import { checksWords } from './words'

const say = checksWords.asideDialog
/** Asks why findings are put aside. */
defineProps<{ title: string }>()
const emit = defineEmits<{ close: []; aside: [reason: string] }>()
const reason = ref('')
const aside = () => emit('aside', reason.value.trim())
</script>

<template>
  <AskDialog :title="title" :verb="say.putAside" :possible="reason.trim() !== ''" :width="440" @close="emit('close')" @go="aside">
    <p class="soft">{{ say.itIsNotCountedAny }}</p>
    <label>{{ say.why }} <input v-model="reason" type="text" maxlength="200" autofocus :placeholder="say.comesBackInSpring" /></label>
  </AskDialog>
</template>
