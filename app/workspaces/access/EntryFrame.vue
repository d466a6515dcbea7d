<script setup lang="ts">
import { accessWords } from './words'

const say = accessWords.entry
/** What stands before the studio: who one is. */
defineProps<{ title: string }>()
</script>

<template>
  <main class="entry">
    <div class="mark" aria-hidden="true">
      <svg width="39" height="30" viewBox="0 0 26 20" fill="none" stroke-width="2.6" stroke-linecap="round">
        <path d="M2 17V9a4.5 4.5 0 0 1 9 0v8" stroke="var(--petrol)" />
        <path d="M11 17V7a4.5 4.5 0 0 1 9 0v10" stroke="var(--petrol)" />
        <path d="M20 17v-6a2.6 2.6 0 0 1 4.6-1.7" stroke="var(--saffron)" />
      </svg>
      <span>{{ say.manada }}</span>
    </div>
    <section class="card">
      <h1>{{ title }}</h1>
      <slot />
    </section>
    <a href="/shop" class="small">{{ say.toTheShop }}</a>
  </main>
</template>

<style scoped>
.entry {
  display: grid;
  justify-items: center;
  align-content: center;
  gap: 22px;
  min-height: 100dvh;
  padding: 24px;
  box-sizing: border-box;
  background: var(--paper);
}
.mark {
  display: flex;
  align-items: center;
  gap: 12px;
  font: 700 30px/1 var(--head);
  letter-spacing: -0.03em;
}
.card {
  width: min(400px, 100%);
  padding: 26px 28px 28px;
  border: 1px solid var(--line);
  border-radius: var(--r3);
  background: var(--sheet);
  box-sizing: border-box;
}
h1 {
  margin-bottom: 16px !important;
  font-size: 22px;
}
a {
  color: var(--petrol);
  font-weight: 600;
}
.card :deep(label) {
  display: grid;
  gap: 5px;
  color: var(--ink-soft);
  font-size: 13px;
}
.card :deep(.plain-input) {
  height: 40px;
  font-size: 15px;
}
.card :deep(.main-button),
.card :deep(.plain-button) {
  height: 40px;
}
</style>
