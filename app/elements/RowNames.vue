<script setup lang="ts">
/** What a row of a list is called, and below it what else there is to say. */
defineProps<{ name: string; more: string }>()
</script>

<template>
  <span class="names"
    ><span class="name cut">{{ name }}</span
    ><span class="small soft cut">{{ more }}</span></span
  >
</template>

<style scoped>
.names {
  flex: 1;
  min-width: 0;
  display: grid;
  gap: 1px;
  line-height: 1.3;
}
.name {
  font-weight: 550;
}
[aria-current] .name {
  font-weight: 650;
}
</style>
