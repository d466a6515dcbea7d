<script setup lang="ts">
import PhDownloadSimple from '~icons/ph/download-simple'
import { useExchange } from './useExchange'

/** Hands files out, and says what is in them. */
const { exchange, failed, load } = useExchange()
</script>

<template>
  <section class="export" aria-label="Export">
    <h2>Take a file out</h2>
    <p class="soft">What you take out, change in a spreadsheet and bring in again changes only what you changed.</p>
    <p v-if="failed" class="wrong" role="alert">{{ failed }} <button type="button" class="text-button" @click="load">Try again</button></p>
    <article v-for="file in exchange.kinds" :key="file.kind">
      <div>
        <h3>{{ file.name }}</h3>
        <p class="small soft">{{ file.holds }}</p>
      </div>
      <a
        v-for="{ format, extension } in exchange.formats"
        :key="format"
        class="plain-button get"
        :href="`/api/exchange/export?kind=${file.kind}&format=${format}&mark=1`"
        :download="`${file.kind}.${extension}`"
      >
        <PhDownloadSimple width="16" height="16" />{{ file.kind }}.{{ extension }}
      </a>
      <p class="columns">
        <span v-for="column in file.columns" :key="column" class="mono">{{ column }}</span>
      </p>
    </article>
    <SetUpPart />
    <TimeZonePart />
    <h2 class="rules">How files are read</h2>
    <ul class="small soft">
      <li>
        CSV in UTF-8; commas or semicolons. The first line names the columns, in any order. A column that is missing leaves things as they
        are; an empty cell empties them.
      </li>
      <li>
        Several values in a cell are separated by <span class="mono">|</span>; attributes and options are
        <span class="mono">name=value</span>; a category is a path such as <span class="mono">Hives &gt; Frames</span>.
      </li>
      <li>
        A <span class="mono">place</span> counts from 1 in the finished lane. Left empty, a new link goes to the end. Links that a file does
        not name stay.
      </li>
      <li>
        A variant names its product under <span class="mono">variantOf</span>. A name in another language is a column such as
        <span class="mono">name@de</span>.
      </li>
      <li>
        Programs can do the same: <span class="mono">POST /api/exchange/import?kind=links&amp;dry=1</span> and
        <span class="mono">GET /api/exchange/export?kind=links</span>; the set-up is at <span class="mono">/api/exchange/set-up</span>, its
        schema at <span class="mono">/api/exchange/set-up.schema.json</span>.
      </li>
    </ul>
  </section>
</template>

<style scoped>
.export {
  height: 100%;
  overflow-y: auto;
  padding: 18px 20px;
  background: var(--paper);
  border-left: 1px solid var(--line);
}
h2 {
  font-size: 18px;
}
h3 {
  font-size: 14.5px;
}
.export > p {
  margin: 4px 0 14px;
}
article {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 4px 12px;
  align-items: center;
  padding: 14px 0;
  border-top: 1px solid var(--line);
}
article p {
  margin: 2px 0 0;
}
.get {
  display: flex;
  align-items: center;
  gap: 7px;
  background: var(--sheet);
  text-decoration: none;
}
.columns {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
}
.rules {
  margin-top: 14px;
  padding-top: 18px;
  border-top: 1px solid var(--line);
  font-size: 15px;
}
ul {
  display: grid;
  gap: 7px;
  margin: 8px 0 0;
  padding-left: 18px;
}
.export .mono {
  font-size: 11.5px;
}
</style>
