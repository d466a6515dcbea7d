<script setup lang="ts">
/** Stands in the place of what is to be removed with the next publishing. */
defineProps<{ sort: string }>()
const emit = defineEmits<{ keep: [] }>()
</script>

<template>
  <div class="leaving">
    <p>This {{ sort }} is to be removed with the next publishing. Shoppers still have it.</p>
    <button type="button" class="plain-button" @click="emit('keep')">Keep it</button>
  </div>
</template>

<style scoped>
.leaving {
  display: grid;
  justify-items: start;
  gap: 12px;
  padding: 18px;
}
p {
  margin: 0;
}
</style>
