<script setup lang="ts">
import type { Sketched } from './pageSketch'
import { publishWords } from './words'

const say = publishWords.pageSketch

/** What stands on a page, small: each section with its heading and pictures, and what became of it. */
defineProps<{
  title: string
  sections: readonly Sketched[] | null
  /** Why there is nothing to draw; empty: nothing is wrong. */ failed: string
}>()
const mostPictures = 8
</script>

<template>
  <section class="sketch" :aria-label="title">
    <p class="small soft title">{{ title }}</p>
    <div class="page">
      <div class="head" aria-hidden="true">
        <i class="picture" /><span class="lines"><i /><i class="button" /></span>
      </div>
      <p v-if="failed" class="small wrong">{{ failed }}</p>
      <template v-else-if="sections">
        <div v-for="each in sections" :key="each.id" class="section" :class="each.became">
          <p class="heading">
            <b>{{ each.heading }}</b>
            <span v-if="each.words" class="words">{{ each.words }}</span>
          </p>
          <ul>
            <li v-for="picture in each.pictures.slice(0, mostPictures)" :key="picture.id">
              <ProductPicture :src="picture.image" class="thumb" /><span class="unseen">{{ picture.name }}</span
              ><v-tooltip activator="parent" location="bottom">{{ picture.name }}</v-tooltip>
            </li>
            <li v-if="each.pictures.length > mostPictures" class="small soft">+{{ each.pictures.length - mostPictures }}</li>
          </ul>
        </div>
        <p v-if="!sections.length" class="small soft">{{ say.nothing }}</p>
      </template>
    </div>
  </section>
</template>

<style scoped>
.sketch {
  display: flex;
  flex-direction: column;
  min-width: 0;
}
.title {
  margin: 0 0 5px 2px;
}
.page {
  flex: 1;
  display: grid;
  align-content: start;
  gap: 8px;
  min-height: 320px;
  padding: 9px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--sheet);
}
.page > p {
  margin: 0;
}
.head {
  display: grid;
  grid-template-columns: 48px 1fr;
  gap: 8px;
}
.head i {
  display: block;
  border-radius: 4px;
  background: var(--sunk);
}
.head .picture {
  height: 40px;
}
.lines {
  display: grid;
  align-content: space-between;
}
.lines i {
  width: 72%;
  height: 7px;
}
.lines .button {
  width: 100%;
  height: 12px;
  background: #c9c0ad;
}
.section {
  padding: 6px;
  border: 2px solid transparent;
  border-radius: 7px;
}
.section.less {
  border-color: var(--clay);
}
.section.more {
  border-color: var(--moss);
}
.section.others {
  border-color: var(--saffron);
}
.heading {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 0 6px;
  margin: 0 0 5px;
  font-size: 11.5px;
  line-height: 1.3;
}
.words {
  color: var(--ink-soft);
  font-weight: 600;
}
.less .words {
  color: var(--clay-ink);
}
.more .words {
  color: var(--moss-ink);
}
.others .words {
  color: var(--saffron-ink);
}
ul {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  position: relative;
}
.thumb {
  width: 30px;
  height: 30px;
}
</style>
