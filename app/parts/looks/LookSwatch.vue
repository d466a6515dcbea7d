<script setup lang="ts">
import type { LookParts, PageStyle } from '../../../core/looks/look'
import { lookStyle } from '../../../core/looks/lookStyle'

/** A look in small: two cards with their pictures, a line of text and a button. */
const props = defineProps<{ parts: LookParts; page: PageStyle }>()
const style = computed(() => lookStyle(props.parts, props.page))
</script>

<template>
  <span class="swatch" :style="{ ...style, background: page.ground }" aria-hidden="true">
    <span class="section"
      ><span v-for="card in 2" :key="card" class="card"
        ><i class="picture" /><i class="name" /><i class="button"><i /></i></span
    ></span>
  </span>
</template>

<style scoped>
.swatch {
  display: block;
  width: 72px;
  height: 52px;
  padding: 5px;
  border-radius: 6px;
  overflow: hidden;
}
.section {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: min(calc(var(--section-gap) / 4), 8px);
  height: 100%;
  padding: calc(var(--section-inset) / 4.5);
  border: var(--section-border);
  border-radius: calc(var(--section-corner) / 2.2);
  background: var(--section-ground);
}
.card {
  display: flex;
  flex-direction: column;
  gap: 3px;
  min-width: 0;
  padding: calc(var(--card-inset) / 4.5);
  border: var(--card-border);
  border-radius: calc(var(--section-corner) / 2.6);
  background: var(--card-ground);
}
i {
  display: block;
}
.picture {
  flex: 1;
  border-radius: calc(var(--picture-corner) / 3);
  background: color-mix(in srgb, var(--section-ink) 18%, var(--card-solid));
}
.name {
  height: 3px;
  width: 80%;
  border-radius: 2px;
  background: var(--section-ink);
}
.button i {
  width: 55%;
  height: 2px;
  margin: 2px auto 0;
  border-radius: 1px;
  background: var(--button-ink);
}
.button {
  height: 8px;
  width: 60%;
  border: 1px solid var(--button-line);
  border-radius: calc(var(--button-corner) / 2.4);
  background: var(--button-ground);
}
</style>
