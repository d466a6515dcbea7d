<script setup lang="ts">
/** The head of a list of one of two sorts of things of a workspace, with the way to the other. */
defineProps<{
  label: string
  on: string
  ways: readonly { to: string; words: string }[]
  /** The way back leads to where somebody was before both. */ replace?: boolean
}>()
</script>

<template>
  <div class="tools">
    <nav class="choice" :aria-label="label">
      <NuxtLink v-for="each in ways" :key="each.to" :to="each.to" :replace="replace" :aria-current="each.to === on ? 'page' : undefined">{{
        each.words
      }}</NuxtLink>
    </nav>
    <slot />
  </div>
</template>

<style scoped>
.tools {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 8px;
  padding: 12px;
  border-bottom: 1px solid var(--line-soft);
}
.choice a {
  display: grid;
  align-items: center;
  height: 32px;
  padding: 0 14px;
  border-radius: 6px;
  color: var(--ink-soft);
  font: 550 13px/1 var(--text);
  text-decoration: none;
}
.choice [aria-current] {
  background: var(--sheet);
  color: var(--ink);
  box-shadow: 0 1px 2px rgb(31 41 51 / 0.14);
}
</style>
