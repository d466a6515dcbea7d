<script setup lang="ts">
import { useMe } from '../data/me'
import { elementsWords } from './words'

const say = elementsWords.settingPart

/** The frame of something that holds for the shop as a whole; what it is set with stands in a slot, below or beside. */
const props = defineProps<{ title: string; hint: string; admins?: boolean }>()
const me = useMe()
const lead = computed(() => (props.admins && !me.may('admin') ? `${props.hint} ${say.admins}` : props.hint))
</script>

<template>
  <article class="setting" :aria-label="title">
    <header>
      <div>
        <h3>{{ title }}</h3>
        <p class="small soft">{{ lead }}</p>
      </div>
      <slot name="beside" />
    </header>
    <slot />
  </article>
</template>

<style scoped>
article.setting {
  display: grid;
  grid-template-columns: 1fr;
  gap: 10px;
  padding: 14px 0;
  border-top: 1px solid var(--line);
}
header {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 12px;
}
h3 {
  font-size: 14.5px;
}
p {
  margin: 2px 0 0;
}
</style>
