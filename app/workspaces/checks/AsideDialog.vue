<script setup lang="ts">
/** Asks why findings are put aside. */
defineProps<{ title: string }>()
const emit = defineEmits<{ close: []; aside: [reason: string] }>()
const reason = ref('')
const aside = () => emit('aside', reason.value.trim())
</script>

<template>
  <AskDialog :title="title" verb="Put aside" :possible="reason.trim() !== ''" :width="440" @close="emit('close')" @go="aside">
    <p class="soft">It is not counted any more. “Put aside” in the list keeps it, with your reason.</p>
    <label>Why <input v-model="reason" type="text" maxlength="200" autofocus placeholder="Comes back in spring" /></label>
  </AskDialog>
</template>
