<script setup lang="ts">
import type { DeliveredSection } from '../../../../../core/delivery/contract/pages'
import { devices, isBeyond } from '../../../../../core/sections/display'

/** Categories, each with a picture. */
const props = defineProps<{ section: DeliveredSection }>()
const look = computed(() => props.section.display)
const beyond = (index: number) => devices.filter(device => isBeyond(look.value.devices[device], index)).map(device => `beyond-${device}`)
</script>

<template>
  <ul class="columns tiles">
    <li v-for="(each, i) in section.categories" :key="each.key" :class="beyond(i)">
      <NuxtLink :to="`/shop/categories/${each.key}`" class="tile" :class="look.picture" :data-category="each.key">
        <span class="shot"><ShopPicture :src="each.image" alt="" /></span>
        <span class="name">{{ each.name }}</span>
      </NuxtLink>
    </li>
  </ul>
</template>

<style scoped>
.tiles {
  gap: var(--section-gap);
}
.tile {
  display: grid;
  gap: 9px;
  height: 100%;
  align-content: start;
  padding: var(--card-inset);
  border: var(--card-border);
  border-radius: var(--section-corner);
  background: var(--card-ground);
  color: inherit;
  text-decoration: none;
}
.shot {
  display: block;
  aspect-ratio: 4 / 3;
  border-radius: var(--picture-corner);
  overflow: hidden;
}
.square .shot {
  aspect-ratio: 1;
}
.portrait .shot {
  aspect-ratio: 4 / 5;
}
.name {
  font-weight: 600;
  line-height: 1.3;
  overflow-wrap: anywhere;
}
.tile:hover .name {
  text-decoration: underline;
  text-underline-offset: 3px;
}
</style>
