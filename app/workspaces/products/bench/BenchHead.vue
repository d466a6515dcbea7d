<script setup lang="ts">
/** The head of the bench: what is on it, and what there is to say of it in lines. */
defineProps<{ name: string; /** Left out: no picture stands beside it. */ image?: string | null }>()
defineSlots<{ default(): unknown; /** Buttons at its end. */ tools?(): unknown }>()
</script>

<template>
  <header>
    <ProductPicture v-if="image !== undefined" :src="image" class="thumb" />
    <div class="facts">
      <h1>{{ name }}</h1>
      <slot />
    </div>
    <slot name="tools" />
  </header>
</template>

<style scoped>
header {
  display: flex;
  gap: 14px;
  align-items: flex-start;
  padding: 14px 14px 12px 18px;
  border-bottom: 1px solid var(--line-soft);
}
.thumb {
  width: 60px;
  height: 60px;
  border-radius: 9px;
}
.facts {
  flex: 1;
  min-width: 0;
}
h1 {
  font-size: 20px;
  line-height: 1.2;
}

:slotted(.line) {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 6px;
  margin: 3px 0 0;
}
</style>
