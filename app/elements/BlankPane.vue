<script setup lang="ts">
/** A pane with nothing in it: says so, and what to do. */
defineProps<{ title: string }>()
</script>

<template>
  <div class="blank">
    <h1>{{ title }}</h1>
    <p class="soft"><slot /></p>
  </div>
</template>

<style scoped>
.blank {
  display: grid;
  align-content: center;
  justify-items: center;
  gap: 8px;
  height: 100%;
  padding: 24px;
  background: var(--sheet);
  text-align: center;
}
.blank h1 {
  font-size: 20px;
}
.blank p {
  margin: 0;
  max-width: 34ch;
}
</style>
